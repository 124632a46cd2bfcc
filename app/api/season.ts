import type {
  AthleteSeasonChange, CalendarFeed, CalendarFound, CalendarSource, CoachDay, FeedInput, MySeason, NewFeed,
  SeasonChange, SeasonChanged, SeasonsAnswer,
} from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { write } from './writes'

export const fetchSeasons = (): Promise<SeasonsAnswer> => call('/api/seasons')
export const saveSeason = (groupId: string, change: SeasonChange): Promise<SeasonChanged> =>
  write('The season', 'PUT', `/api/seasons/${groupId}`, change)
export const fetchMySeason = (athleteId: string): Promise<MySeason> => call(`/api/athletes/${athleteId}/season`)
export const saveAthleteSeason = (athleteId: string, change: AthleteSeasonChange): Promise<SeasonChanged> =>
  write('An athlete’s season', 'PUT', `/api/athletes/${athleteId}/season`, change)
/** The day of a squad, or of the squads in sight. */
export const fetchCoachDay = (groupId: string | null): Promise<CoachDay> =>
  keptCall(groupId ? `/api/day?group=${groupId}` : '/api/day')

/** Reads a calendar; nothing is stored by it. */
export const readCalendar = (source: CalendarSource): Promise<CalendarFound> =>
  call('/api/calendar/read', { method: 'POST', body: source })
export const fetchFeeds = (): Promise<CalendarFeed[]> => call('/api/feeds')
export const addFeed = (input: FeedInput): Promise<NewFeed> => write('A calendar address', 'POST', '/api/feeds', input)
export const revokeFeed = (id: string): Promise<CalendarFeed[]> =>
  write('Taking a calendar address back', 'POST', '/api/feeds/revoke', { id })
