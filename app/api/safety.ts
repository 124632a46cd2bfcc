import type { HealthAlert } from '~~/shared/types'
import { call } from './call'

export const fetchAlerts = (): Promise<{ alerts: HealthAlert[] }> => call('/api/alerts', { unasked: true })
