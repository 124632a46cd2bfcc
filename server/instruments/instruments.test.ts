import { spawn, type ChildProcess } from 'node:child_process'
import { createServer, type AddressInfo, type Server } from 'node:net'
import { afterEach, describe, expect, it } from 'vitest'
import {
  advanceHold, HOLD_WAITS, holdRule, readCuff, readHold, trustOf, USUAL_BAND, type InstrumentFault, type Sample,
} from '~~/core/instruments'
import type { InstrumentEvent } from '~~/shared/types'
import { instrumentAddresses } from '.'
import { InstrumentConnection } from './connection'

const open: { close: () => unknown }[] = []
afterEach(() => { for (const one of open.splice(0)) one.close() })

const until = async (good: () => boolean, ms = 8000): Promise<void> => {
  const end = Date.now() + ms
  while (!good()) {
    if (Date.now() > end) throw new Error('It did not come about.')
    await new Promise(resolve => setTimeout(resolve, 20))
  }
}
const freePort = (): Promise<number> => new Promise((resolve) => {
  const server = createServer().listen(0, '127.0.0.1', () => {
    const { port } = server.address() as AddressInfo
    server.close(() => resolve(port))
  })
})

function simulate(kind: string, port: number): ChildProcess {
  const child = spawn(process.execPath, ['simulators/instrument.mjs', kind], {
    env: { ...process.env, PORT: String(port) }, stdio: ['ignore', 'ignore', 'inherit'],
  })
  open.push({ close: () => child.kill('SIGKILL') })
  return child
}

/** A connection with all it said. */
async function watched(port: number) {
  const connection = new InstrumentConnection({ name: 'it', host: '127.0.0.1', port })
  open.push(connection)
  const events: InstrumentEvent[] = []
  const unwatch = connection.watch(event => events.push(event))
  const samples = (): Sample[] =>
    events.flatMap(e => (e.event === 'samples'
      ? e.samples.map(([seq, tMs, value, arrivedMs]) => ({ seq, tMs, value, arrivedMs }))
      : [])
    )
  return { connection, events, samples, unwatch }
}
async function simulated(kind: string) {
  const port = await freePort()
  const child = simulate(kind, port)
  const found = await watched(port)
  await until(() => found.connection.state()?.connected === true)
  return { ...found, child, port }
}

describe('a simulated force gauge', () => {
  it('times a pull by itself, steadily and believably', async () => {
    const { connection, samples, events } = await simulated('gauge')
    expect(connection.state()).toEqual({ name: 'it', kind: 'force', simulated: true, connected: true })
    expect(events[0]).toMatchObject({ event: 'state' })
    await until(() => samples().length > 5)
    expect(connection.ask({ ask: 'act', value: 90, forS: 2 })).toBe(true)
    const state = () => samples().reduce((hold, s) => advanceHold(hold, s, holdRule(90)), HOLD_WAITS)
    await until(() => state().phase === 'ended')
    const { beganMs, endedMs } = state()
    const { holdS, meanN, cvPercent } = readHold(samples(), beganMs!, endedMs!)
    expect(holdS).toBeGreaterThan(1.7)
    expect(holdS).toBeLessThan(2.4)
    expect(meanN).toBeGreaterThan(82)
    expect(cvPercent).toBeLessThan(8)
    expect(trustOf(samples(), 'force').problems).toEqual([])
  }, 20_000)

  it.each([['dropout', 'gap'], ['noise', 'noise'], ['jump', 'jump'], ['delay', 'late']] as const)(
    'that fails by %s is not believed: %s',
    async (fault: InstrumentFault, problem) => {
      const { connection, samples } = await simulated('gauge')
      connection.ask({ ask: 'fault', fault })
      await until(() => trustOf(samples(), 'force').problems.includes(problem))
      connection.ask({ ask: 'fault', fault: 'none' })
    },
    20_000,
  )

  it('that is killed is away, keeps what it said, and is found again', async () => {
    const { connection, samples, child, port, events } = await simulated('gauge')
    await until(() => samples().length > 3)
    const before = samples().length
    child.kill('SIGKILL')
    await until(() => connection.state()?.connected === false)
    expect(samples().length).toBeGreaterThanOrEqual(before)
    expect(events.at(-1)).toMatchObject({ event: 'state', state: { connected: false } })
    expect(connection.ask({ ask: 'zero' })).toBe(false)
    simulate('gauge', port)
    const then = samples().length
    await until(() => samples().length > then)
  }, 20_000)

  it('measures only while somebody watches', async () => {
    const { samples, unwatch, connection } = await simulated('gauge')
    await until(() => samples().length > 0)
    unwatch()
    await new Promise(resolve => setTimeout(resolve, 300))
    const after: InstrumentEvent[] = []
    const then = samples().length
    await new Promise(resolve => setTimeout(resolve, 400))
    expect(samples().length).toBe(then)
    connection.watch(event => after.push(event))
    await until(() => after.some(e => e.event === 'samples'))
  }, 20_000)
})

describe('the other two', () => {
  it('the cuff stands in its band, and a drift sounds the alarm', async () => {
    const { connection, samples } = await simulated('cuff')
    await until(() => samples().length > 10)
    expect(readCuff(samples(), USUAL_BAND)).toMatchObject({ inside: 1, alarm: null })
    connection.ask({ ask: 'act', value: -12, forS: 4 })
    await until(() => readCuff(samples(), USUAL_BAND).alarm === 'low')
  }, 20_000)

  it('the button is pressed', async () => {
    const { connection, events } = await simulated('button')
    await until(() => connection.state()!.connected)
    await new Promise(resolve => setTimeout(resolve, 100))
    connection.ask({ ask: 'act', value: 0, forS: 1 })
    await until(() => events.some(e => e.event === 'press'))
  }, 20_000)
})

describe('what is no instrument of ours', () => {
  const serve = (text: string): Promise<number> => new Promise((resolve) => {
    const server: Server = createServer((socket) => {
      socket.on('error', () => undefined)
      socket.write(text)
    }).listen(0, '127.0.0.1', () => resolve((server.address() as AddressInfo).port))
    open.push(server)
  })

  it('gives no value, whatever it says', async () => {
    const { connection, samples } = await watched(
      await serve(
        `${
          'x'.repeat(9000)
        }\nS one two three\nKEEN 1 force 20 g\nS 1 50 90.5\nS 2 100\nS 3 150 1e400\n\u0000\u0001\nS 4 200 91\n`,
      ),
    )
    await until(() => samples().length === 2)
    expect(samples().map(s => [s.seq, s.value])).toEqual([[1, 90.5], [4, 91]])
    expect(connection.ask({ ask: 'fault', fault: 'noise' })).toBe(false)
  })

  it('says so when it speaks another version', async () => {
    const { events } = await watched(await serve('KEEN 2 force 20 g\n'))
    await until(() => events.some(e => e.event === 'trouble'))
  })
})

describe('the setting', () => {
  it('names instruments, and is refused when it cannot be read', () => {
    expect(instrumentAddresses('gauge=127.0.0.1:7071, cuff-2=gym.example:7072')).toEqual([
      { name: 'gauge', host: '127.0.0.1', port: 7071 }, { name: 'cuff-2', host: 'gym.example', port: 7072 },
    ])
    expect(instrumentAddresses(undefined)).toEqual([])
    for (const wrong of ['gauge', 'gauge=127.0.0.1', 'GAUGE=127.0.0.1:1', 'a=b:99999'])
      expect(() => instrumentAddresses(wrong)).toThrow(wrong)
  })
})
