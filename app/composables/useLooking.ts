import { useIntervalFn } from '@vueuse/core'
import { onBeforeUnmount, watch } from 'vue'
import { messageOf } from '~~/shared/errors'

/** How often work that goes on elsewhere is looked at. */
const LOOK_MS = 1000

/** Looks at work again and again while it is (going); what goes wrong is (told), and the looking goes on. */
export function useLooking(going: () => boolean, look: () => Promise<unknown>, tell: (problem: string) => void): void {
  const { pause, resume } = useIntervalFn(() => {
    void look().catch((error: unknown) => tell(messageOf(error)))
  }, LOOK_MS, { immediate: false })
  watch(going, on => (on ? resume() : pause()), { immediate: import.meta.client })
  onBeforeUnmount(pause)
}
