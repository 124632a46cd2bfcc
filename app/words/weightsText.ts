/** What there may be of one implement: kilograms or newtons, so many different ones. */
const [MOST, MOST_STEPS] = [600, 80]

/**
 * Weights as they are written down: single ones and ranges with their step, "2-20 by 2, 24".
 *
 * @returns sorted, each once; a message where something cannot be read
 */
export function readWeights(text: string): { readonly value: number[] } | { readonly problem: string } {
  const parts = text.split(/[,;\n]|\s{2,}/).map(part => part.trim()).filter(Boolean)
  const found = parts.map(rangeOf)
  const wrong = parts.find((_, i) => found[i] === null)
  if (wrong !== undefined)
    return { problem: `“${wrong}” is no weight: write them as 4, 8, 12 or as 4-48 by 4.` }
  const all = [...new Set(found.flatMap(range => range ?? []))].sort((a, b) => a - b)
  if (all.some(weight => weight <= 0 || weight > MOST)) return { problem: `Weights are above 0, up to ${MOST}.` }
  return all.length > MOST_STEPS ? { problem: `${MOST_STEPS} different weights at most.` } : { value: all }
}

const decimal = (text: string): number => Number(text.replace(',', '.'))

function rangeOf(part: string): number[] | null {
  const range = /^(\d+(?:\.\d+)?)\s*[-–]\s*(\d+(?:\.\d+)?)\s*(?:by|\/)\s*(\d+(?:\.\d+)?)$/.exec(part)
  if (range) {
    const [from, to, step] = [decimal(range[1]!), decimal(range[2]!), decimal(range[3]!)]
    if (!(step > 0) || to < from || (to - from) / step > MOST_STEPS) return null
    return Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, i) => tidy(from + i * step))
  }
  return /^\d+(?:\.\d+)?$/.test(part) ? [decimal(part)] : null
}

const tidy = (weight: number): number => Math.round(weight * 100) / 100
/** So many in even steps are written as a range. */
const A_RANGE = 4

/** The same the other way: even steps as ranges. */
export function writeWeights(weights: readonly number[]): string {
  const parts: string[] = []
  for (let i = 0; i < weights.length;) {
    const step = tidy((weights[i + 1] ?? 0) - weights[i]!)
    let end = i + 1
    while (end < weights.length && tidy(weights[end]! - weights[end - 1]!) === step) end++
    if (end - i >= A_RANGE) {
      parts.push(`${weights[i]}-${weights[end - 1]} by ${step}`)
      i = end
    }
    else {
      parts.push(String(weights[i]))
      i++
    }
  }
  return parts.join(', ')
}
