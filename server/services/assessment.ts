import { addDays } from '~~/core/calendar'
import {
  braceLacks, braceReached, checkOwnTests, oddTrial, testFacts, testStops, testsWith, type Practice, type TestId,
  type Tests,
} from '~~/core/assessment'
import { NO_BRACE_WORK, NOT_NOW, redFlags } from '~~/core/screening'
import { typicalError, type TypicalError } from '~~/core/statistics'
import { AppError } from '~~/shared/errors'
import type {
  Assessment, Athlete, BraceCheckInput, BraceCourse, PlaceInput, StoredOwnTests, TrialInput, TrialsAnswer, TrialTrace,
} from '~~/shared/types'
import { asSystem } from '../database/connection'
import {
  answersOf, braceChecksOf, insertBraceCheck, insertTrials, repeatTrials, setBraceStep, setRung, tracesSince,
  trialsSince, withdrawTrialRows,
} from '../repositories/assessment'
import { braceCourse, insertPractice, practicesSince, saveBraceCourse } from '../repositories/braceCourse'
import { ownTests, saveOwnTestRows } from '../repositories/ownTests'
import type { Tx } from '../repositories/rows'
import { catalogueOfOrganisation } from './catalogue'
import { screenAt } from './asOf'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { healthTruth } from './healthTruth'
import { record, recordHealthRead } from './record'

/** Days of tests that a page looks back. */
const BACK_DAYS = 730
/** Days of practice at home that a page looks back. */
const PRACTICE_DAYS = 28

/** What is known about one athlete besides the profile. */
export function assessment(context: Context, athleteId: string): Promise<Assessment> {
  const { organisationId, role } = context.actor
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await recordHealthRead(tx, context, [athlete])
    return {
      answers: role === 'assistant' ? null : await answersOf(tx, organisationId, athleteId),
      healthVersion: athlete.health.version,
      screenedOn: athlete.screenedOn,
      braceStep: athlete.braceStep,
      clearances: athlete.clearances,
      flags: athlete.flags,
      raised: athlete.health.raised,
      braceChecks: await braceChecksOf(tx, organisationId, athleteId),
      trials: await trialsSince(tx, organisationId, addDays(context.today, -BACK_DAYS), athleteId),
      course: await braceCourse(tx, organisationId, athleteId),
      practices: await practicesSince(tx, organisationId, addDays(context.today, -PRACTICE_DAYS), athleteId),
      errors: await ownErrors(tx, context),
    }
  })
}

/** Traces of one athlete's trials since a day. */
export function athleteTraces(context: Context, athleteId: string, from: string): Promise<Record<string, TrialTrace>> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    return tracesSince(tx, context.actor.organisationId, from, athleteId)
  })
}

/** Trials of everybody in sight. */
export function squadTrials(context: Context): Promise<TrialsAnswer> {
  return transaction(context, async tx => ({
    trials: await trialsSince(tx, context.actor.organisationId, addDays(context.today, -BACK_DAYS)),
    errors: await ownErrors(tx, context),
  }))
}

/** Typical errors from all repeat trials of the organisation: a number, of nobody in particular. */
async function ownErrors(tx: Tx, { actor }: Context): Promise<Partial<Record<TestId, TypicalError>>> {
  const repeats = await asSystem(tx, actor, () => repeatTrials(tx, actor.organisationId))
  return Object.fromEntries([...repeats].flatMap(([test, people]) => {
    const error = typicalError(people)
    return error ? [[test, error]] : []
  }))
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
  const before = await trialsSince(tx, context.actor.organisationId, addDays(context.today, -BACK_DAYS), athleteId)
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
    const odd = trial.sure ? null : oddTrial(trial.test, trial.value, own, tests)
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

/** Refuses brace work on a day a red flag stands on. */
async function mustNotBeStopped(tx: Tx, context: Context, athleteId: string, day: string): Promise<void> {
  const truth = await healthTruth(tx, context, athleteId)
  if (redFlags(truth.on(day).flags).length > 0) throw new AppError('stopped', NO_BRACE_WORK)
}

/** Stores a check of the brace and moves the athlete to the step it leads to. */
export function checkBrace(context: Context, athleteId: string, check: BraceCheckInput): Promise<Athlete> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await mustNotBeStopped(tx, context, athleteId, check.day)
    if (check.day > addDays(context.today, 1))
      throw new AppError('badInput', 'This day is yet to come.', { day: 'This day is yet to come.' })
    const passed = braceLacks(check).length === 0
    if (await insertBraceCheck(tx, organisationId, athleteId, { ...check, passed }, personId)) {
      // Step 1 is where everybody stands: a failed check leads back to it and no further.
      const step = Math.max(1, braceReached([check], athlete.braceStep))
      // An assistant checks, and the product moves the step: the profile is not the assistant's to change.
      if (step !== athlete.braceStep)
        await asSystem(tx, context.actor, () =>
          setBraceStep(tx, organisationId, athleteId, step))
      await record(tx, context, 'brace.check', {
        athleteId, subjectId: check.id, before: { braceStep: athlete.braceStep },
        after: { ...check, passed, braceStep: step },
      })
    }
    return mustSeeAthlete(tx, context, athleteId)
  })
}

/** Puts an athlete on a rung by hand, with the reason. */
export function placeByHand(
  context: Context, athleteId: string, { version, ladder, rung, reason }: PlaceInput,
): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await mustSeeAthlete(tx, context, athleteId)
    const rungs = (await catalogueOfOrganisation(tx, organisationId)).ladders.find(l => l.id === ladder)?.rungs
    if (!rungs) throw new AppError('badInput', 'There is no such ladder.', { ladder: 'There is no such ladder.' })
    if (rung > rungs.length)
      throw new AppError('badInput', `This ladder has ${rungs.length} rungs.`, {
        rung: `This ladder has ${rungs.length} rungs.`,
      })
    if (!await setRung(tx, organisationId, athleteId, version, ladder, rung)) {
      throw new AppError(
        'changedElsewhere',
        `${before.changedBy ?? 'Somebody else'} changed this athlete meanwhile.`,
        undefined, before,
      )
    }
    await record(tx, context, 'rung.place', {
      athleteId, subjectId: ladder, before: { rung: before.rungs[ladder] ?? 1 }, after: { rung, reason },
    })
    return mustSeeAthlete(tx, context, athleteId)
  })
}

/** Tests the organisation has written for itself. */
export function storedOwnTests(context: Context): Promise<StoredOwnTests> {
  return transaction(context, tx => ownTests(tx, context.actor.organisationId))
}

/** Saves them over the version that was read. */
export function saveOwnTests(context: Context, { version, tests }: StoredOwnTests): Promise<StoredOwnTests> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const before = await ownTests(tx, organisationId)
    // Over an older version the list may rightly lack a test: that is told first.
    if (before.version !== version)
      throw new AppError('changedElsewhere', 'Somebody else changed your own tests meanwhile.', undefined, before)
    checkOwnTests(before.tests, tests)
    if (!await saveOwnTestRows(tx, organisationId, { version, tests }, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed your own tests meanwhile.', undefined,
        await ownTests(tx, organisationId),
      )
    }
    await record(tx, context, 'tests.own', { before: before.tests, after: tests })
    return ownTests(tx, organisationId)
  })
}

/** Sets the cue and the homework of one athlete's brace course. Homework counts from the day it was set or changed. */
export function setBraceCourse(
  context: Context, athleteId: string, { cue, homework }: Pick<BraceCourse, 'cue' | 'homework'>,
): Promise<BraceCourse> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    if (homework !== null) await mustNotBeStopped(tx, context, athleteId, context.today)
    const before = await braceCourse(tx, organisationId, athleteId)
    const same = before.homework?.timesADay === homework?.timesADay && before.homework?.until === homework?.until
    await saveBraceCourse(tx, organisationId, athleteId, {
      cue, homework,
      setOn: homework === null ? null : same ? before.setOn : context.today,
    })
    await record(tx, context, 'brace.course', {
      athleteId, before: { cue: before.cue, homework: before.homework }, after: { cue, homework },
    })
    return braceCourse(tx, organisationId, athleteId)
  })
}

/** One practice at home. Sending it twice counts once. */
export function logPractice(
  context: Context, athleteId: string, practice: Practice & { id: string },
): Promise<{ practices: Practice[] }> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    await mustNotBeStopped(tx, context, athleteId, practice.day)
    if (practice.day > addDays(context.today, 1))
      throw new AppError('badInput', 'This day is yet to come.', { day: 'This day is yet to come.' })
    await insertPractice(tx, organisationId, athleteId, practice)
    await record(tx, context, 'brace.practice', { athleteId, subjectId: practice.id, after: practice })
    return { practices: await practicesSince(tx, organisationId, addDays(context.today, -PRACTICE_DAYS), athleteId) }
  })
}
