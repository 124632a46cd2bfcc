import { shallowRef } from 'vue'
import type { Line, Write } from '~/device/write'
import { deviceShelf, onOtherTab } from '~/device/writeShelf'
import { WriteQueue } from './writeQueue'

/** What waits to be stored and how the line is, for whoever shows it. */
export const waitingWrites = shallowRef<readonly Write[]>([])
export const line = shallowRef<Line>('open')

/** The one queue of this tab. */
export const writes = new WriteQueue(deviceShelf, (all, how) => {
  waitingWrites.value = all
  line.value = how
})

onOtherTab(() => void writes.openAgain())

/** Sends a write that nothing replaces; settles when it is stored. */
export async function write<T>(label: string, method: Write['method'], path: string, body?: unknown): Promise<T> {
  return await writes.send<T>({ key: `${method} ${path} ${Math.random()}`, label, method, path, body }) as T
}
