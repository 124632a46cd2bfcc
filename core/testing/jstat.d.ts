/** The little of the statistics library that tests check ours against; it ships no types. */
declare module 'jstat' {
  const jstat: {
    readonly jStat: {
      mean: (values: readonly number[]) => number
      stdev: (values: readonly number[], sample: boolean) => number
      readonly normal: {
        pdf: (x: number, mean: number, sd: number) => number
        cdf: (x: number, mean: number, sd: number) => number
        inv: (share: number, mean: number, sd: number) => number
      }
    }
  }
  export default jstat
}
