import { ROSTER_MOST } from '~~/shared/rosterMost'
import type { Athlete, AthleteInput, History, RosterPage, RosterQuery, Today } from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { write } from './writes'

/** A part of the roster; as much of it as is ever answered at once, where it is not said how much. */
export const fetchRoster = (query: RosterQuery = {}): Promise<RosterPage> => {
  const asked = Object.entries({ most: ROSTER_MOST, ...query }).flatMap(([name, value]) =>
    value === undefined || value === '' ? [] : [[name, String(value)]])
  return keptCall(`/api/athletes?${new URLSearchParams(asked).toString()}`)
}
export const fetchAthlete = (id: string): Promise<Athlete> => keptCall(`/api/athletes/${id}`)
export const addAthlete = (id: string, athlete: AthleteInput): Promise<Athlete> =>
  write(`New athlete ${athlete.name}`, 'POST', '/api/athletes', { id, athlete })
export const importAthletes = (athletes: readonly { id: string, athlete: AthleteInput }[]): Promise<Athlete[]> =>
  write('Athletes from a file', 'POST', '/api/athletes/import', { athletes })
export const saveAthlete = (id: string, version: number, athlete: AthleteInput): Promise<Athlete> =>
  write(`Profile of ${athlete.name}`, 'PUT', `/api/athletes/${id}`, { version, athlete })
export const archiveAthlete = ({ id, version, name }: Athlete, archived: boolean): Promise<Athlete> =>
  write(`${archived ? 'Archiving' : 'Bringing back'} ${name}`, 'PUT', `/api/athletes/${id}/archive`, {
    version, archived,
  })
export const inviteAthlete = ({ id, name }: Athlete, invitation: { id: string, email: string }): Promise<Athlete> =>
  write(`Invitation of ${name}`, 'POST', `/api/athletes/${id}/invitation`, invitation)
export const eraseAthlete = ({ id, name }: Athlete, typed: string): Promise<{ erased: string }> =>
  write(`Erasing ${name}`, 'DELETE', `/api/athletes/${id}`, { name: typed })
export const exportAthlete = (id: string): Promise<Record<string, unknown>> => call(`/api/athletes/${id}/export`)
export const fetchHistory = (id: string, from: string): Promise<History> => call(`/api/athletes/${id}/history/${from}`)
export const fetchToday = (id: string): Promise<Today> => keptCall(`/api/athletes/${id}/today`)
