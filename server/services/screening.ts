import { FLAGS, flagsFrom, type Answers, type Clearance, type Flag } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { answersOf, setAnswers, setClearances } from '../repositories/assessment'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'

/**
 * Stores answers and the flags they raise. A coach's answers are the last word; an athlete's can raise flags and never take
 * one away that somebody has raised.
 */
export function screenAthlete(context: Context, athleteId: string, answers: Answers): Promise<Athlete> {
  const { organisationId, role } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const before = await answersOf(tx, organisationId, athleteId)
    const raised = flagsFrom(answers)
    const kept = role === 'athlete' ? athlete.flags : []
    const flags = flagsFrom(Object.fromEntries([...kept, ...raised].map(flag => [flag, true])))
    // The athlete's own answers are written by the product: the profile is not the athlete's to change.
    await asSystem(tx, context.actor, () => setAnswers(tx, organisationId, athleteId, answers, flags))
    await record(tx, context, 'health.screen', { athleteId, before: { answers: before, flags: athlete.flags }, after: { answers, flags } })
    return mustSeeAthlete(tx, context, athleteId)
  })
}

const refused = (field: string, text: string): AppError => new AppError('badInput', text, { [field]: text })

/** Writes down a clinician's word on a flag the athlete has. */
export function addClearance(context: Context, athleteId: string, clearance: Clearance): Promise<Athlete> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const flag: Flag = FLAGS[clearance.flag]
    if (!athlete.flags.includes(clearance.flag)) throw refused('flag', 'The athlete does not have this flag.')
    if (clearance.until !== null && clearance.until < clearance.from) throw refused('until', 'It ends before it begins.')
    if (clearance.from > context.today) throw refused('from', 'A clearance is written down when it was given, not ahead of it.')
    if (clearance.extent === 'breath' && !flag.noBreathHold) throw refused('extent', 'This flag says nothing about breath-holding.')
    const { clearances } = athlete
    if (!clearances.some(c => c.id === clearance.id)) {
      await setClearances(tx, context.actor.organisationId, athleteId, [...clearances, clearance])
      await record(tx, context, 'health.clear', { athleteId, subjectId: clearance.id, after: clearance })
    }
    return mustSeeAthlete(tx, context, athleteId)
  })
}

export function withdrawClearance(context: Context, athleteId: string, id: string): Promise<Athlete> {
  return writing(context, async (tx) => {
    const { clearances } = await mustSeeAthlete(tx, context, athleteId)
    const gone = clearances.find(c => c.id === id)
    if (!gone) throw new AppError('notFound', 'There is no such clearance here.')
    await setClearances(tx, context.actor.organisationId, athleteId, clearances.filter(c => c.id !== id))
    await record(tx, context, 'health.withdraw', { athleteId, subjectId: id, before: gone })
    return mustSeeAthlete(tx, context, athleteId)
  })
}
