import { addDays } from '~~/core/calendar'
import type { Decision } from '~~/core/progression'
import { AppError } from '~~/shared/errors'
import type {
  Athlete, DecisionInput, DecisionOutcome, DecisionRow, DecisionsAnswer, DecisionTray, TakenDecision,
} from '~~/shared/types'
import { listAthletes } from '../repositories/athletes'
import { decisionById, decisionsSince, type StoredDecision } from '../repositories/decisions'
import { athletesTrainedSince } from '../repositories/setLogs'
import { asTheyMayRead, transaction, writing, type Context } from './context'
import { decisionsFor } from './decideFor'
import { recordHealthRead } from './record'
import { planAgain, take, takeBack, UNDO_DAYS } from './takeDecision'

/** Sets older than this are no evidence of today: who did none since is not asked about. */
const LATELY_DAYS = 14
/** Decisions that are asked for at a time. */
const AT_A_TIME = 4

/** Everything there is to decide for athletes in sight, and what was decided in the last week. */
export async function decisionTray(context: Context): Promise<DecisionTray> {
  const { actor: { organisationId }, today } = context
  const { athletes, stored } = await transaction(context, async (tx) => {
    const trained = await athletesTrainedSince(tx, organisationId, addDays(today, -LATELY_DAYS))
    const seen = (await listAthletes(tx, organisationId)).filter(one => !one.archived && trained.has(one.id))
    await recordHealthRead(tx, context, seen)
    return {
      athletes: await asTheyMayRead(tx, context, seen),
      stored: await decisionsSince(tx, organisationId, null, addDays(today, -LATELY_DAYS)),
    }
  })
  const rows: DecisionRow[] = []
  for (let i = 0; i < athletes.length; i += AT_A_TIME)
    rows.push(...(await Promise.all(athletes.slice(i, i + AT_A_TIME).map(one => rowsOf(context, one, stored)))).flat())
  const names = new Map(athletes.map(({ id, name }) => [id, name]))
  return { today, rows: inOrder(rows), taken: takenIn(stored, names, today) }
}

async function rowsOf(
  context: Context, { id, name, sex, heightCm, massKg, groupIds }: Athlete, stored: readonly StoredDecision[],
): Promise<DecisionRow[]> {
  const own = stored.filter(one => one.athleteId === id)
  const rows = (await decisionsFor(context, id)).map((decision): DecisionRow => {
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

function takenIn(
  stored: readonly StoredDecision[], names: ReadonlyMap<string, string>, today: string,
): TakenDecision[] {
  return stored.filter(one => one.state === 'taken' && one.day > addDays(today, -UNDO_DAYS)).reverse()
    .flatMap((one): TakenDecision[] => {
      const athleteName = names.get(one.athleteId)
      if (athleteName === undefined) return []
      const { id, athleteId, variationId, day, kind, taken, given, step, reason, by } = one
      const undoable = taken !== 'refer' && taken !== 'swap'
      const what = { variationId, day, kind, taken, from: given, to: step, reason, by, undoable }
      return [{ id, athleteId, athleteName, ...what }]
    })
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
  return { outcomes, ...await decisionTray(context) }
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

/** Takes a decision of the last week back. */
export async function undoDecision(context: Context, id: string): Promise<DecisionTray> {
  await writing(context, async (tx) => {
    const { actor: { organisationId }, today } = context
    const one = (await decisionsSince(tx, organisationId, null, addDays(today, -UNDO_DAYS))).find(d => d.id === id)
    if (!one || one.state !== 'taken') throw new AppError('notFound', 'There is no such decision to take back.')
    await takeBack(tx, context, one)
    await planAgain(tx, context, [one.athleteId])
  })
  return decisionTray(context)
}
