/** Noise of spread 1 around 0, the same in every run: twelve draws of a fixed generator, summed. */
export function whiteNoise(seed) {
  let state = seed
  const draw = () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
  return () => Array.from({ length: 12 }, draw).reduce((a, b) => a + b, -6)
}
