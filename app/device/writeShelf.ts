import { database } from './database'
import { allKept, forget, whose } from './kept'
import type { Write } from './write'

/** Where writes lie until the server has them. */
export interface WriteShelf {
  /** Settles once it is on the disk. @throws when the device has no room or no storage. */
  readonly put: (write: Write) => Promise<void>
  readonly drop: (id: string) => Promise<void>
  /** What lies there for whoever is signed in, in the order it was put there. */
  readonly all: () => Promise<Write[]>
}

/** The shelf of this device: each person's writes apart, in the order they were made, whatever the clock says. */
export const deviceShelf: WriteShelf = {
  async put(write) {
    const person = whose()
    const tx = (await database()).transaction('writes', 'readwrite', { durability: 'strict' })
    const key = await tx.store.index('id').getKey(write.id)
    // As it will be sent: what a page watches cannot lie in a database.
    const plain = JSON.parse(JSON.stringify(write)) as Write
    await Promise.all([tx.store.put({ person, id: write.id, write: plain }, key), tx.done])
  },
  async drop(id) {
    const tx = (await database()).transaction('writes', 'readwrite')
    const key = await tx.store.index('id').getKey(id)
    await Promise.all([key === undefined ? null : tx.store.delete(key), tx.done])
  },
  async all() {
    const person = whose()
    await takeOver()
    const rows = await (await database()).getAllFromIndex('writes', 'person', person)
    return rows.map(({ write }) => write)
  },
}

/** Releases before 0.3 kept writes by name: they come first, and leave that place once they are on the disk. */
async function takeOver(): Promise<void> {
  for (const write of allKept<Write>('write/')) {
    await deviceShelf.put(write)
    forget(`write/${write.id}`)
  }
}
