import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { HealthAlert } from '~~/shared/types'
import { fetchAlerts } from '~/api/safety'
import { keep, kept } from '~/device/kept'

const SEEN = 'alerts-seen'

/** What was told about the health of athletes in sight, as it was last read. */
export const useAlertStore = defineStore('alerts', () => {
  const alerts = shallowRef<readonly HealthAlert[]>([])
  /** Changes whenever something was told or settled: pages that show health read anew. */
  const mark = computed(() => alerts.value.map(({ id, settled }) => `${id}${settled ? '+' : ''}`).join())
  const open = computed(() => alerts.value.filter(({ settled, kind }) => !settled && kind !== 'cleared'))
  /**
   * Alerts this person has seen on this device: they stand on Today and the pages they are about, and no longer above
   * every page.
   */
  const seen = shallowRef<readonly string[]>([])
  const news = computed(() => open.value.filter(({ id }) => !seen.value.includes(id)))
  function see(): void {
    seen.value = open.value.map(({ id }) => id)
    keep(SEEN, seen.value)
  }

  const lookedAt = ref(0)
  let asking: Promise<void> | null = null
  let again = false
  /** What is told while it is being asked is asked once more, by whomever it was told. */
  function look(): Promise<void> {
    again = asking !== null
    return asking ??= read().finally(() => { asking = null }).then(() => (again ? look() : undefined))
  }
  /** A line that is down changes nothing: what was told stays told, and is asked for again. */
  async function read(): Promise<void> {
    lookedAt.value = Date.now()
    const found = await fetchAlerts().catch(() => null)
    seen.value = kept<string[]>(SEEN) ?? []
    if (found) alerts.value = found.alerts
  }

  return { alerts, mark, open, news, see, look, lookedAt }
})
