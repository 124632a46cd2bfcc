import { v7 as newKey } from 'uuid'
import { AppError, messageOf, NoConnection } from '~~/shared/errors'
import { whose } from '~/device/kept'
import type { Line, Write } from '~/device/write'
import type { WriteShelf } from '~/device/writeShelf'
import { call } from './call'

const RETRY_MS = 3000
/** So long another tab has for what it was asked to send. */
const OTHERS_FIRST_MS = 10_000
/** Times an answer that makes no sense is asked for again before the write is set aside. */
const TRIES_AT_NONSENSE = 4

type NewWrite = Omit<Write, 'id' | 'problem' | 'inTabOnly'>

interface Waiter {
  resolve: (answer: unknown) => void
  reject: (error: unknown) => void
}

/** Sends writes in order, one at a time, again and again until each is answered. */
export class WriteQueue {
  private writes: Write[] = []
  private person = ''
  private readonly waiters = new Map<string, Waiter>()
  /** Writes that are not on the disk yet: nobody is told that the device has them. */
  private readonly coming = new Set<string>()
  private sending: string | null = null
  private draining: Promise<void> | null = null
  private timer: ReturnType<typeof setTimeout> | null = null
  private nonsense = 0
  private line: Line = 'open'

  constructor(
    private readonly shelf: WriteShelf, private readonly tell: (writes: readonly Write[], line: Line) => void,
  ) {}

  /** Takes up what an earlier visit of this person left behind, and sends it. */
  async open(): Promise<void> {
    const person = whose()
    if (person !== this.person) this.writes = []
    this.person = person
    if (await this.look()) void this.drain()
  }

  /** Takes up what another tab of this person has put on the device or sent; that tab is the first to send it. */
  async openAgain(): Promise<void> {
    if (this.person === '' || !await this.look() || this.writes.length === 0) return
    this.timer ??= setTimeout(() => void this.drain(), OTHERS_FIRST_MS)
  }

  /** False when somebody else is here by the time it is read. */
  private async look(): Promise<boolean> {
    const { person } = this
    const onShelf = new Set(this.writes.filter(write => this.isKept(write)).map(write => write.id))
    const left = await this.shelf.all().catch(() => null)
    if (person !== this.person) return false
    if (left) this.takeUp(left, onShelf)
    this.changed()
    return true
  }

  /** What lies on the shelf is as true as what is here, but for what is on its way there or to the server. */
  private takeUp(left: readonly Write[], onShelf: ReadonlySet<string>): void {
    const here = new Map(this.writes.map(write => [write.id, write]))
    const there = new Set(left.map(write => write.id))
    this.writes = [
      ...left.map((write) => {
        const own = here.get(write.id)
        return own && (!this.isKept(own) || own.id === this.sending) ? own : write
      }),
      ...this.writes.filter(({ id }) =>
        !there.has(id) && (!onShelf.has(id) || id === this.sending || this.waiters.has(id))),
    ]
  }

  /** Forgets what is in memory when somebody signs out; the device keeps it for the next time. */
  close(): void {
    if (this.timer) clearTimeout(this.timer)
    this.timer = null
    this.writes = []
    this.person = ''
    this.line = 'open'
    this.changed()
  }

  /** Whether a write of this key waits and can still be replaced. */
  isWaiting(key: string): boolean {
    return this.writes.some(write => write.key === key && write.id !== this.sending)
  }

  /**
   * Sends a write; settles when the server has answered, however long that takes. A later write of the same key
   * takes its place while it waits: then it settles with null.
   *
   * @throws AppError when the server refuses it.
   */
  send<T>(write: NewWrite): Promise<T | null> {
    const { id } = this.take(write)
    return new Promise<T | null>((resolve, reject) => {
      this.waiters.set(id, { resolve: answer => resolve(answer as T), reject })
      void this.drain()
    })
  }

  /** Sends a write that nobody waits for: one that is refused stays here, with the reason, until somebody looks. */
  leave(write: NewWrite): void {
    this.take(write)
    void this.drain()
  }

  private take(write: NewWrite): Write {
    for (const old of this.writes.filter(w => w.key === write.key && w.id !== this.sending)) {
      this.remove(old.id)
      this.settle(old.id, waiter => waiter.resolve(null))
    }
    const entry: Write = { ...write, id: newKey() }
    this.writes = [...this.writes, entry]
    void this.keep(entry)
    return entry
  }

  private async keep(entry: Write): Promise<void> {
    this.coming.add(entry.id)
    const isKept = await this.shelf.put(entry).then(() => true, () => false)
    this.coming.delete(entry.id)
    if (!isKept) this.put({ ...entry, inTabOnly: true })
    this.changed()
  }

  /** Gives up a write that was refused. */
  discard(id: string): void {
    this.remove(id)
  }

  /** Sends what waits; whoever asks while that goes on waits for the same sending. */
  drain(): Promise<void> {
    if (this.timer) clearTimeout(this.timer)
    this.timer = null
    this.draining ??= this.sendAll().then((through) => {
      this.draining = null
      // A write that was added between the last answer and here would wait for somebody to ask again.
      return through && this.writes.some(write => write.problem === undefined) ? this.drain() : undefined
    })
    return this.draining
  }

  /** True when nothing is left to send, false when it cannot be sent just now. */
  private async sendAll(): Promise<boolean> {
    for (;;) {
      const next = this.writes.find(write => write.problem === undefined)
      if (!next) return true
      if (!await this.sendOne(next)) return false
    }
  }

  /** False when nothing can be sent just now. A write leaves the device only when it is answered. */
  private async sendOne({ id, path, method, body }: Write): Promise<boolean> {
    this.sending = id
    try {
      const answer = await call<unknown>(path, { method, body, writeId: id })
      this.remove(id)
      this.line = 'open'
      this.nonsense = 0
      this.settle(id, waiter => waiter.resolve(answer))
      return true
    }
    catch (error) {
      return this.failed(id, error)
    }
    finally {
      this.sending = null
      this.changed()
    }
  }

  private failed(id: string, error: unknown): boolean {
    const code = error instanceof AppError ? error.code : null
    if (code === 'notSignedIn') {
      this.line = 'signedOut'
      return false
    }
    const again = error instanceof NoConnection || code === 'notReady' || code === 'tooMany'
      || (code === 'unexpected' && ++this.nonsense < TRIES_AT_NONSENSE)
    if (again) {
      this.line = 'noConnection'
      this.timer = setTimeout(() => void this.drain(), RETRY_MS)
      return false
    }
    this.line = 'open'
    this.nonsense = 0
    if (this.waiters.has(id)) {
      this.remove(id)
      this.settle(id, waiter => waiter.reject(error))
    }
    else {
      // Nobody is there to be told any more: it stays, with the reason, until somebody looks.
      const refused = this.writes.find(write => write.id === id)
      if (refused) void this.keep(this.put({ ...refused, problem: messageOf(error) }))
    }
    return true
  }

  /** Whether it lies on the device as it is here. */
  private isKept({ id, inTabOnly }: Write): boolean {
    return !this.coming.has(id) && !inTabOnly
  }

  private settle(id: string, how: (waiter: Waiter) => void): void {
    const waiter = this.waiters.get(id)
    this.waiters.delete(id)
    if (waiter) how(waiter)
  }

  private put(changed: Write): Write {
    this.writes = this.writes.map(write => (write.id === changed.id ? changed : write))
    return changed
  }

  private remove(id: string): void {
    this.writes = this.writes.filter(write => write.id !== id)
    // What could not be taken away is sent again and known to the server by its name.
    this.shelf.drop(id).catch(() => undefined)
    this.changed()
  }

  private changed(): void {
    this.tell(this.writes.filter(write => !this.coming.has(write.id)), this.line)
  }
}
