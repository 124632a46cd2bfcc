import { connect, type Socket } from 'node:net'
import { LINE_VERSION, readLine, writeCommand, type InstrumentCommand, type InstrumentKind } from '~~/core/instruments'
import type { InstrumentEvent, InstrumentState } from '~~/shared/types'

/** Where an instrument listens. */
export interface InstrumentAddress { readonly name: string, readonly host: string, readonly port: number }

/** Samples are sent on in bundles this far apart: quick to the eye, and few messages. */
const BUNDLE_MS = 100
const RETRY_MS = [250, 500, 1000, 2000, 5000] as const
/** More than this without a line end is no line of ours. */
const LONGEST = 4096

type Listener = (event: InstrumentEvent) => void

/**
 * One instrument over its line protocol (docs/instruments.md): connects, asks again while it is away, asks it to
 * measure while somebody watches, and hands on what it says. A damaged line is dropped; its sample is then missing by
 * number.
 */
export class InstrumentConnection {
  private socket: Socket | null = null
  private buffer = ''
  private kind: InstrumentKind | null = null
  private simulated = false
  private connected = false
  private tries = 0
  private retry: ReturnType<typeof setTimeout> | null = null
  private bundle: (readonly [number, number, number, number])[] = []
  private readonly bundling: ReturnType<typeof setInterval>
  private readonly listeners = new Set<Listener>()
  private closed = false

  constructor(readonly address: InstrumentAddress, private readonly clock: () => number = Date.now) {
    this.bundling = setInterval(() => this.sendBundle(), BUNDLE_MS)
    this.bundling.unref()
    this.open()
  }

  /** What is known of it; null before it has ever said what it is. */
  state(): InstrumentState | null {
    return this.kind === null
      ? null
      : { name: this.address.name, kind: this.kind, simulated: this.simulated, connected: this.connected }
  }

  /** Watches; the answer ends it. The first watcher starts the measuring, the last one gone stops it. */
  watch(listener: Listener): () => void {
    this.listeners.add(listener)
    const state = this.state()
    if (state) listener({ event: 'state', state })
    if (this.listeners.size === 1) this.write('START')
    return () => {
      if (this.listeners.delete(listener) && this.listeners.size === 0) this.write('STOP')
    }
  }

  /** Asks for something; false when it is not there, or is asked to simulate and is real. */
  ask(command: InstrumentCommand): boolean {
    if (command.ask !== 'zero' && !this.simulated) return false
    return this.write(writeCommand(command))
  }

  close(): void {
    this.closed = true
    clearInterval(this.bundling)
    if (this.retry) clearTimeout(this.retry)
    this.socket?.destroy()
  }

  private write(line: string): boolean {
    if (!this.connected || !this.socket) return false
    this.socket.write(`${line}\n`)
    return true
  }

  private open(): void {
    this.buffer = ''
    const socket = connect({ host: this.address.host, port: this.address.port })
    this.socket = socket
    socket.setEncoding('utf8')
    socket.setNoDelay(true)
    socket.unref()
    socket.on('data', (text: string) => this.take(text))
    // What went wrong is told by the close that follows.
    socket.on('error', () => undefined)
    socket.on('close', () => this.lost())
  }

  private lost(): void {
    const was = this.connected
    this.connected = false
    this.sendBundle()
    const state = this.state()
    if (was && state) this.tell({ event: 'state', state })
    if (this.closed) return
    this.retry = setTimeout(() => this.open(), RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)])
    this.retry.unref()
  }

  private take(text: string): void {
    const lines = (this.buffer + text).split('\n')
    this.buffer = lines.pop()!
    if (this.buffer.length > LONGEST) this.buffer = ''
    for (const line of lines) this.hear(line)
  }

  private hear(line: string): void {
    const said = readLine(line)
    if (!said) return
    if (said.says === 'hello') {
      if (said.version !== LINE_VERSION) {
        this.tell({
          event: 'trouble',
          text: `It speaks version ${said.version} of the line protocol; this program speaks ${LINE_VERSION}.`,
        })
        return
      }
      Object.assign(this, { kind: said.kind, simulated: said.simulated, connected: true, tries: 0 })
      this.tell({ event: 'state', state: this.state()! })
      if (this.listeners.size > 0) this.write('START')
    }
    else if (said.says === 'sample') this.bundle.push([said.seq, said.tMs, said.value, this.clock()])
    else if (said.says === 'press') this.tell({ event: 'press', atMs: this.clock() })
    else if (said.says === 'trouble') this.tell({ event: 'trouble', text: said.text })
  }

  private sendBundle(): void {
    if (this.bundle.length === 0) return
    const samples = this.bundle
    this.bundle = []
    this.tell({ event: 'samples', samples })
  }

  private tell(event: InstrumentEvent): void {
    for (const listener of [...this.listeners]) listener(event)
  }
}
