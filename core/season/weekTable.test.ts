import { expect, it } from 'vitest'
import { kindsOf, weekTable } from './weekTable'

const VOLUMES = [0, 1, 2, 4, 6]
const cost = (day: number, kind: number): number => (day === 2 && kind > 2 ? Infinity : ((day * 7 + kind * 5) % 11))

/** Every week there is, one by one: 5^7. */
function tried(wasHigh: boolean, bothHigh: number): Map<string, number> {
  const best = new Map<string, number>()
  for (let code = 0; code < 5 ** 7; code++) {
    const kinds = kindsOf(code)
    let [sum, volume, high] = [0, 0, wasHigh]
    kinds.forEach((kind, day) => {
      sum += cost(day, kind) + (high && kind === 4 ? bothHigh : 0)
      volume += VOLUMES[kind]!
      high = kind === 4
    })
    const at = `${high} ${volume}`
    if (sum < (best.get(at) ?? Infinity)) best.set(at, sum)
  }
  return best
}

it.each([[false, 3], [true, 3], [true, Infinity]])(
  'holds the cheapest way to every volume, tried one by one',
  (was, both) => {
    const best = tried(was, both)
    const [notHigh, high] = weekTable(cost, VOLUMES, was, both)
    const found = new Map([
      ...notHigh.map(way => [`false ${way.volume}`, way.cost] as const),
      ...high.map(way => [`true ${way.volume}`, way.cost] as const),
    ].filter(([, c]) => c < Infinity))
    expect(found).toEqual(best)
  },
)

it('writes its days so that they can be read', () => {
  const [notHigh] = weekTable(cost, VOLUMES, false, 3)
  for (const way of notHigh) {
    const kinds = kindsOf(way.code)
    expect(kinds.reduce((sum, kind) => sum + VOLUMES[kind]!, 0)).toBe(way.volume)
  }
})
