import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import { daysOfEntry, KIND_TEXT, seasonInstance, seasonWeek } from '~~/core/season'
import type { AthleteSeason, CalendarFeed, StoredEntry, StoredSeason } from '~~/shared/types'
import type { OutEvent } from '../calendar'
import { athleteById } from '../repositories/athletes'
import { entriesOf } from '../repositories/calendar'
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
const KIND_NAME = { competition: 'Competition', match: 'Match', practice: 'Practice', closure: 'Closed', school: 'School' } as const

/** Events of an address as far as whoever owns it sees them; null when what it is about is out of sight. */
export async function feedEvents(tx: Tx, organisationId: string, { scope, subjectId }: Pick<CalendarFeed, 'scope' | 'subjectId'>, today: (timeZone: string) => string): Promise<OutEvent[] | null> {
  const groups = await listGroups(tx, organisationId)
  const { timeZone } = (await organisationById(tx, organisationId))!
  const day = today(timeZone)
  if (scope === 'athlete') {
    const athlete = await athleteById(tx, organisationId, subjectId!)
    if (!athlete) return null
    const own = await athleteSeasons(tx, organisationId, { athleteIds: [athlete.id] })
    const skips = new Set(own.flatMap(one => one.exceptions.skips))
    const entries = (await entriesOf(tx, organisationId, athlete.groupIds)).map(entry => (skips.has(entry.id) ? { ...entry, cancelled: true } : entry))
    const drills = new Map((await sessionsBetween(tx, organisationId, athlete.id, addDays(day, -BACK_DAYS), addDays(day, SESSION_DAYS))).map(s => [s.day, s.items.length]))
    const seasons = await seasonsOf(tx, organisationId, athlete.groupIds)
    return [...entries.flatMap(entry => entryEvents(entry, '', day)), ...absences(own, day), ...seasons.flatMap(season =>
      dayEvents(season, own.find(one => one.groupId === season.groupId) ?? null, entries, day, { name: '', key: athlete.id, drills }))]
  }
  const wanted = scope === 'group' ? groups.filter(group => group.id === subjectId) : groups
  if (scope === 'group' && wanted.length === 0) return null
  const ids = wanted.map(group => group.id)
  const names = new Map(wanted.map(group => [group.id, scope === 'coach' ? `${group.name}: ` : '']))
  const entries = await entriesOf(tx, organisationId, ids)
  const seasons = await seasonsOf(tx, organisationId, ids)
  return [...entries.flatMap(entry => entryEvents(entry, names.get(entry.groupId ?? '') ?? '', day)), ...seasons.flatMap(season =>
    dayEvents(season, null, entries, day, { name: names.get(season.groupId)!, key: season.groupId, drills: new Map() }))]
}

/** An entry; one that repeats is an event for each of its days, those left out called off. */
function entryEvents(entry: StoredEntry, prefix: string, today: string): OutEvent[] {
  const event = (day: string, lastDay: string, uid: string, cancelled: boolean): OutEvent => ({
    uid, sequence: entry.sequence, changedAt: entry.changedAt, name: `${prefix}${entry.name}`, day, lastDay, startsAt: entry.startsAt, minutes: entry.minutes, timeZone: entry.timeZone,
    description: entry.importance ? `${KIND_NAME[entry.kind]}, importance ${entry.importance}.` : `${KIND_NAME[entry.kind]}.`,
    cancelled: cancelled || entry.cancelled, priority: entry.importance ? PRIORITY[entry.importance] : 0, busy: entry.kind !== 'school',
  })
  if (entry.weeklyUntil === null) {
    if (entry.lastDay < addDays(today, -BACK_DAYS)) return []
    // A thing of several days with a time takes place at that time on each of them.
    return entry.startsAt === null || entry.day === entry.lastDay
      ? [event(entry.day, entry.lastDay, `${entry.id}@keen-anchor`, false)]
      : daysOfEntry(entry).map((day, i) => event(day, day, `${entry.id}${i === 0 ? '' : `-${i + 1}`}@keen-anchor`, false))
  }
  const off = new Set(entry.except)
  return daysOfEntry({ ...entry, lastDay: entry.day, except: [] }).filter(day => day >= addDays(today, -BACK_DAYS))
    .map(day => event(day, addDays(day, Math.max(0, daysBetween(entry.day, entry.lastDay))), `${entry.id}-${day}@keen-anchor`, off.has(day)))
}

function absences(own: readonly AthleteSeason[], today: string): OutEvent[] {
  return own.flatMap(({ athleteId, version, exceptions }) => exceptions.absences.filter(({ to }) => to >= addDays(today, -BACK_DAYS)).map(({ from, to }): OutEvent => ({
    uid: `${athleteId}-away-${from}@keen-anchor`, sequence: version, changedAt: `${from}T00:00:00.000Z`, name: 'Away', day: from, lastDay: to, startsAt: null, minutes: null, timeZone: 'UTC',
    description: 'Away from training.', cancelled: false, priority: 0, busy: true,
  })))
}

/** Training days of a season; one that was trained on before a repair and no longer is, is called off. */
function dayEvents(
  season: StoredSeason, own: AthleteSeason | null, entries: readonly StoredEntry[], today: string, { name, key, drills }: { name: string, key: string, drills: ReadonlyMap<string, number> },
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
      const sequence = Math.max(season.revisions[at] ?? 0, 0) + (own ? own.version : 0)
      if (kind === 'off' && sequence === 0) return []
      const count = drills.get(day)
      return [{
        uid: `${key}-day-${day}@keen-anchor`, sequence, changedAt: season.changedAt, name: `${name}Trunk: ${kind === 'off' ? 'free' : kind}`, day, lastDay: day, startsAt: null, minutes: null, timeZone: 'UTC',
        description: `${PHASES[said.phase].name}, week ${said.weekOfPhase} of ${said.weeksOfPhase}. ${kind === 'off' ? KIND_TEXT.off : why}${count ? ` ${count} ${count === 1 ? 'drill' : 'drills'}.` : ''}`,
        cancelled: kind === 'off', priority: 0, busy: false,
      }]
    })
  })
}
