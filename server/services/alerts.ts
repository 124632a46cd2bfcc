import { addDays } from '~~/core/calendar'
import type { HealthAlert } from '~~/shared/types'
import { alertsSince } from '../repositories/alerts'
import { transaction, type Context } from './context'

/** Days an alert that is settled still shows, and the most that are shown. */
const BACK_DAYS = 3
const MOST = 60

/**
 * What coaches were told about athletes in sight; an athlete reads what was told of them. An assistant reads that there
 * is a stop.
 */
export function healthAlerts(context: Context): Promise<{ alerts: HealthAlert[] }> {
  const { actor: { organisationId, role }, today } = context
  return transaction(context, async (tx) => {
    const alerts = await alertsSince(tx, organisationId, addDays(today, -BACK_DAYS), MOST)
    return { alerts: role === 'assistant' ? alerts.filter(({ kind }) => kind !== 'limits') : alerts }
  })
}
