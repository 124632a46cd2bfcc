import type { Column } from '../columns'
import { DEFAULTS, liftDose, type WeekInstance } from '../instance'
import { entriesOf, type Entry, type ModelBuilder } from './builder'

/** What one action is to get at least and had better not pass, lifts counted. */
export function addBand(
  builder: ModelBuilder, instance: WeekInstance, columns: readonly Column[], action: string,
): void {
  const band = instance.bands[action]
  if (!band) return
  const doses = entriesOf(columns, ({ dose }) => dose.demand[action] ?? 0)
  const lifts = liftDose(instance, action)
  const short = builder.slack('short', action, band.weight ?? DEFAULTS.weight)
  builder.row('wanted', band.low - lifts, Infinity, [...doses, [short, 1]])
  const over = builder.slack('over', action, band.over ?? DEFAULTS.over)
  builder.row('wanted', -Infinity, Math.max(0, band.high - lifts), [...doses, [over, -1]])
}

/** Sessions in which a plane is to be met. */
export function addPlanes(
  builder: ModelBuilder, { planes, sessions, penalties }: WeekInstance, columns: readonly Column[],
): void {
  for (const [plane, times] of Object.entries(planes ?? {})) {
    if (times === 0) continue
    const met = sessions.flatMap((session): Entry[] => {
      const here = columns.filter(column => column.session === session && column.variation.planes.includes(plane))
      if (here.length === 0) return []
      const p = builder.share()
      builder.row('link', -Infinity, 0, [[p, 1], ...entriesOf(here, () => -1)])
      return [[p, 1]]
    })
    const slack = builder.slack('plane', plane, penalties?.plane ?? DEFAULTS.plane)
    builder.row('wanted', times, Infinity, [...met, [slack, 1]])
  }
}

/** Resisting at least as much as making, lifts counted. */
export function addResisting(builder: ModelBuilder, instance: WeekInstance, columns: readonly Column[]): void {
  const { actions, resisting, penalties } = instance
  if (!resisting) return
  const resists = new Set(resisting)
  const lead = (of: (action: string) => number): number =>
    actions.reduce((sum, action) => sum + (resists.has(action) ? 1 : -1) * of(action), 0)
  const slack = builder.slack('resisting', 'resisting before making', penalties?.resisting ?? DEFAULTS.resisting)
  builder.row('wanted', -lead(action => liftDose(instance, action)), Infinity, [
    ...entriesOf(columns, ({ dose }) => lead(action => dose.demand[action] ?? 0)),
    [slack, 1],
  ])
}
