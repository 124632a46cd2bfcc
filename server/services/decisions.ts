import { addDays } from '~~/core/calendar'
import type { Decision } from '~~/core/progression'
import { AppError } from '~~/shared/errors'
import { ROSTER_MOST } from '~~/shared/rosterMost'
import type {
  DecisionInput, DecisionOutcome, DecisionRow, DecisionsAnswer, DecisionTray, TakenDecision,
} from '~~/shared/types'
import { athleteNames, athletesByIds } from '../repositories/athletes'
import { trainedSince } from '../repositories/daySums'
import { decisionById, decisionsSince, type StoredDecision } from '../repositories/decisions'
import type { Tx } from '../repositories/rows'
import { asTheyMayRead, transaction, writing, type Context } from './context'
import { decisionsFor, decisionsOn, groundsToday } from './decideFor'
import type { Grounds } from './grounds'
import { recordHealthRead } from './record'
import { planAgain, take, takeBack, UNDO_DAYS } from './takeDecision'

/** Sets older than this are no evidence of today: who did none since is not asked about. */
const LATELY_DAYS = 14
/** Decisions that are asked for at a time. */
const AT_A_TIME = 4

/** Everything there is to decide for athletes in sight, or of one squad, and what was decided in the last week. */
export async function decisionTray(
  context: Context, { group }: { readonly group?: string } = {},
): Promise<DecisionTray> {
  const { actor: { organisationId }, today } = context
  const { grounds, taken, more } = await transaction(context, async (tx) => {
    const trained = await trainedSince(tx, organisationId, addDays(today, -LATELY_DAYS), {
      groupId: group ?? null, most: ROSTER_MOST + 1,
    })
    const seen = await athletesByIds(tx, organisationId, trained.slice(0, ROSTER_MOST))
    await recordHealthRead(tx, context, seen)
    return {
      grounds: [...(await groundsToday(tx, context, await asTheyMayRead(tx, context, seen))).values()],
      taken: await takenLately(tx, context), more: trained.length > ROSTER_MOST,
    }
  })
  const rows: DecisionRow[] = []
  for (let i = 0; i < grounds.length; i += AT_A_TIME)
    rows.push(...(await Promise.all(grounds.slice(i, i + AT_A_TIME).map(one => rowsOf(context, one)))).flat())
  return { today, rows: inOrder(rows), taken, more }
}

async function rowsOf(context: Context, grounds: Grounds): Promise<DecisionRow[]> {
  const { id, name, sex, heightCm, massKg, groupIds } = grounds.athlete
  const own = grounds.past.decisions.filter(one => one.day >= addDays(context.today, -LATELY_DAYS))
  const rows = (await decisionsOn(context, grounds)).map((decision): DecisionRow => {
    const evidenceDay = evidenceDayOf(decision, context.today)
    const word = own.filter(one => one.state === 'proposed' && isAbout(one, decision, evidenceDay)).at(-1)
    return {
      athlete: { id, name, sex, heightCm, massKg, groupIds }, decision, evidenceDay,
      proposed: word ? { by: word.by, kind: word.taken, reason: word.reason } : null,
    }
  })
  return rows.filter(({ decision, evidenceDay }) =>
    !own.some(one => one.state === 'taken' && isAbout(one, decision, evidenceDay)))
}

const evidenceDayOf = (decision: Decision, today: string): string => decision.evidence.at(-1)?.day ?? today

/** Whether a stored word is about this very evidence: newer sets are asked about anew. */
const isAbout = (one: StoredDecision, { branch }: Decision, evidenceDay: string): boolean =>
  one.branch === branch && one.evidenceDay >= evidenceDay

/** The gravest first, and of each kind what needs no second look. */
const GRAVITY: readonly Decision['kind'][] = ['refer', 'swap', 'down', 'up', 'more', 'stay']
const inOrder = (rows: readonly DecisionRow[]): DecisionRow[] => {
  const rank = ({ decision: { kind, waits } }: DecisionRow): number => GRAVITY.indexOf(kind) + (waits ? 10 : 0)
  return [...rows].sort((a, b) => rank(a) - rank(b) || a.athlete.name.localeCompare(b.athlete.name))
}

/** What was decided in the last week, newest first. */
async function takenLately(tx: Tx, { actor: { organisationId }, today }: Context): Promise<TakenDecision[]> {
  const stored = await decisionsSince(tx, organisationId, null, addDays(today, 1 - UNDO_DAYS))
  const names = await athleteNames(tx, organisationId, stored.map(one => one.athleteId))
  return stored.filter(one => one.state === 'taken').reverse().map((one): TakenDecision => ({
    id: one.id, athleteId: one.athleteId, athleteName: names.get(one.athleteId) ?? 'Somebody who left',
    variationId: one.variationId, day: one.day, kind: one.kind, taken: one.taken, from: one.given, to: one.step,
    reason: one.reason, by: one.by, undoable: one.taken !== 'refer' && one.taken !== 'swap',
  }))
}

/** Takes decisions, or proposes them, each on its own: one that was overtaken holds up no other. */
export async function decideAll(context: Context, inputs: readonly DecisionInput[]): Promise<DecisionsAnswer> {
  const outcomes: DecisionOutcome[] = []
  const moved = new Set<string>()
  for (const input of inputs) {
    const problem = await decideOne(context, input).then(
      (changes) => {
        if (changes) moved.add(input.athleteId)
        return ''
      },
      (error: unknown) => {
        if (!(error instanceof AppError)) throw error
        return error.message
      },
    )
    outcomes.push({ id: input.id, done: problem === '', problem })
  }
  if (moved.size > 0) await transaction(context, tx => planAgain(tx, context, [...moved]))
  return { outcomes, taken: await transaction(context, tx => takenLately(tx, context)) }
}

/** True when the weeks of the athlete are to be planned anew. One that was sent before changes nothing. */
async function decideOne(context: Context, input: DecisionInput): Promise<boolean> {
  const { actor: { organisationId } } = context
  const sent = await transaction(context, tx => decisionById(tx, organisationId, input.id))
  if (sent) return false
  const decision = (await decisionsFor(context, input.athleteId)).find(one => one.branch === input.branch)
  const evidenceDay = decision && evidenceDayOf(decision, context.today)
  if (!decision || decision.kind !== input.kind || evidenceDay !== input.evidenceDay)
    throw new AppError('changedElsewhere', 'What it rests on has changed meanwhile: look at it again.')
  return transaction(context, tx => take(tx, context, decision, input))
}

/** Takes a decision of the last week back; the answer is what stands of that week. */
export function undoDecision(context: Context, id: string): Promise<Pick<DecisionTray, 'taken'>> {
  return writing(context, async (tx) => {
    const { actor: { organisationId }, today } = context
    const one = (await decisionsSince(tx, organisationId, null, addDays(today, -UNDO_DAYS))).find(d => d.id === id)
    if (!one || one.state !== 'taken') throw new AppError('notFound', 'There is no such decision to take back.')
    await takeBack(tx, context, one)
    await planAgain(tx, context, [one.athleteId])
    return { taken: await takenLately(tx, context) }
  })
}
