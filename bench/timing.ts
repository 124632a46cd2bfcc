/** Milliseconds of one run. */
export async function timed(work: () => unknown): Promise<number> {
  const start = performance.now()
  await work()
  return performance.now() - start
}

/** Median and 95th percentile of some figures. */
export function spread(figures: readonly number[]): { median: number, p95: number } {
  const sorted = [...figures].sort((a, b) => a - b)
  return {
    median: sorted[Math.floor(sorted.length / 2)]!,
    p95: sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * 0.95))]!,
  }
}

/** Runs two kinds of work in turn, so that a busy machine hits both alike, and returns their times. */
export async function sideBySide(
  rounds: number, a: () => unknown, b: () => unknown,
): Promise<{ a: number[], b: number[] }> {
  const times: { a: number[], b: number[] } = { a: [], b: [] }
  for (let i = 0; i < rounds; i++) {
    times.a.push(await timed(a))
    times.b.push(await timed(b))
  }
  return times
}
