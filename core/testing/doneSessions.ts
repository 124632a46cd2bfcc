import type { Prescribed, SetLog } from '../assessment'
import { findVariation, type SettingValues } from '../catalogue'
import type { Dose } from '../dose'
import { must } from '../errors'

/** A session of one drill as it was planned and done: clean and whole where nothing else is said. */
export interface Done {
  readonly day: string
  readonly dose: Dose
  readonly setting?: SettingValues
  /** What was otherwise about every set. */
  readonly sets?: Partial<SetLog>
  /** Sets that were logged, of those that were planned. */
  readonly logged?: number
}

/** Prescriptions and logs of sessions of one drill, for tests. */
export function doneSessions(
  variationId: string, sessions: readonly Done[],
): { readonly prescribed: Prescribed[], readonly logs: SetLog[] } {
  const { sides } = must(findVariation(variationId))
  const prescribed = sessions.map(({ day, dose }): Prescribed =>
    ({ itemId: `${variationId} ${day}`, variationId, day, dose, extraSetSide: null }))
  const logs = sessions.flatMap(({ day, dose, setting = {}, sets = {}, logged = Infinity }) =>
    (sides === 'each' ? ['left', 'right'] as const : [null]).flatMap(side =>
      Array.from({ length: dose.sets }, (_, i): SetLog => ({
        prescribedItemId: `${variationId} ${day}`, variationId, day, setNumber: i + 1, side, amount: dose.amount,
        unit: dose.unit, tempo: dose.tempo ?? null, breakPoint: 'none', setting, feltAt: [], effort: 7, painAt: null,
        ...sets,
      }))).slice(0, logged))
  return { prescribed, logs }
}
