import { defineStore } from 'pinia'
import { computed } from 'vue'
import { useEventListener, useIntervalFn, useStorage } from '@vueuse/core'
import { ref } from 'vue'
import type { SetLogInput } from '~~/shared/types'
import { AppError } from '~~/shared/errors'
import { messageOf, NoConnection } from '~/api/call'
import { sendLogs } from '~/api/weeks'

const RETRY_MS = 5000

/** Sets on their way to the server: kept on the phone until they are stored, sent in order, safe to send twice. */
export const useOutboxStore = defineStore('outbox', () => {
  const waiting = useStorage<SetLogInput[]>('keen-anchor-outbox', [])
  const refused = ref('')
  const sending = ref(false)
  const count = computed(() => waiting.value.length)

  async function send(): Promise<void> {
    if (sending.value || waiting.value.length === 0) return
    sending.value = true
    try {
      while (waiting.value.length > 0) {
        const { stored } = await sendLogs(waiting.value.slice(0, 50))
        waiting.value = waiting.value.filter(log => !stored.includes(log.id))
        refused.value = ''
      }
    }
    catch (error) {
      // Sets stay where they are: a lost line or a busy server is tried again, a refusal is told.
      if (!(error instanceof NoConnection)) refused.value = error instanceof AppError ? error.message : messageOf(error)
    }
    finally {
      sending.value = false
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
