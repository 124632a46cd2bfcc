import type { SetLog } from '../assessment'
import type { IsoDay } from '../calendar'
import { kindOf, type Catalogue, type SettingValues, type Variation } from '../catalogue'
import { must } from '../errors'

/** How a drill of a branch was done on a day: its best clean set. */
export interface Level {
  readonly variationId: string
  readonly day: IsoDay
  readonly amount: number
  readonly unit: SetLog['unit']
  readonly setting: SettingValues
}

/** What moved on one branch of a ladder. */
export interface Move {
  readonly branch: string
  readonly what: 'rung' | 'load' | 'amount'
  readonly up: boolean
  readonly from: Level
  readonly to: Level
}

/**
 * What moved on each branch from the first session to the last: the rung, else the load, else the amount. Only clean
 * sets of work count; a branch that was done on one day only has not moved.
 *
 * @example
 * movesOf([], STANDARD) // => []
 */
export function movesOf(logs: readonly SetLog[], catalogue: Catalogue): Move[] {
  const clean = logs.flatMap((log) => {
    const variation = catalogue.find(log.variationId)
    return variation && kindOf(variation) === 'work' && log.breakPoint === 'none' ? [{ log, variation }] : []
  })
  return [...new Set(clean.map(({ variation }) => variation.branch))].sort().flatMap((branch): Move[] => {
    const own = clean.filter(({ variation }) => variation.branch === branch)
    const days = own.map(({ log }) => log.day).sort()
    const [first, last] = [days[0], days.at(-1)]
    if (first === undefined || last === undefined || first === last) return []
    const [from, to] = [bestOn(own, first), bestOn(own, last)]
    const change = changeOf(from, to)
    return change === null ? [] : [{ branch, ...change, from: from.level, to: to.level }]
  })
}

interface Done { readonly log: SetLog, readonly variation: Variation }
interface Best { readonly level: Level, readonly rung: number }

const loadOf = ({ setting }: Pick<Level, 'setting'>): number => setting.loadKg ?? setting.bandN ?? 0

/** Of a day the highest rung, the heaviest of it, the longest of those. */
function bestOn(all: readonly Done[], day: IsoDay): Best {
  const { log, variation } = must(all.filter(one => one.log.day === day).sort((a, b) =>
    b.variation.rung - a.variation.rung || loadOf(b.log) - loadOf(a.log) || b.log.amount - a.log.amount)[0])
  const { amount, unit, setting } = log
  return { rung: variation.rung, level: { variationId: variation.id, day, amount, unit, setting } }
}

function changeOf(from: Best, to: Best): Pick<Move, 'what' | 'up'> | null {
  if (from.rung !== to.rung) return { what: 'rung', up: to.rung > from.rung }
  const [before, after] = [loadOf(from.level), loadOf(to.level)]
  if (before !== after) return { what: 'load', up: after > before }
  const [less, more] = [from.level.amount, to.level.amount]
  return less === more ? null : { what: 'amount', up: more > less }
}
