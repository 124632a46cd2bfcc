import { timeIn, type Column } from '../columns'
import type { PlannerSession } from '../instance'
import { entriesOf, type ModelBuilder } from './builder'

/** Lists of what has the same key, in the order of first sight; what has none is left out. */
export function grouped<K>(columns: readonly Column[], keyOf: (column: Column) => K | undefined): Column[][] {
  const lists = new Map<K, Column[]>()
  for (const column of columns) {
    const key = keyOf(column)
    if (key === undefined) continue
    const list = lists.get(key)
    if (list) list.push(column)
    else lists.set(key, [column])
  }
  return [...lists.values()]
}

const seconds = ({ dose }: Column): number => dose.seconds

/** What one session and its places hold at most; a drill once, a ladder once. */
export function addSession(builder: ModelBuilder, session: PlannerSession, here: readonly Column[]): void {
  builder.atMost('minutes', entriesOf(here, ({ slot, dose }) => timeIn(slot, dose)), session.capS)
  builder.atMost('minutes', entriesOf(here, seconds), session.workCapS)
  builder.atMost('items', entriesOf(here), session.items)
  for (const slot of session.slots) {
    const inSlot = here.filter(column => column.slot === slot)
    builder.atMost('minutes', entriesOf(inSlot, seconds), slot.capS)
    builder.atMost('items', entriesOf(inSlot), slot.items)
    builder.atMost('fatigue', entriesOf(inSlot, ({ dose }) => dose.fatigue), slot.fatigue)
  }
  for (const list of grouped(here, column => column.variation)) {
    if (list.length > 1) builder.atMost('once', entriesOf(list), 1)
  }
  for (const list of grouped(here, column => column.variation.group)) {
    if (list.length > 1) builder.atMost('group', entriesOf(list), 1)
  }
}
