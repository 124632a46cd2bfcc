import { addDays } from '~~/core/calendar'
import { mayTrain } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { SetLogInput, StoredSetLog } from '~~/shared/types'
import { itemForLog } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { insertLogs } from '../repositories/setLogs'
import { screenAt } from './asOf'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { healthTruth, type Truth } from './healthTruth'
import { tellOfPain } from './pain'
import { record } from './record'

/**
 * Stores sets from the floor. Sending one twice changes nothing. What was done before a flag was raised is stored
 * whenever it arrives; what was done although it was stopped is refused, and the record keeps that it was sent.
 */
export async function logSets(context: Context, logs: readonly SetLogInput[]): Promise<{ stored: string[] }> {
  try {
    return await writing(context, tx => store(tx, context, logs))
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

async function store(tx: Tx, context: Context, logs: readonly SetLogInput[]): Promise<{ stored: string[] }> {
  const { organisationId, personId } = context.actor
  const stored: StoredSetLog[] = []
  const truths = new Map<string, Truth>()
  for (const [index, log] of logs.entries()) {
    const found = await itemForLog(tx, organisationId, log.prescribedItemId)
    if (!found) throw new AppError('notFound', 'This drill is not prescribed here.')
    await mustSeeAthlete(tx, context, found.athleteId)
    checkLog(log, index, found.item.sides, context.today)
    const truth = truths.get(found.athleteId) ?? await healthTruth(tx, context, found.athleteId)
    truths.set(found.athleteId, truth)
    mustHaveBeenOpen(log, found.item, truth)
    stored.push({
      ...log,
      athleteId: found.athleteId,
      variationId: found.item.variationId,
      unit: found.item.dose.unit,
      tempo: found.item.dose.tempo ?? null,
      // Whoever does a set does not score it.
      quality: context.actor.role === 'athlete' ? null : log.quality ?? null,
    })
  }
  await insertLogs(tx, organisationId, personId, stored)
  for (const [athleteId, truth] of truths) {
    const own = stored.filter(log => log.athleteId === athleteId)
    await record(tx, context, 'sets.log', { athleteId, after: { sets: own.map(log => log.id) } })
    await tellOfPain(tx, context, truth.athlete, own)
  }
  return { stored: stored.map(log => log.id) }
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
function mustHaveBeenOpen(log: SetLogInput, item: Parameters<typeof mayTrain>[0], truth: Truth): void {
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
