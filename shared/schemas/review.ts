import type { SessionEffort } from '~~/core/review'
import type { ReportLinkInput } from '../types'
import { choice, count, form, id, isoDay } from './common'

export const sessionEffortSchema = form<Omit<SessionEffort, 'day'>>({
  effort: count('Effort', 0, 10), minutes: count('Minutes', 1, 600),
})

export const reportLinkSchema = form<ReportLinkInput>({
  id: id('Key'), kind: choice('Report', ['athlete', 'staff']), from: isoDay('From'), to: isoDay('To'),
  days: count('Days', 1, 90),
})
