import type { Athlete, AthleteInput, History, RosterRow, SignInInput, Today } from '~~/shared/types'
import { call } from './call'

export const fetchRoster = (): Promise<RosterRow[]> => call('/api/athletes')
export const fetchAthlete = (id: string): Promise<Athlete> => call(`/api/athletes/${id}`)
export const addAthlete = (id: string, athlete: AthleteInput): Promise<Athlete> =>
  call('/api/athletes', { method: 'POST', body: { id, athlete } })
export const saveAthlete = (id: string, version: number, athlete: AthleteInput): Promise<Athlete> =>
  call(`/api/athletes/${id}`, { method: 'PUT', body: { version, athlete } })
export const archiveAthlete = (id: string, version: number, archived: boolean): Promise<Athlete> =>
  call(`/api/athletes/${id}/archive`, { method: 'PUT', body: { version, archived } })
export const giveAccount = (id: string, input: SignInInput): Promise<Athlete> =>
  call(`/api/athletes/${id}/account`, { method: 'POST', body: input })
export const fetchHistory = (id: string, from: string): Promise<History> => call(`/api/athletes/${id}/history/${from}`)
export const fetchToday = (id: string): Promise<Today> => call(`/api/athletes/${id}/today`)
