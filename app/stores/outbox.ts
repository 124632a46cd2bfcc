import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { SetLogInput } from '~~/shared/types'
import { waitingWrites, writes } from '~/api/writes'
import { leaveLog } from '~/api/weeks'

/** Sets on their way to the server: kept on the phone until they are stored, sent in order, safe to send twice. */
export const useOutboxStore = defineStore('outbox', () => {
  const waiting = computed((): SetLogInput[] => waitingWrites.value
    .filter(write => write.path === '/api/logs')
    .flatMap(write => (write.body as { logs: SetLogInput[] }).logs))

  /** A set that is refused stays refused: the queue shows why. */
  function add(log: SetLogInput): void {
    leaveLog(log)
  }

  /** Sends what waits now, instead of when the line is tried next. */
  const drain = (): Promise<void> => writes.drain()

  return { waiting, add, drain }
})
