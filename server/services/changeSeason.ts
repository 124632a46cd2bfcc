import { v7 as newKey } from 'uuid'
import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import {
  NO_EXCEPTIONS, planMark, seasonInstance, type ChangedDay, type Repair, type SeasonPlan, type SeasonShape,
} from '~~/core/season'
import { AppError } from '~~/shared/errors'
import type {
  Athlete, AthleteSeasonChange, SeasonChange, SeasonChanged, StoredEntry, StoredSeason,
} from '~~/shared/types'
import { athletesOfGroup } from '../repositories/athletes'
import { cancelEntries, entriesOf, putEntries } from '../repositories/calendar'
import { listGroups } from '../repositories/groups'
import type { Tx } from '../repositories/rows'
import { athleteSeasons, insertSeasonChange, saveAthleteSeason, saveSeason, seasonsOf } from '../repositories/seasons'
import { weeksStored } from '../repositories/weeks'
import { seasonInPool } from '../solver'
import { mustSeeAthlete, writing, type Context } from './context'
import { startRunIn } from './planRuns'
import { record } from './record'
import { heeded } from './seasonOf'
import { mailSeasonChange } from './seasonMail'
import { seasonsInSight } from './seasons'

/**
 * Changes a group's season: its shape, its calendar, or both. The plan follows by the same reckoning the coach looked
 * at; athletes who do otherwise follow it in turn; weeks that are already planned are planned anew in the background;
 * those it is about are told.
 */
export function changeSeason(context: Context, groupId: string, change: SeasonChange): Promise<SeasonChanged> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    if (!(await listGroups(tx, organisationId)).some(group => group.id === groupId))
      throw new AppError('notFound', 'There is no such group here.')
    const before = (await seasonsOf(tx, organisationId, [groupId]))[0] ?? null
    if ((before?.version ?? 0) !== change.version) throw await changedElsewhere(tx, context)
    const shared = await changeCalendar(tx, context, groupId, change)
    const { changed, runId } = await carryOut(tx, context, before, groupId, change)
    if (shared) await carryToOthers(tx, context, groupId, change)
    return { seasons: await seasonsInSight(tx, context), changed, runId }
  })
}

/** The plan of one group after its calendar or shape has changed, and all that follows from it. */
async function carryOut(
  tx: Tx, context: Context, before: StoredSeason | null, groupId: string, change: SeasonChange,
): Promise<{ changed: readonly ChangedDay[], runId: string | null }> {
  const { organisationId, personId } = context.actor
  const entries = heeded(await entriesOf(tx, organisationId, [groupId]), groupId)
  const found = await seasonInPool({
    of: 'group',
    change: [before, change.shape, seasonInstance(change.shape, entries), context.today, {
      pins: change.pins, prefer: change.prefer ?? undefined,
    }],
  })
  if (change.expect !== null && change.expect !== planMark(found.plan)) throw await changedElsewhere(tx, context)
  const season = {
    groupId, version: change.version, shape: change.shape, plan: found.plan, pins: change.pins,
    revisions: revised(before, change.shape, found.changed),
  }
  if (!await saveSeason(tx, organisationId, season, personId)) throw await changedElsewhere(tx, context)
  const athletes = await athletesOfGroup(tx, organisationId, groupId)
  const own = await followGroup(tx, context, before, season, entries, change.title, athletes)
  await tell(tx, context, {
    groupId, athleteId: null, title: change.title, shape: change.shape, changed: found.changed,
  }, athletes.filter(athlete => !own.has(athlete.id)))
  await record(tx, context, 'season.change', {
    subjectId: groupId, before: before?.shape,
    after: {
      title: change.title, shape: change.shape, put: change.put.length, cancelled: change.cancel.length,
      days: found.changed.length,
    },
  })
  // A first season leaves weeks as their coaches made them.
  const mondays = before && change.replan ? touchedMondays(change.shape, before.plan, found, context.today) : []
  return { changed: found.changed, runId: await planAnew(tx, context, athletes.map(athlete => athlete.id), mondays) }
}

/**
 * What the whole centre shares stands in every group's calendar: their seasons are repaired too, with the fewest
 * changes.
 */
async function carryToOthers(tx: Tx, context: Context, groupId: string, change: SeasonChange): Promise<void> {
  for (const other of await seasonsOf(tx, context.actor.organisationId, null)) {
    if (other.groupId === groupId) continue
    await carryOut(tx, context, other, other.groupId, {
      ...change, version: other.version, shape: other.shape, put: [], cancel: [], pins: other.pins,
      prefer: 'fewestChanges', expect: null,
    })
  }
}

/** Changes what one athlete does otherwise. */
export function changeAthleteSeason(
  context: Context, athleteId: string, change: AthleteSeasonChange,
): Promise<SeasonChanged> {
  const { organisationId, personId } = context.actor
  // eslint-disable-next-line complexity -- guard after guard, each with its word
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const season = (await seasonsOf(tx, organisationId, [change.groupId]))[0]
    if (!season || !athlete.groupIds.includes(change.groupId))
      throw new AppError('notFound', 'The athlete has no such season.')
    const before = (await athleteSeasons(tx, organisationId, { athleteIds: [athleteId] })).find(one =>
      one.groupId === change.groupId
    ) ?? null
    if ((before?.version ?? 0) !== change.version)
      throw await changedElsewhere(tx, context)
    const entries = heeded(await entriesOf(tx, organisationId, [change.groupId]), change.groupId)
    const found = await seasonInPool({
      of: 'athlete',
      change: [
        season, before?.plan ?? null, seasonInstance(season.shape, entries, change.exceptions), context.today,
        { pins: change.exceptions.pins, prefer: change.prefer ?? undefined },
      ],
    })
    const next = {
      athleteId, groupId: change.groupId, version: change.version, exceptions: change.exceptions, plan: found.plan,
    }
    if (!await saveAthleteSeason(tx, organisationId, next, personId)) throw await changedElsewhere(tx, context)
    await tell(tx, context, {
      groupId: change.groupId, athleteId, title: change.title, shape: season.shape, changed: found.changed,
    }, [athlete])
    await record(tx, context, 'season.athlete', {
      athleteId, subjectId: change.groupId, before: before?.exceptions ?? NO_EXCEPTIONS, after: change.exceptions,
    })
    const mondays = change.replan ? touchedMondays(season.shape, before?.plan ?? season.plan, found, context.today) : []
    const runId = await planAnew(tx, context, [athleteId], mondays)
    return { seasons: await seasonsInSight(tx, context), changed: found.changed, runId }
  })
}

async function changedElsewhere(tx: Tx, context: Context): Promise<AppError> {
  return new AppError(
    'changedElsewhere',
    'The season or its calendar was changed meanwhile. Look at the repair again.',
    undefined, await seasonsInSight(tx, context),
  )
}

/**
 * What the whole centre shares is the head coach's; what belongs to another group is not reached from here. True when
 * all share a part of the change.
 */
async function changeCalendar(
  tx: Tx, { actor: { organisationId, role } }: Context, groupId: string, { put, cancel }: SeasonChange,
): Promise<boolean> {
  const there = new Map((await entriesOf(tx, organisationId, null)).map(entry => [entry.id, entry]))
  const reached = [
    ...put,
    ...put.flatMap(entry => there.get(entry.id) ?? []),
    ...cancel.map(id => there.get(id) ?? { groupId: '' }),
  ]
  if (reached.some(entry => entry.groupId !== groupId && entry.groupId !== null))
    throw new AppError('notFound', 'This is not in the calendar of the group.')
  if (role !== 'headCoach' && reached.some(entry => entry.groupId === null))
    throw new AppError('notAllowed', 'What the whole centre shares is changed by the head coach.')
  await putEntries(tx, organisationId, put)
  await cancelEntries(tx, organisationId, cancel)
  return reached.some(entry => entry.groupId === null)
}

/** How often each day was changed, for calendars that read the plan. */
function revised(
  before: StoredSeason | null, shape: SeasonShape, changed: readonly ChangedDay[],
): Record<number, number> {
  const revisions: Record<number, number> = before && before.shape.startsOn === shape.startsOn
    ? { ...before.revisions }
    : {}
  for (const { day } of changed) revisions[day] = (revisions[day] ?? 0) + 1
  return revisions
}

/** Lets athletes who do otherwise follow the group's plan; returns who they are. */
async function followGroup(
  tx: Tx, context: Context, before: StoredSeason | null, season: Omit<StoredSeason, 'changedAt'>,
  entries: readonly StoredEntry[], title: string, athletes: readonly Athlete[],
): Promise<Set<string>> {
  const { organisationId, personId } = context.actor
  const own = await athleteSeasons(tx, organisationId, { groupIds: [season.groupId] })
  for (const one of own) {
    // Days of a season that began on another day are not those of this one.
    const had = before?.shape.startsOn === season.shape.startsOn ? one.plan : null
    const found = await seasonInPool({
      of: 'athlete',
      change: [
        season, had, seasonInstance(season.shape, entries, one.exceptions), context.today,
        { pins: had ? one.exceptions.pins : [] },
      ],
    })
    if (!await saveAthleteSeason(tx, organisationId, { ...one, plan: found.plan }, personId))
      throw await changedElsewhere(tx, context)
    await tell(tx, context, {
      groupId: season.groupId, athleteId: one.athleteId, title, shape: season.shape, changed: found.changed,
    }, athletes.filter(athlete => athlete.id === one.athleteId))
  }
  return new Set(own.map(one => one.athleteId))
}

interface News {
  readonly groupId: string
  readonly athleteId: string | null
  readonly title: string
  readonly shape: SeasonShape
  readonly changed: readonly ChangedDay[]
}

async function tell(
  tx: Tx, context: Context, { groupId, athleteId, title, shape, changed }: News, athletes: readonly Athlete[],
): Promise<void> {
  const days = changed.map(({ day, from, to, reason }) => ({ day: addDays(shape.startsOn, day), from, to, reason }))
  await insertSeasonChange(
    tx, context.actor.organisationId, { id: newKey(), groupId, athleteId, title, days }, context.actor.personId,
  )
  if (days.length > 0) await mailSeasonChange(tx, context, athletes, title, days)
}

/** Weeks from the present one on that a repair touches: a day, the phase or the load is another. */
function touchedMondays(
  shape: SeasonShape, before: SeasonPlan, { plan, changed }: Pick<Repair, 'plan' | 'changed'>, today: string,
): string[] {
  return plan.loads.flatMap((load, week) => {
    const monday = addDays(shape.startsOn, 7 * week)
    if (monday < mondayOf(today)) return []
    const other = before.loads[week] !== load || before.phases[week] !== plan.phases[week]
      || changed.some(({ day }) => Math.floor(day / 7) === week)
    return other ? [monday] : []
  })
}

async function planAnew(
  tx: Tx, context: Context, athleteIds: readonly string[], mondays: readonly string[],
): Promise<string | null> {
  const stored = await weeksStored(tx, context.actor.organisationId, athleteIds, mondays)
  if (stored.length === 0) return null
  const touched = [...new Set(stored.map(week => week.startsOn))].sort()
  const id = newKey()
  await startRunIn(tx, context, {
    id,
    athleteIds: [...new Set(stored.map(week => week.athleteId))],
    startsOn: touched[0]!, weeks: daysBetween(touched[0]!, touched.at(-1)!) / 7 + 1, sessions: [], replace: true,
    own: { today: context.today, mondays: touched },
  })
  return id
}
