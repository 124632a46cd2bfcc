import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { useEventListener, useIntervalFn, useStorage } from '@vueuse/core'
import type { SetLogInput } from '~~/shared/types'
import { AppError } from '~~/shared/errors'
import { messageOf, NoConnection } from '~/api/call'
import { sendLogs } from '~/api/weeks'

const RETRY_MS = 5000

/** Sets on their way to the server: kept on the phone until they are stored, sent in order, safe to send twice. */
export const useOutboxStore = defineStore('outbox', () => {
  const waiting = useStorage<SetLogInput[]>('keen-anchor-outbox', [])
  const refused = ref('')
  const count = computed(() => waiting.value.length)

  let inFlight: Promise<void> | null = null

  /** Sends what waits; whoever asks while it is being sent waits for the same sending. */
  function send(): Promise<void> {
    inFlight ??= sendAll().finally(() => { inFlight = null })
    return inFlight
  }

  /** One at a time: a set that is refused (another person's, say, on a shared phone) must not hold up the others. */
  async function sendAll(): Promise<void> {
    const tried = new Set<string>()
    refused.value = ''
    for (;;) {
      const next = waiting.value.find(({ id }) => !tried.has(id))
      if (!next) return
      tried.add(next.id)
      if (!await sendOne(next)) return
    }
  }

  /** False when nothing can be sent just now. A set leaves the phone only when it is stored. */
  async function sendOne(log: SetLogInput): Promise<boolean> {
    try {
      const { stored } = await sendLogs([log])
      waiting.value = waiting.value.filter(({ id }) => !stored.includes(id))
      return true
    }
    catch (error) {
      if (error instanceof NoConnection) return false
      refused.value = messageOf(error)
      return error instanceof AppError && !['notReady', 'notSignedIn', 'unexpected'].includes(error.code)
    }
  }

  function add(log: SetLogInput): void {
    waiting.value = [...waiting.value, log]
    void send()
  }

  /** Keeps trying for as long as a page that needs it is open. */
  function keepSending(): void {
    useIntervalFn(() => void send(), RETRY_MS, { immediateCallback: true })
    useEventListener('online', () => void send())
  }

  return { waiting, count, refused, add, send, keepSending }
})
