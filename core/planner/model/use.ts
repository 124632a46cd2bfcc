import type { Column } from '../columns'
import { DEFAULTS, type WeekInstance } from '../instance'
import { entriesOf, type Entry, type ModelBuilder } from './builder'
import { grouped } from './sessions'

/** How often drills and ladders come in the week, how many different ones, and how many of last week's stay. */
export function addUse(builder: ModelBuilder, instance: WeekInstance, columns: readonly Column[]): void {
  const { limits, variations, keep = 0, penalties } = instance
  const previous = new Set(instance.previous ?? [])
  const used: Entry[] = []
  const kept: Entry[] = []
  for (const variation of variations) {
    const own = columns.filter(column => column.variation === variation)
    if (own.length === 0) continue
    builder.atMost('appearances', entriesOf(own), limits.appearances)
    const known = previous.has(variation.id)
    if (limits.distinct === undefined && !(known && keep > 0)) continue
    const use: Entry = [usedOf(builder, own), 1]
    used.push(use)
    if (known) kept.push(use)
  }
  const order = new Map(variations.map((variation, i) => [variation, i]))
  const ofGroups = [...columns].sort((a, b) => (order.get(a.variation) ?? 0) - (order.get(b.variation) ?? 0))
  for (const list of grouped(ofGroups, column => column.variation.group))
    builder.atMost('group', entriesOf(list), limits.groupPerWeek)
  if (limits.distinct !== undefined && used.length > 0) {
    const locked = new Set(columns.filter(c => c.fixed).map(c => c.variation)).size
    builder.row('distinct', -Infinity, Math.max(limits.distinct, locked), used)
  }
  if (keep > 0) {
    const slack = builder.slack('keep', 'last week', penalties?.keep ?? DEFAULTS.keep)
    builder.row('wanted', keep, Infinity, [...kept, [slack, 1]])
  }
}

/** Whether a drill is used at all, as a variable. */
function usedOf(builder: ModelBuilder, own: readonly Column[]): number {
  const z = builder.chosen(own.some(column => column.fixed))
  // Tighter than one row for all sessions: a fraction of a column opens no more than its own fraction of the drill.
  for (const inSession of grouped(own, column => column.session))
    builder.row('link', -Infinity, 0, [...entriesOf(inSession), [z, -1]])
  builder.row('link', 0, Infinity, [...entriesOf(own), [z, -1]])
  return z
}
