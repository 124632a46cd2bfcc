import { addDays } from '~~/core/calendar'
import { oddTrial, testFacts, testStops, testsWith, type TestId, type Tests } from '~~/core/assessment'
import { NOT_NOW } from '~~/core/screening'
import { typicalError, type TypicalError } from '~~/core/statistics'
import { AppError } from '~~/shared/errors'
import { ROSTER_MOST } from '~~/shared/rosterMost'
import type { TrialInput, TrialsAnswer, TrialTrace } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { insertTrials, repeatTrials, tracesSince, trialsSince, withdrawTrialRows } from '../repositories/assessment'
import { ownTests } from '../repositories/ownTests'
import { athletesAtHand } from '../repositories/rosterPage'
import type { Tx } from '../repositories/rows'
import { screenAt } from './asOf'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { healthTruth } from './healthTruth'
import { recordReading } from './readings'
import { record } from './record'

/** Days of tests that a page looks back. */
export const BACK_DAYS = 730

/** Traces of one athlete's trials since a day. */
export function athleteTraces(context: Context, athleteId: string, from: string): Promise<Record<string, TrialTrace>> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    await recordReading(tx, context, 'traces.read', athleteId)
    return tracesSince(tx, context.actor.organisationId, from, athleteId)
  })
}

/** Trials of the athletes at hand: of a squad, or of everybody in sight, as many as a page of the roster has. */
export function squadTrials(context: Context, { group }: { readonly group?: string } = {}): Promise<TrialsAnswer> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    await recordReading(tx, context, 'trials.read')
    const ids = await athletesAtHand(tx, organisationId, group ?? null, ROSTER_MOST)
    return {
      trials: await trialsSince(tx, organisationId, addDays(context.today, -BACK_DAYS), ids),
      errors: await ownErrors(tx, context),
    }
  })
}

/** Errors of an organisation, as long as they are worth keeping: a hundred times what it took to reckon them. */
const kept = new Map<string, { readonly until: number, readonly errors: TypicalErrors }>()
const WORTH_KEEPING = 100
/** What is reckoned sooner is reckoned each time. */
const SOON_MS = 100
type TypicalErrors = Partial<Record<TestId, TypicalError>>

/** Typical errors from all repeat trials of the organisation: a number, of nobody in particular. */
export async function ownErrors(tx: Tx, { actor }: Context): Promise<TypicalErrors> {
  const known = kept.get(actor.organisationId)
  const from = Date.now()
  if (known && known.until > from) return known.errors
  const repeats = await asSystem(tx, actor, () => repeatTrials(tx, actor.organisationId))
  const errors = Object.fromEntries([...repeats].flatMap(([test, people]) => {
    const error = typicalError(people)
    return error ? [[test, error]] : []
  }))
  const took = Date.now() - from
  if (took > SOON_MS) kept.set(actor.organisationId, { until: from + WORTH_KEEPING * took, errors })
  else kept.delete(actor.organisationId)
  return errors
}

/** Stores trials of one or several athletes. Sending one twice changes nothing. */
export function logTrials(context: Context, trials: readonly TrialInput[]): Promise<{ stored: string[] }> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const tests = testsWith((await ownTests(tx, organisationId)).tests)
    for (const [index, trial] of trials.entries()) {
      if (!tests[trial.test])
        throw new AppError('badInput', 'There is no such test here.', {
          [`trials.${index}.test`]: 'There is no such test here.',
        })
      if (trial.day > addDays(context.today, 1)) {
        throw new AppError('badInput', 'A test cannot be logged ahead of its day.', {
          [`trials.${index}.day`]: 'This day is yet to come.',
        })
      }
      if ((testFacts(trial.test, tests).sides === 'each') !== (trial.side !== null)) {
        throw new AppError('badInput', 'Say which side it was.', { [`trials.${index}.side`]: 'Say which side it was.' })
      }
    }
    for (const athleteId of new Set(trials.map(t => t.athleteId)))
      await mustBeOpen(tx, context, athleteId, trials, tests)
    await insertTrials(tx, organisationId, personId, trials)
    for (const athleteId of new Set(trials.map(t => t.athleteId))) {
      await record(tx, context, 'tests.log', {
        athleteId,
        after: trials.filter(t => t.athleteId === athleteId).map(({ trace: _, sure: __, ...trial }) => trial),
      })
    }
    return { stored: trials.map(t => t.id) }
  })
}

/**
 * Refuses a trial of a test that health had stopped when it was taken, and asks before one counts that is far from the
 * athlete's own.
 */
async function mustBeOpen(
  tx: Tx, context: Context, athleteId: string, trials: readonly TrialInput[], tests: Tests,
): Promise<void> {
  await mustSeeAthlete(tx, context, athleteId)
  const truth = await healthTruth(tx, context, athleteId)
  const before = await trialsSince(tx, context.actor.organisationId, addDays(context.today, -BACK_DAYS), [athleteId])
  const named = context.actor.role !== 'assistant'
  for (const [index, trial] of trials.entries()) {
    if (trial.athleteId !== athleteId) continue
    const [stop] = testStops(trial.test, screenAt(truth, trial.day, trial.performedAt), tests)
    if (stop) {
      const text = named ? stop : NOT_NOW
      throw new AppError('stopped', text, { [`trials.${index}.test`]: text })
    }
    const own = before.filter(t =>
      t.test === trial.test && t.side === trial.side && t.id !== trial.id && t.breakPoint !== 'pain'
    ).map(t => t.value)
    // Pain is never questioned: it ends a trial at any value, and whoever says so is heard at once.
    const asks = !trial.sure && trial.breakPoint !== 'pain'
    const odd = asks ? oddTrial(trial.test, trial.value, own, tests) : null
    if (odd) throw new AppError('needsReason', odd, { [`trials.${index}.value`]: odd })
  }
}

/** Trials that were mistimed, or an import that was a mistake, count no more: all of them or none. */
export function withdrawTrials(context: Context, ids: readonly string[]): Promise<{ withdrawn: readonly string[] }> {
  return writing(context, async (tx) => {
    const athletes = await withdrawTrialRows(tx, context.actor.organisationId, ids)
    if (athletes.length < ids.length) throw new AppError('notFound', 'There is no such trial here.')
    for (const athleteId of new Set(athletes))
      await record(tx, context, 'tests.withdraw', { athleteId, after: { ids } })
    return { withdrawn: ids }
  })
}
