import type { StoredSetLog } from '~~/shared/types'
import type { Context } from './context'

/**
 * Where it hurt and what was noted is for the athlete and the coaches: an assistant reads that pain ended a set, and no
 * more.
 */
const withoutPlace = (log: StoredSetLog): StoredSetLog => ({ ...log, painAt: null, note: '' })

/** Sets as somebody in this role may read them. */
export const logsFor = ({ actor }: Context, logs: readonly StoredSetLog[]): readonly StoredSetLog[] =>
  actor.role === 'assistant' ? logs.map(withoutPlace) : logs
