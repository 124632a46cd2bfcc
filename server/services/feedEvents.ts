import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import { catalogueWith } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { mayTrain, redFlags } from '~~/core/screening'
import { daysOfEntry, KIND_TEXT, seasonInstance, seasonWeek } from '~~/core/season'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete, AthleteSeason, CalendarFeed, StoredEntry, StoredSeason } from '~~/shared/types'
import type { OutEvent } from '../calendar'
import { athleteById } from '../repositories/athletes'
import { entriesOf } from '../repositories/calendar'
import { ownCatalogue } from '../repositories/catalogue'
import { listGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import { sessionsBetween } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { athleteSeasons, seasonsOf } from '../repositories/seasons'
import { heeded } from './seasonOf'

/** Days back that a calendar still shows. */
const BACK_DAYS = 28
const SESSION_DAYS = 60

const PRIORITY = { A: 1, B: 5, C: 9 } as const
const KIND_NAME = {
  competition: 'Competition', match: 'Match', practice: 'Practice', closure: 'Closed', school: 'School',
} as const

/** Events of an address as far as whoever owns it sees them; null when what it is about is out of sight. */
export async function feedEvents(
  tx: Tx, organisationId: string, { scope, subjectId }: Pick<CalendarFeed, 'scope' | 'subjectId'>,
  today: (timeZone: string) => string,
): Promise<OutEvent[] | null> {
  const groups = await listGroups(tx, organisationId)
  const { timeZone } = (await organisationById(tx, organisationId))!
  const day = today(timeZone)
  if (scope === 'athlete') {
    const athlete = await athleteById(tx, organisationId, subjectId!)
    if (!athlete) return null
    const own = await athleteSeasons(tx, organisationId, { athleteIds: [athlete.id] })
    const skips = new Set(own.flatMap(one => one.exceptions.skips))
    const entries = (await entriesOf(tx, organisationId, athlete.groupIds)).map(
      entry => (skips.has(entry.id) ? { ...entry, cancelled: true } : entry)
    )
    const drills = await drillsByDay(tx, organisationId, athlete, day)
    const seasons = await seasonsOf(tx, organisationId, athlete.groupIds)
    return [
      ...entries.flatMap(entry => entryEvents(entry, '', day)),
      ...absences(own, day),
      ...seasons.flatMap(season =>
        dayEvents(season, own.find(one => one.groupId === season.groupId) ?? null, entries, day, {
          name: '', key: athlete.id, drills, health: athlete.health.version - 1,
        })
      ),
    ]
  }
  const wanted = scope === 'group' ? groups.filter(group => group.id === subjectId) : groups
  if (scope === 'group' && wanted.length === 0) return null
  const ids = wanted.map(group => group.id)
  const names = new Map(wanted.map(group => [group.id, scope === 'coach' ? `${group.name}: ` : '']))
  const entries = await entriesOf(tx, organisationId, ids)
  const seasons = await seasonsOf(tx, organisationId, ids)
  return [
    ...entries.flatMap(entry => entryEvents(entry, names.get(entry.groupId ?? '') ?? '', day)),
    ...seasons.flatMap(season =>
      dayEvents(season, null, entries, day, {
        name: names.get(season.groupId)!, key: season.groupId, drills: new Map(),
      })
    ),
  ]
}

/**
 * What may be trained by day: an address outlives what was known when it was made. Null: training is stopped on that
 * day.
 */
async function drillsByDay(
  tx: Tx, organisationId: string, athlete: Athlete, today: string,
): Promise<ReadonlyMap<string, number | null>> {
  const catalogue = catalogueWith((await ownCatalogue(tx, organisationId)).own)
  const sessions = await sessionsBetween(
    tx, organisationId, athlete.id, addDays(today, -BACK_DAYS), addDays(today, SESSION_DAYS),
  )
  return new Map(sessions.map((session) => {
    const screen = screenOf(athlete, session.day < today ? today : session.day, catalogue)
    if (session.day < today) return [session.day, session.items.length]
    const open = session.items.filter(item => mayTrain(item, screen).stops.length === 0).length
    return [session.day, redFlags(screen.flags).length > 0 ? null : open]
  }))
}

/** An entry; one that repeats is an event for each of its days, those left out called off. */
function entryEvents(entry: StoredEntry, prefix: string, today: string): OutEvent[] {
  const event = (day: string, lastDay: string, uid: string, cancelled: boolean): OutEvent => ({
    uid, sequence: entry.sequence, changedAt: entry.changedAt, name: `${prefix}${entry.name}`, day, lastDay,
    startsAt: entry.startsAt, minutes: entry.minutes, timeZone: entry.timeZone,
    description: entry.importance
      ? `${KIND_NAME[entry.kind]}, importance ${entry.importance}.`
      : `${KIND_NAME[entry.kind]}.`,
    cancelled: cancelled || entry.cancelled, priority: entry.importance ? PRIORITY[entry.importance] : 0,
    busy: entry.kind !== 'school',
  })
  if (entry.weeklyUntil === null) {
    if (entry.lastDay < addDays(today, -BACK_DAYS)) return []
    // A thing of several days with a time takes place at that time on each of them.
    return entry.startsAt === null || entry.day === entry.lastDay
      ? [event(entry.day, entry.lastDay, `${entry.id}@keen-anchor`, false)]
      : daysOfEntry(entry).map((day, i) =>
        event(day, day, `${entry.id}${i === 0 ? '' : `-${i + 1}`}@keen-anchor`, false)
      )
  }
  const off = new Set(entry.except)
  return daysOfEntry({ ...entry, lastDay: entry.day, except: [] }).filter(day => day >= addDays(today, -BACK_DAYS))
    .map(day =>
      event(
        day,
        addDays(day, Math.max(0, daysBetween(entry.day, entry.lastDay))),
        `${entry.id}-${day}@keen-anchor`, off.has(day),
      )
    )
}

/** A day on which training is stopped: the address says so and no more. */
const stoppedDay = (day: string, changedAt: string): Omit<OutEvent, 'uid' | 'sequence'> => ({
  changedAt, name: 'Trunk: stopped', day, lastDay: day, startsAt: null, minutes: null, timeZone: 'UTC',
  description: 'Stopped for now: see your page.', cancelled: false, priority: 0, busy: false,
})

function absences(own: readonly AthleteSeason[], today: string): OutEvent[] {
  return own.flatMap(({ athleteId, version, exceptions }) =>
    exceptions.absences.filter(({ to }) => to >= addDays(today, -BACK_DAYS)).map(({ from, to }): OutEvent => ({
      uid: `${athleteId}-away-${from}@keen-anchor`, sequence: version, changedAt: `${from}T00:00:00.000Z`, name: 'Away',
      day: from, lastDay: to, startsAt: null, minutes: null, timeZone: 'UTC', description: 'Away from training.',
      cancelled: false, priority: 0, busy: true,
    }))
  )
}

/** Training days of a season; one that was trained on before a repair and no longer is, is called off. */
function dayEvents(
  season: StoredSeason, own: AthleteSeason | null, entries: readonly StoredEntry[], today: string,
  { name, key, drills, health = 0 }: {
    name: string
    key: string
    drills: ReadonlyMap<string, number | null>
    health?: number
  },
): OutEvent[] {
  const instance = seasonInstance(season.shape, heeded(entries, season.groupId), own?.exceptions)
  const plan = own?.plan ?? season.plan
  const from = mondayOf(addDays(today, -BACK_DAYS))
  return plan.loads.flatMap((_, week) => {
    const monday = addDays(season.shape.startsOn, 7 * week)
    const said = monday < from ? null : seasonWeek(season.shape, instance, plan, monday)
    if (!said) return []
    return said.days.flatMap(({ kind, why }, weekday): OutEvent[] => {
      const at = 7 * week + weekday
      const day = addDays(monday, weekday)
      const sequence = Math.max(season.revisions[at] ?? 0, 0) + (own ? own.version : 0) + health
      if (kind === 'off' && sequence === health) return []
      const count = drills.get(day)
      if (count === null)
        return [{ ...stoppedDay(day, season.changedAt), uid: `${key}-day-${day}@keen-anchor`, sequence }]
      return [{
        uid: `${key}-day-${day}@keen-anchor`, sequence, changedAt: season.changedAt,
        name: `${name}Trunk: ${kind === 'off' ? 'free' : kind}`, day, lastDay: day, startsAt: null, minutes: null,
        timeZone: 'UTC',
        description: `${PHASES[said.phase].name}, week ${said.weekOfPhase} of ${said.weeksOfPhase}. ${
          kind === 'off' ? KIND_TEXT.off : why
        }${count ? ` ${count} ${count === 1 ? 'drill' : 'drills'}.` : ''}`,
        cancelled: kind === 'off', priority: 0, busy: false,
      }]
    })
  })
}
