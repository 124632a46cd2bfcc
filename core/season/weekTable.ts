/* eslint-disable @typescript-eslint/no-non-null-assertion -- by index: no type says how long a row is */
import { DAY_KINDS } from './instance'

/** The cheapest way to spend a week on a volume, by whether its last day is high. */
export interface WeekWay {
  readonly volume: number
  readonly cost: number
  /** The kinds of its days as one number; `kindsOf` reads it. */
  readonly code: number
}

const HIGH = DAY_KINDS.indexOf('high')
const KINDS = DAY_KINDS.length
const DAYS = 7

/**
 * For one week, every volume it can come to with its cheapest way, ending in a high day or not, from the least volume
 * up. No two high days run on, across the Monday too, unless both are settled.
 *
 * @param costOf what a kind costs on a day 0-6 of the week; Infinity where it may not be
 * @param volumes units of each kind, whole
 * @param wasHigh whether the Sunday before is high
 * @param bothHigh what two high days running cost
 * @example
 * weekTable((day, kind) => (kind === 0 ? 0 : Infinity), [0, 1, 2, 4, 6], false, Infinity)[0] // => [{ volume: 0, cost: 0, code: 0 }]
 */
export function weekTable(
  costOf: (day: number, kind: number) => number, volumes: readonly number[], wasHigh: boolean, bothHigh: number,
): readonly [notHigh: readonly WeekWay[], high: readonly WeekWay[]] {
  const width = DAYS * Math.max(...volumes) + 1
  // Cost and code by volume, first of weeks that end not high, then of those that end high.
  let costs = new Float64Array(2 * width).fill(Infinity)
  let codes = new Int32Array(2 * width)
  costs[wasHigh ? width : 0] = 0
  for (let day = 0; day < DAYS; day++) {
    const nextCosts = new Float64Array(2 * width).fill(Infinity)
    const nextCodes = new Int32Array(2 * width)
    for (let kind = 0; kind < KINDS; kind++) {
      const price = costOf(day, kind)
      if (price === Infinity) continue
      for (let at = 0; at < 2 * width; at++) {
        if (costs[at] === Infinity) continue
        const cost = costs[at]! + price + (at >= width && kind === HIGH ? bothHigh : 0)
        const into = (at % width) + volumes[kind]! + (kind === HIGH ? width : 0)
        // Of two that cost the same the one found first stands: fewer units on this day.
        if (cost >= nextCosts[into]! - 1e-9) continue
        nextCosts[into] = cost
        nextCodes[into] = codes[at]! * KINDS + kind
      }
    }
    costs = nextCosts
    codes = nextCodes
  }
  return [waysIn(costs, codes, 0, width), waysIn(costs, codes, width, width)]
}

function waysIn(costs: Float64Array, codes: Int32Array, from: number, width: number): WeekWay[] {
  const ways: WeekWay[] = []
  for (let volume = 0; volume < width; volume++)
    if (costs[from + volume] !== Infinity) ways.push({
        volume, cost: costs[from + volume]!, code: codes[from + volume]!,
      })
  return ways
}

/**
 * The kinds of a week's seven days, as numbers from 0 (off).
 *
 * @example
 * kindsOf(9) // => [0, 0, 0, 0, 0, 1, 4]
 */
export function kindsOf(code: number): number[] {
  return Array.from({ length: DAYS }, (_, day) => Math.floor(code / KINDS ** (DAYS - 1 - day)) % KINDS)
}
