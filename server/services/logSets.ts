import { addDays } from '~~/core/calendar'
import { mayTrain } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import { mergeSets, setKey } from '~~/shared/sameSet'
import type { PrescribedItem, SetLogInput, StoredSetLog } from '~~/shared/types'
import { itemsForLogs, type LoggedItem } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { changeLog, insertLogs, logsOfItems } from '../repositories/setLogs'
import { screenAt } from './asOf'
import { transaction, writing, type Context } from './context'
import { healthTruths, type Truth } from './healthTruth'
import { tellOfPain } from './pain'
import { record } from './record'

/**
 * Stores sets from the floor. Sending one twice changes nothing. What was done before a flag was raised is stored
 * whenever it arrives; what was done although it was stopped is refused, and the record keeps that it was sent.
 */
export async function logSets(context: Context, logs: readonly SetLogInput[]): Promise<{ stored: string[] }> {
  try {
    const answer = { stored: logs.map(log => log.id) }
    await writing(context, tx => store(tx, context, logs).then(() => answer), answer)
    return answer
  }
  catch (error) {
    if (error instanceof AppError && error.code === 'stopped') {
      await transaction(
        context,
        tx => record(tx, context, 'health.refused', { athleteId: context.actor.athleteId, after: { sets: logs } }),
      )
    }
    throw error
  }
}

async function store(tx: Tx, context: Context, logs: readonly SetLogInput[]): Promise<void> {
  const { organisationId, personId } = context.actor
  const items = await itemsForLogs(tx, organisationId, [...new Set(logs.map(log => log.prescribedItemId))])
  const athleteIds = [...new Set([...items.values()].map(({ athleteId }) => athleteId))]
  const truths = await healthTruths(tx, context, athleteIds)
  const stored = logs.map((log, index) =>
    logged(context, log, index, items.get(log.prescribedItemId), truths))
  const { fresh, changed } = await sortOut(tx, organisationId, stored, logs)
  if (context.actor.role === 'athlete') changed.forEach(mustKeepPain)
  if (fresh.length > 0) await insertLogs(tx, organisationId, personId, fresh)
  for (const { before, after, action } of changed) {
    await changeLog(tx, organisationId, after)
    await record(tx, context, action, { athleteId: after.athleteId, subjectId: after.id, before, after })
  }
  for (const [athleteId, truth] of truths) {
    const own = [...fresh, ...changed.map(({ after }) => after)].filter(log => log.athleteId === athleteId)
    if (own.length === 0) continue
    await record(tx, context, 'sets.log', { athleteId, after: { sets: own.map(log => log.id) } })
    // Pain that is known already is not told again.
    const known = new Set(changed.filter(({ before }) => hurts(before)).map(({ after }) => after.id))
    await tellOfPain(tx, context, truth.athlete, own.filter(log => !known.has(log.id)))
  }
}

/** A set as it is stored, of a drill in sight that was open when it was done. */
function logged(
  { actor, today }: Context, log: SetLogInput, index: number, found: LoggedItem | undefined,
  truths: ReadonlyMap<string, Truth>,
): StoredSetLog {
  if (!found) throw new AppError('notFound', 'This drill is not prescribed here.')
  const { athleteId } = found
  checkLog(log, index, found.item.sides, today)
  const item = { ...found.item, variationId: optionTaken(log, index, found.item) }
  mustHaveBeenOpen(log, item, truths.get(athleteId)!)
  const { corrects: _, ...said } = log
  return {
    ...said, athleteId, variationId: item.variationId, unit: item.dose.unit, tempo: item.dose.tempo ?? null,
    // Whoever does a set does not score it.
    quality: actor.role === 'athlete' ? null : log.quality ?? null,
  }
}

/** The drill that was done: its own, or an option of a set that has some. */
function optionTaken({ variationId }: SetLogInput, index: number, item: PrescribedItem): string {
  const options = (item.rounds ?? []).flatMap(round => [round.variationId, round.fallbackId])
  if (variationId === undefined || variationId === item.variationId || options.includes(variationId))
    return variationId ?? item.variationId
  throw new AppError('badInput', 'This drill is no option of this set.', {
    [`logs.${index}.variationId`]: 'This drill is no option of this set.',
  })
}

interface Change {
  readonly before: StoredSetLog
  readonly after: StoredSetLog
  readonly action: 'sets.correct' | 'sets.merge'
}

const hurts = (log: SetLogInput): boolean => log.breakPoint === 'pain' || log.painAt !== null

/** Whoever told of pain does not take it back alone. */
function mustKeepPain({ before, after }: Change): void {
  if (hurts(before) && !hurts(after))
    throw new AppError('notAllowed', 'Pain that was told stays told: your coach takes it back with you.')
}

/** A set is done once: what stands at its place already is put right or says more, and is not stored beside it. */
async function sortOut(
  tx: Tx, organisationId: string, stored: readonly StoredSetLog[], asked: readonly SetLogInput[],
): Promise<{ fresh: StoredSetLog[], changed: Change[] }> {
  const there = await logsOfItems(tx, organisationId, stored.map(log => log.prescribedItemId))
  const atPlace = new Map(there.map(log => [setKey(log), log]))
  const known = new Set(there.map(log => log.id))
  const fresh: StoredSetLog[] = []
  const changed: Change[] = []
  for (const [i, log] of stored.entries()) {
    if (known.has(log.id)) continue
    const before = atPlace.get(setKey(log))
    if (!before) {
      atPlace.set(setKey(log), log)
      fresh.push(log)
      continue
    }
    const isCorrection = asked[i]!.corrects != null
    const said = isCorrection ? { ...log, quality: log.quality ?? before.quality ?? null } : mergeSets(before, log)
    const after = { ...said, id: before.id }
    atPlace.set(setKey(log), after)
    const inBatch = fresh.findIndex(one => one.id === before.id)
    if (inBatch >= 0) fresh[inBatch] = after
    else changed.push({ before, after, action: isCorrection ? 'sets.correct' : 'sets.merge' })
  }
  return { fresh, changed }
}

function checkLog(log: SetLogInput, index: number, sides: 'both' | 'each', today: string): void {
  if (log.day > addDays(today, 1)) {
    throw new AppError('badInput', 'A set cannot be logged ahead of its day.', {
      [`logs.${index}.day`]: 'This day is yet to come.',
    })
  }
  if ((sides === 'each') !== (log.side !== null)) {
    throw new AppError('badInput', 'Say which side it was.', { [`logs.${index}.side`]: 'Say which side it was.' })
  }
}

/**
 * Refuses a set of a drill that health had stopped when it was done; rungs and equipment of the day do not matter to
 * what was done.
 */
function mustHaveBeenOpen(
  log: SetLogInput, item: Pick<PrescribedItem, 'variationId' | 'dose' | 'breath'>, truth: Truth,
): void {
  const screen = screenAt(truth, log.day, log.performedAt)
  const stop = mayTrain(item, screen).stops.find(({ rule }) =>
    ['redFlag', 'clearance', 'flag', 'age', 'dose'].includes(rule)
  )
  const locked = truth.athlete.health.pain.some(pain =>
    pain.variationId === item.variationId && pain.state === 'locked' && new Date(pain.at) < new Date(log.performedAt)
  )
  if (stop || locked)
    throw new AppError('stopped', 'This drill was stopped before this set was done. Tell your coach; it is not stored.')
}
