import { onMounted, watch } from 'vue'
import { useAlertStore } from '~/stores/alerts'
import { useTold } from './useTold'

/** Seconds within which a page learns of a flag. */
const LOOK_MS = 4000

/**
 * Looks whether something was told about health; calls (anew) when it was, so that a page reads what hangs on it.
 */
export function useAlerts(anew: () => unknown = () => undefined) {
  const store = useAlertStore()
  // A layout and its page look for one another: whoever is first looks for both.
  useTold({
    topic: 'alerts', everyMs: LOOK_MS,
    look: why => void ((why === 'told' || Date.now() - store.lookedAt > LOOK_MS / 2) && store.look()),
  })
  onMounted(async () => {
    await store.look()
    // The first reading is of what the page knows already.
    watch(() => store.mark, () => void anew())
  })
  return store
}
