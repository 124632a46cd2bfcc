import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { HealthAlert } from '~~/shared/types'
import { fetchAlerts } from '~/api/safety'

/** What was told about the health of athletes in sight, as it was last read. */
export const useAlertStore = defineStore('alerts', () => {
  const alerts = shallowRef<readonly HealthAlert[]>([])
  /** Changes whenever something was told or settled: pages that show health read anew. */
  const mark = computed(() => alerts.value.map(({ id, settled }) => `${id}${settled ? '+' : ''}`).join())
  const open = computed(() => alerts.value.filter(({ settled, kind }) => !settled && kind !== 'cleared'))

  /** A line that is down changes nothing: what was told stays told, and is asked for again. */
  async function look(): Promise<void> {
    const found = await fetchAlerts().catch(() => null)
    if (found) alerts.value = found.alerts
  }

  return { alerts, mark, open, look }
})
