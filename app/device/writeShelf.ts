import { database } from './database'
import { allKept, forget, whose } from './kept'
import { locked, unlocked } from './lock'
import type { Write } from './write'

/** Where writes lie until the server has them. */
export interface WriteShelf {
  /** Settles once it is on the disk. @throws when the device has no room or no storage. */
  readonly put: (write: Write) => Promise<void>
  readonly drop: (id: string) => Promise<void>
  /** What lies there for whoever is signed in, in the order it was put there. */
  readonly all: () => Promise<Write[]>
}

/** Between the tabs of one device: that something was put on the shelf or taken from it. */
const tabs = import.meta.client ? new BroadcastChannel('keen-anchor/writes') : null

/** Calls back when another tab has changed what lies here. */
export function onOtherTab(changed: () => void): void {
  tabs?.addEventListener('message', changed)
}

/** The shelf of this device: each person's writes apart, in the order they were made, whatever the clock says. */
export const deviceShelf: WriteShelf = {
  async put(write) {
    const person = whose()
    const tx = (await database()).transaction('writes', 'readwrite', { durability: 'strict' })
    const key = await tx.store.index('id').getKey(write.id)
    await Promise.all([tx.store.put({ person, id: write.id, locked: locked(JSON.stringify(write)) }, key), tx.done])
    tabs?.postMessage(null)
  },
  async drop(id) {
    const tx = (await database()).transaction('writes', 'readwrite')
    const key = await tx.store.index('id').getKey(id)
    await Promise.all([key === undefined ? null : tx.store.delete(key), tx.done])
    tabs?.postMessage(null)
  },
  async all() {
    const person = whose()
    await takeOver()
    const rows = await (await database()).getAllFromIndex('writes', 'person', person)
    return rows.flatMap(({ locked: text, write }) => {
      const own = text === undefined ? null : unlocked(text)
      return own === null ? write ?? [] : JSON.parse(own) as Write
    })
  },
}

/** Releases before 0.3 kept writes by name: they come first, and leave that place once they are on the disk. */
async function takeOver(): Promise<void> {
  for (const write of allKept<Write>('write/')) {
    await deviceShelf.put(write)
    forget(`write/${write.id}`)
  }
}
