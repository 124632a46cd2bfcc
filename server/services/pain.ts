import { CLEARING_ROLES, LOCKING_TIMES } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { Athlete, PainInput, StoredSetLog } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { settleAlerts } from '../repositories/alerts'
import { insertPainDecision } from '../repositories/health'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, writing, type Context } from './context'
import { healthTruth } from './healthTruth'
import { record } from './record'
import { tellCoaches } from './tellCoaches'

/**
 * Tells coaches of drills that hurt in some sets that were just stored: once a drill, and louder when it is locked by
 * it.
 */
export async function tellOfPain(
  tx: Tx, context: Context, athlete: Pick<Athlete, 'id' | 'name'>, logs: readonly StoredSetLog[],
): Promise<void> {
  const hurt = new Set(logs.filter(log => log.breakPoint === 'pain' || log.painAt !== null).map(log => log.variationId))
  if (hurt.size === 0) return
  const { athlete: now } = await healthTruth(tx, context, athlete.id)
  for (const variationId of hurt) {
    const pain = now.health.pain.find(one => one.variationId === variationId)
    await tellCoaches(tx, context, athlete, (pain?.times ?? 1) >= LOCKING_TIMES ? 'painTwice' : 'pain', { variationId })
  }
}

const refused = (field: string, text: string): AppError => new AppError('badInput', text, { [field]: text })

/** A coach decides on a drill that hurt. */
export function decidePain(context: Context, athleteId: string, input: PainInput): Promise<Athlete> {
  return writing(context, async (tx) => {
    await decidePainIn(tx, context, athleteId, input)
    return mustSeeAthlete(tx, context, athleteId)
  })
}

/** The same within more. One that hurt twice running goes on only when somebody qualified has looked at it. */
export async function decidePainIn(tx: Tx, context: Context, athleteId: string, input: PainInput): Promise<void> {
  const { organisationId } = context.actor
  const athlete = await mustSeeAthlete(tx, context, athleteId)
  const pain = athlete.health.pain.find(one => one.variationId === input.variationId)
  if (!pain) throw new AppError('notFound', 'There is nothing to decide about this drill.')
  if (pain.state === 'locked' && input.verdict !== 'refer') {
    if (input.lookedAtBy.trim().length < 3)
      throw refused('lookedAtBy', 'Say who has looked at it: it hurt twice running.')
    if (input.role === null || !(input.role in CLEARING_ROLES))
      throw refused('role', 'Say in what role: a clinician looks at it.')
  }
  if (!await insertPainDecision(tx, organisationId, athleteId, input)) return
  await record(tx, context, 'pain.decide', { athleteId, subjectId: input.variationId, before: pain, after: input })
  await asSystem(
    tx, context.actor,
    () => settleAlerts(tx, organisationId, athleteId, { kinds: ['pain', 'painTwice'], variationId: input.variationId }),
  )
}
