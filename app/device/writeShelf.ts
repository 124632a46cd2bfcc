import { database } from './database'
import { allKept, forget, keepUntil, whose } from './kept'
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

/** Writes on their way to the disk, by name. */
const ON_THE_WAY = 'write/'
/** Those that this page itself is putting there. */
const own = new Set<string>()

/**
 * The shelf of this device: each person's writes apart, in the order they were made, whatever the clock says.
 *
 * A page that is left takes with it what it was putting in the database: until that is done a write lies by name as
 * well, which is kept at once. Releases before 0.3 kept all of theirs so.
 */
export const deviceShelf: WriteShelf = {
  async put(write) {
    const person = whose()
    own.add(write.id)
    const arrived = keepUntil(ON_THE_WAY + write.id, write)
    const tx = (await database()).transaction('writes', 'readwrite', { durability: 'strict' })
    const key = await tx.store.index('id').getKey(write.id)
    await Promise.all([tx.store.put({ person, id: write.id, locked: locked(JSON.stringify(write)) }, key), tx.done])
    arrived()
    own.delete(write.id)
    tabs?.postMessage(null)
  },
  async drop(id) {
    forget(ON_THE_WAY + id)
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
      const opened = text === undefined ? null : unlocked(text)
      return opened === null ? write ?? [] : JSON.parse(opened) as Write
    })
  },
}

/** What an earlier page was about to put on the shelf, or an earlier release kept by name. */
async function takeOver(): Promise<void> {
  const left = allKept<Write>(ON_THE_WAY).filter(write => !own.has(write.id))
  for (const write of left) await deviceShelf.put(write)
}
