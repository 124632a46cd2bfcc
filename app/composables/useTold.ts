import { onBeforeUnmount, onMounted, watch } from 'vue'
import type { Topic } from '~~/shared/types'
import { useLiveStore } from '~/stores/live'

/** While the server tells of changes the clock asks only now and then, for what a message may have missed. */
const SELDOM_MS = 60_000

interface Looking {
  readonly topic: Topic
  /** Whom or what it is about; null: whoever. */
  readonly subject?: () => string | null
  /** Looks, and is told why: because something changed, or because it is time. */
  readonly look: (why: 'told' | 'clock') => unknown
  /** How often it is asked where nobody tells. */
  readonly everyMs: number
  readonly while?: () => boolean
}

/** Looks whenever the server tells of a change, and by the clock where it does not. */
export function useTold({ topic, subject = () => null, look, everyMs, while: going = () => true }: Looking): void {
  const live = useLiveStore()
  // By hand: a phone's first page has no room for a package of helpers.
  let timer: ReturnType<typeof setInterval> | undefined
  const pause = (): void => clearInterval(timer)
  function resume(): void {
    pause()
    timer = setInterval(() => { look('clock') }, live.isLive ? SELDOM_MS : everyMs)
  }
  const away = live.whenTold(topic, (about) => {
    if (going() && (about === null || subject() === null || subject() === about)) look('told')
  })
  watch([going, () => live.isLive], () => (going() ? resume() : pause()))
  onMounted(() => { if (going()) resume() })
  onBeforeUnmount(() => {
    away()
    pause()
  })
}
