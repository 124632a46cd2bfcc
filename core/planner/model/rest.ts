import type { Column } from '../columns'
import { hoursBetween, type PlannerSession, type WeekInstance } from '../instance'
import { entriesOf, type ModelBuilder } from './builder'

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0)

/** Not two high doses of one action within the hours of rest, but for what is locked. */
export function addRest(
  builder: ModelBuilder, { limits, sessions }: WeekInstance, columns: readonly Column[], action: string,
): void {
  const { highOver, restHours = 0 } = limits
  if (highOver === undefined) return
  const demand = ({ dose }: Column): number => dose.demand[action] ?? 0
  const pairs = sessions.flatMap((a, i) =>
    sessions.slice(i + 1).filter(b => hoursBetween(a, b) < restHours).map(b => [a, b] as const)
  )
  const high = new Map<PlannerSession, number>()
  for (const session of new Set(pairs.flat())) {
    const there = columns.filter(column => column.session === session)
    const here = there.filter(column => demand(column) > 0)
    if (sum(here.map(demand)) <= highOver) continue
    const h = builder.chosen()
    high.set(session, h)
    // By how much at most, given the items of the session: a tight figure makes a tight bound.
    const count = Math.max(session.items, there.filter(column => column.fixed).length)
    const largest = sum(here.map(demand).sort((a, b) => b - a).slice(0, count))
    builder.row('rest', -Infinity, highOver, [...entriesOf(here, demand), [h, -Math.max(0, largest - highOver)]])
  }
  const lockedHigh = (session: PlannerSession): boolean =>
    sum(columns.filter(column => column.fixed && column.session === session).map(demand)) > highOver
  for (const [a, b] of pairs) {
    const [ha, hb] = [high.get(a), high.get(b)]
    if (ha === undefined || hb === undefined) continue
    builder.row('rest', -Infinity, Math.max(1, [a, b].filter(lockedHigh).length), [[ha, 1], [hb, 1]])
  }
}
