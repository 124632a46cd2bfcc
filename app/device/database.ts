import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Write } from './write'

/** An answer of the server as it was last read here. */
export interface KeptAnswer {
  readonly person: string
  readonly path: string
  /** Milliseconds of this device's clock. */
  readonly at: number
  readonly answer: unknown
  /** What the server knows it by. */
  readonly tag?: string | null
}

/** A write as it lies here; releases before 0.3 kept it in the open. */
interface KeptWrite {
  readonly person: string
  readonly id: string
  readonly locked?: string
  readonly write?: Write
}

interface Device extends DBSchema {
  writes: { key: number, value: KeptWrite, indexes: { person: string, id: string } }
  answers: { key: [string, string], value: KeptAnswer, indexes: { person: string } }
}

let opened: Promise<IDBPDatabase<Device>> | null = null

/**
 * The database of this device. Unlike small things kept by name, what is put there is on the disk once that is
 * answered: a browser that is ended in the next moment has it.
 */
export function database(): Promise<IDBPDatabase<Device>> {
  opened ??= open().catch((error: unknown) => {
    opened = null
    throw error
  })
  return opened
}

// Async, so that a browser without such a database refuses as a full one does.
const open = async (): Promise<IDBPDatabase<Device>> =>
  await openDB<Device>('keen-anchor', 1, {
    upgrade(db) {
      const writes = db.createObjectStore('writes', { autoIncrement: true })
      writes.createIndex('person', 'person')
      writes.createIndex('id', 'id', { unique: true })
      db.createObjectStore('answers', { keyPath: ['person', 'path'] }).createIndex('person', 'person')
    },
    // A newer version in another tab wants to change it: whoever asks next opens it anew.
    blocking: (_now, _next, event) => {
      (event.target as IDBDatabase).close()
      opened = null
    },
    terminated: () => { opened = null },
  })
