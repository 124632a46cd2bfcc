import type { Column } from '../columns'
import type { WeekInstance } from '../instance'
import { entriesOf, ModelBuilder, type LinearModel } from './builder'
import { addRest } from './rest'
import { addSession } from './sessions'
import { addUse } from './use'
import { addBand, addPlanes, addResisting } from './wants'

/**
 * The instance as a mixed-integer program over its columns: x (column chosen), z (variation used), p (plane met in
 * session), h (high dose of an action in a session), and a slack for everything wanted, by its name ("short/AE",
 * "over/AE", "plane/sagittal", "keep/last week", "resisting/resisting before making"). What the coach has locked is
 * counted beside the limits where it exceeds them, so that there is always a plan.
 *
 * @example
 * weekModel({ actions: ['AE'], bands: { AE: { low: 1, high: 2 } }, sessions: [], variations: [], limits: {} }, []).model.cost // => [1, 1]
 */
export function weekModel(
  instance: WeekInstance, columns: readonly Column[],
): { model: LinearModel, slacks: ReadonlyMap<string, number> } {
  const builder = new ModelBuilder(columns)
  for (const session of instance.sessions)
    addSession(builder, session, columns.filter(column => column.session === session))
  builder.atMost('spineCost', entriesOf(columns, ({ variation }) => variation.spineCost), instance.limits.spineCost)
  builder.atMost('cycles', entriesOf(columns, ({ dose }) => dose.cycles ?? 0), instance.limits.cycles)
  addUse(builder, instance, columns)
  for (const action of instance.actions) {
    addBand(builder, instance, columns, action)
    addRest(builder, instance, columns, action)
  }
  addPlanes(builder, instance, columns)
  addResisting(builder, instance, columns)
  return { model: builder.model, slacks: builder.slacks }
}
