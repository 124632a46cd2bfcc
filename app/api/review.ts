import type {
  AthleteReview, NewReportLink, ReportLink, ReportLinkInput, SharedReport, WeekSeries,
} from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchReview = (athleteId: string, from: string, to: string): Promise<AthleteReview> =>
  call(`/api/athletes/${athleteId}/review/${from}/${to}`)
export const fetchSeries = (athleteId: string, from: string): Promise<WeekSeries> =>
  call(`/api/athletes/${athleteId}/series/${from}`)
export const fetchReportLinks = (athleteId: string): Promise<{ links: ReportLink[] }> =>
  call(`/api/athletes/${athleteId}/reports`)
/** Not kept and sent later: its answer is shown this once. */
export const addReportLink = (athleteId: string, input: ReportLinkInput): Promise<NewReportLink> =>
  call(`/api/athletes/${athleteId}/reports`, { method: 'POST', body: input })
export const revokeReportLink = (id: string): Promise<{ links: ReportLink[] }> =>
  write('Taking a link back', 'POST', '/api/reports/revoke', { id })
export const fetchShared = (token: string): Promise<SharedReport> => call(`/api/shared/${token}`)
