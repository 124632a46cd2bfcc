import { v7 as newKey } from 'uuid'
import { addDays, mondayOf } from '~~/core/calendar'
import { review } from '~~/core/assessment'
import { AppError } from '~~/shared/errors'
import type { Athlete, AthleteInput, Competition, History, RosterRow, SignInInput, StoredSetLog } from '~~/shared/types'
import { athleteById, insertAthlete, listAthletes, setArchived, updateAthlete } from '../repositories/athletes'
import { competitionsBetween, listGroups } from '../repositories/groups'
import { insertPerson, personByEmail } from '../repositories/people'
import { prescribedBetween } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { logsBetween } from '../repositories/setLogs'
import { weeksStarting } from '../repositories/weeks'
import { asVisitor } from '../database/connection'
import { mustSeeAthlete, transaction, type Context } from './context'
import { hashPassword } from './signIn'

/** Days the roster looks back for adherence, and for pain. */
const ADHERENCE_DAYS = 28
const PAIN_DAYS = 7
/** Days ahead in which a competition counts as the next one. */
const COMPETITION_DAYS = 365

/** Every athlete with what there is to know at a glance. */
export function roster(context: Context): Promise<RosterRow[]> {
  const { organisationId } = context.actor
  const { today } = context
  return transaction(context, async (tx) => {
    const athletes = await listAthletes(tx, organisationId)
    const ids = athletes.map(athlete => athlete.id)
    const from = addDays(today, -ADHERENCE_DAYS)
    const competitions = await competitionsBetween(tx, organisationId, null, today, addDays(today, COMPETITION_DAYS))
    const prescribed = await prescribedBetween(tx, organisationId, ids, from, today)
    const logs = await logsBetween(tx, organisationId, ids, from, today)
    const weeks = new Map((await weeksStarting(tx, organisationId, mondayOf(today))).map(week => [week.athleteId, week]))
    return athletes.map((athlete): RosterRow => {
      const own = logs.filter(log => log.athleteId === athlete.id)
      const planned = prescribed.filter(p => p.athleteId === athlete.id).map(toPrescribed)
      return {
        athlete,
        nextCompetition: nextFor(athlete, competitions),
        thisWeek: weeks.get(athlete.id)?.status ?? 'none',
        adherence: review(planned, own).adherence,
        lastLogDay: own.at(-1)?.day ?? null,
        painInLastDays: hadPain(own, addDays(today, -PAIN_DAYS)),
      }
    })
  })
}

function nextFor(athlete: Athlete, competitions: readonly Competition[]): Competition | null {
  return competitions.find(c => athlete.groupIds.includes(c.groupId)) ?? null
}

function hadPain(logs: readonly StoredSetLog[], since: string): boolean {
  return logs.some(log => log.day >= since && log.breakPoint === 'pain')
}

export function getAthlete(context: Context, id: string): Promise<Athlete> {
  return transaction(context, tx => mustSeeAthlete(tx, context.actor, id))
}

/** Adds an athlete under the sender's key; a repeat answers with the one already there. */
export function addAthlete(context: Context, id: string, input: AthleteInput): Promise<Athlete> {
  return transaction(context, async (tx) => {
    await checkGroups(tx, context, input)
    await insertAthlete(tx, context.actor.organisationId, id, input)
    const stored = await athleteById(tx, context.actor.organisationId, id)
    if (!stored) throw new AppError('alreadyExists', 'This key is in use. Load the page again and try once more.')
    return stored
  })
}

export function saveAthlete(context: Context, id: string, version: number, input: AthleteInput): Promise<Athlete> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context.actor, id)
    await checkGroups(tx, context, input)
    if (!await updateAthlete(tx, organisationId, id, version, input)) throw changedElsewhere()
    return mustSeeAthlete(tx, context.actor, id)
  })
}

export function archiveAthlete(context: Context, id: string, version: number, archived: boolean): Promise<Athlete> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context.actor, id)
    if (!await setArchived(tx, context.actor.organisationId, id, version, archived)) throw changedElsewhere()
    return mustSeeAthlete(tx, context.actor, id)
  })
}

const changedElsewhere = (): AppError =>
  new AppError('changedElsewhere', 'Somebody else changed this athlete meanwhile. Load the page again to see it; your words are still here.')

async function checkGroups(tx: Tx, context: Context, input: AthleteInput): Promise<void> {
  const known = new Set((await listGroups(tx, context.actor.organisationId)).map(group => group.id))
  if (!input.groupIds.every(id => known.has(id))) {
    throw new AppError('badInput', 'A group is not known here.', { groupIds: 'A group is not known here.' })
  }
}

/** Gives an athlete a sign-in of their own. */
export async function giveAccount(context: Context, athleteId: string, { email, password }: SignInInput): Promise<Athlete> {
  const passwordHash = await hashPassword(password)
  const taken = await asVisitor(context.db, email, tx => personByEmail(tx, email))
  if (taken) throw inUse()
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context.actor, athleteId)
    if (athlete.accountEmail) throw new AppError('alreadyExists', `${athlete.name} already has a sign-in.`)
    await insertPerson(tx, {
      id: newKey(), organisationId: context.actor.organisationId, athleteId, role: 'athlete', name: athlete.name, email,
      passwordHash,
    })
    return mustSeeAthlete(tx, context.actor, athleteId)
  })
}

const inUse = (): AppError =>
  new AppError('alreadyExists', 'This e-mail is in use.', { email: 'This e-mail is in use.' })

/** What was planned and done from one day to another. */
export function history(context: Context, athleteId: string, from: string, to: string): Promise<History> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context.actor, athleteId)
    const prescribed = await prescribedBetween(tx, organisationId, [athleteId], from, to)
    const logs = await logsBetween(tx, organisationId, [athleteId], from, to)
    return {
      from, to, logs,
      prescribed: prescribed.map(toPrescribed),
    }
  })
}

type PrescribedRow = Awaited<ReturnType<typeof prescribedBetween>>[number]

function toPrescribed({ itemId, variationId, day, item }: PrescribedRow): History['prescribed'][number] {
  return { itemId, variationId, day, dose: item.dose, extraSetSide: item.extraSetSide }
}
