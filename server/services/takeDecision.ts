import { v7 as newKey } from 'uuid'
import { addDays, mondayOf } from '~~/core/calendar'
import { standOn } from '~~/core/catalogue'
import type { Decision, DecisionKind, Step } from '~~/core/progression'
import { AppError } from '~~/shared/errors'
import type { Athlete, DecisionInput } from '~~/shared/types'
import { setStands } from '../repositories/assessment'
import { decisionsSince, insertDecision, markUndone, type StoredDecision } from '../repositories/decisions'
import type { Tx } from '../repositories/rows'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, type Context } from './context'
import { decidePainIn } from './pain'
import { startRunIn } from './planRuns'
import { record } from './record'

/** So long a decision can be taken back. */
export const UNDO_DAYS = 7
/** Weeks from this one on that are planned anew where they are planned. */
const AHEAD_WEEKS = 4

interface Way {
  readonly kind: DecisionKind
  readonly to: Step | null
}

/**
 * Writes one decision down and does what it says: where the athlete stands, what is left out after pain. An assistant
 * only proposes. True when the athlete's weeks are to be planned anew.
 */
export async function take(tx: Tx, context: Context, decision: Decision, input: DecisionInput): Promise<boolean> {
  const { actor: { organisationId, role }, today } = context
  const { id, athleteId, evidenceDay } = input
  const athlete = await mustSeeAthlete(tx, context, athleteId)
  const way = wayOf(decision, input)
  const proposes = role === 'assistant'
  const already = (await decisionsSince(tx, organisationId, [athleteId], evidenceDay))
    .find(one => one.branch === decision.branch && one.state === 'taken' && one.evidenceDay >= evidenceDay)
  if (already)
    throw new AppError('changedElsewhere', `${already.by} has decided this already.`)
  const rung = proposes ? null : await rungOf(tx, organisationId, athlete, way)
  const isNew = await insertDecision(tx, organisationId, {
    id, athleteId, branch: decision.branch, variationId: decision.variationId, day: today, evidenceDay,
    kind: decision.kind, taken: way.kind, given: decision.from, step: way.to, reason: input.reason,
    state: proposes ? 'proposed' : 'taken', stood: rung?.from ?? null,
  }, decision)
  if (!isNew) throw new AppError('changedElsewhere', 'Somebody else has decided this meanwhile.')
  await record(tx, context, proposes ? 'decision.propose' : 'decision.take', {
    athleteId, subjectId: decision.variationId, before: { kind: decision.kind, given: decision.from },
    after: { kind: way.kind, step: way.to, reason: input.reason },
  })
  if (proposes) return false
  if (rung) await stand(tx, organisationId, athlete, rung.stands)
  await settlePain(tx, context, athlete, decision, way.kind, input)
  return way.kind !== 'stay' || decision.kind !== 'stay'
}

/** As proposed, or one of the other ways, which wants a reason; so does what would wait. */
function wayOf(decision: Decision, { way, reason }: DecisionInput): Way {
  const chosen = way === null ? decision : decision.others[way]
  if (!chosen) throw new AppError('badInput', 'There is no such way to decide.', { way: 'There is no such way.' })
  if ((way !== null || decision.waits) && reason.trim().length < 3)
    throw new AppError('badInput', 'Say why, in a word or two.', { reason: 'Say why, in a word or two.' })
  return chosen
}

/** Where the athlete stands after it; null where that does not change. */
async function rungOf(
  tx: Tx, organisationId: string, { stands }: Athlete, { kind, to }: Way,
): Promise<{ readonly stands: readonly string[], readonly from: string | null } | null> {
  if (!to || (kind !== 'up' && kind !== 'down')) return null
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  const drill = catalogue.find(to.variationId)
  if (!drill) return null
  const from = stands.find(id => catalogue.find(id)?.branch === drill.branch) ?? null
  return from === drill.id ? null : { stands: standOn(stands, drill.id, catalogue), from }
}

async function stand(tx: Tx, organisationId: string, athlete: Athlete, stands: readonly string[]): Promise<void> {
  if (!await setStands(tx, organisationId, athlete.id, athlete.version, stands))
    throw new AppError('changedElsewhere', 'Somebody else changed this athlete meanwhile: look at it again.')
}

/** What a decision says of a drill that hurt, in the words that training goes by. */
async function settlePain(
  tx: Tx, context: Context, athlete: Athlete, decision: Decision, kind: DecisionKind, { reason }: DecisionInput,
): Promise<void> {
  const pain = athlete.health.pain.find(one => one.variationId === decision.variationId)
  if (!pain || pain.state === 'leftOut') return
  const verdict = kind === 'refer' ? 'refer' : kind === 'swap' ? 'leaveOut' : 'goOn'
  await decidePainIn(tx, context, athlete.id, {
    id: newKey(), variationId: decision.variationId, verdict, reason: reason || decision.why.join(' '), lookedAtBy: '',
    role: null,
  })
}

/** Takes one back: the athlete stands where they stood, unless somebody has moved them since. */
export async function takeBack(tx: Tx, context: Context, one: StoredDecision): Promise<void> {
  const { actor: { organisationId } } = context
  if (one.taken === 'refer' || one.taken === 'swap') {
    throw new AppError(
      'badInput', 'What was decided after pain is not simply taken back: decide on the drill on the athlete\'s page.',
    )
  }
  if (one.stood !== null && one.step) {
    const athlete = await mustSeeAthlete(tx, context, one.athleteId)
    if (!athlete.stands.includes(one.step.variationId))
      throw new AppError('changedElsewhere', 'The athlete was moved since: place them by hand.')
    const catalogue = await catalogueOfOrganisation(tx, organisationId)
    await stand(tx, organisationId, athlete, standOn(athlete.stands, one.stood, catalogue))
  }
  await markUndone(tx, organisationId, one.id)
  await record(tx, context, 'decision.undo', {
    athleteId: one.athleteId, subjectId: one.variationId, before: { kind: one.taken, step: one.step }, after: null,
  })
}

/** Has the planned weeks from this one on planned anew in the background; what a coach keeps stays. */
export async function planAgain(tx: Tx, context: Context, athleteIds: readonly string[]): Promise<void> {
  const startsOn = mondayOf(context.today)
  const mondays = Array.from({ length: AHEAD_WEEKS }, (_, week) => addDays(startsOn, 7 * week))
  await startRunIn(tx, context, {
    id: newKey(), athleteIds, startsOn, weeks: AHEAD_WEEKS, sessions: [], replace: false,
    own: { today: context.today, mondays },
  })
}
