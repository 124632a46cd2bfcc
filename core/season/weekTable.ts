import { DAY_KINDS } from './instance'

/** The cheapest way to spend a week on a volume, by whether its last day is high. */
export interface WeekWay {
  readonly cost: number
  /** Index of each day's kind. */
  readonly kinds: readonly number[]
}

const HIGH = DAY_KINDS.indexOf('high')

/**
 * For one week, every volume it can come to with its cheapest way, ending in a high day or not. No two high days run on,
 * across the Monday too, unless both are settled.
 *
 * @param costOf what a kind costs on a day 0-6 of the week; Infinity where it may not be
 * @param wasHigh whether the Sunday before is high
 * @param bothHigh what two high days running cost
 * @example
 * weekTable((day, kind) => (kind === 0 ? 0 : Infinity), [0, 1, 2, 4, 6], false, Infinity)[0].get(0).cost // => 0
 */
export function weekTable(
  costOf: (day: number, kind: number) => number, volumes: readonly number[], wasHigh: boolean, bothHigh: number,
): readonly [notHigh: ReadonlyMap<number, WeekWay>, high: ReadonlyMap<number, WeekWay>] {
  let now: [Map<number, WeekWay>, Map<number, WeekWay>] = [new Map(), new Map()]
  now[wasHigh ? 1 : 0].set(0, { cost: 0, kinds: [] })
  for (let day = 0; day < 7; day++) {
    const next: typeof now = [new Map(), new Map()]
    now.forEach((ways, ended) => ways.forEach((way, volume) => {
      for (let kind = 0; kind < DAY_KINDS.length; kind++) {
        const cost = way.cost + costOf(day, kind) + (ended === 1 && kind === HIGH ? bothHigh : 0)
        if (cost === Infinity) continue
        const into = next[kind === HIGH ? 1 : 0]
        const total = volume + volumes[kind]!
        const there = into.get(total)
        // Of two that cost the same the one found first stands: fewer units early in the week.
        if (!there || cost < there.cost - 1e-9) into.set(total, { cost, kinds: [...way.kinds, kind] })
      }
    }))
    now = next
  }
  return now
}
