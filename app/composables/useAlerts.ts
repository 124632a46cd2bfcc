import { useIntervalFn } from '@vueuse/core'
import { onMounted, watch } from 'vue'
import { useAlertStore } from '~/stores/alerts'

/** Seconds within which a page learns of a flag. */
const LOOK_MS = 4000

/**
 * Looks every few seconds whether something was told about health; calls (anew) when it was, so that a page reads what
 * hangs on it.
 */
export function useAlerts(anew: () => unknown = () => undefined) {
  const store = useAlertStore()
  // A layout and its page look for one another: whoever is first looks for both.
  const { resume } = useIntervalFn(() => void (Date.now() - store.lookedAt > LOOK_MS / 2 && store.look()), LOOK_MS, {
    immediate: false,
  })
  onMounted(async () => {
    await store.look()
    // The first reading is of what the page knows already.
    watch(() => store.mark, () => void anew())
    resume()
  })
  return store
}
