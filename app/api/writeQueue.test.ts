import { beforeEach, describe, expect, it, vi } from 'vitest'
import { AppError, NoConnection } from '~~/shared/errors'
import { keepFor, whose } from '~/device/kept'
import type { Line, Write } from '~/device/write'
import type { WriteShelf } from '~/device/writeShelf'
import { call } from './call'
import { WriteQueue } from './writeQueue'

vi.mock('./call', async original => ({ ...await original<object>(), call: vi.fn() }))
const server = vi.mocked(call)

let seen: { writes: readonly Write[], line: Line }
/** A device that survives what happens to the page; full when told. */
let device: { person: string, write: Write }[] = []
let full = false
const shelf: WriteShelf = {
  put: (write) => {
    if (full) return Promise.reject(new DOMException('no room', 'QuotaExceededError'))
    device = [...device.filter(one => one.write.id !== write.id), { person: whose(), write }]
    return Promise.resolve()
  },
  drop: (id) => {
    device = device.filter(one => one.write.id !== id)
    return Promise.resolve()
  },
  all: () => Promise.resolve(device.filter(one => one.person === whose()).map(one => one.write)),
}
const queue = (): WriteQueue =>
  new WriteQueue(shelf, (writes, line) => {
    seen = { writes, line }
  })
const aWrite = (key: string, body: unknown = {}): Omit<Write, 'id'> => ({
  key, label: key, method: 'PUT', path: `/api/${key}`, body,
})
const idsSent = (): string[] => server.mock.calls.map(([, options]) => options!.writeId!)

beforeEach(() => {
  device = []
  full = false
  keepFor('somebody')
  server.mockReset()
  vi.useFakeTimers()
})

describe('writes on their way', () => {
  it('are sent in order, one at a time, and answered', async () => {
    server.mockImplementation(path => Promise.resolve(path))
    const q = queue()
    const answers = await Promise.all([q.send(aWrite('a')), q.send(aWrite('b')), q.send(aWrite('c'))])
    expect(answers).toEqual(['/api/a', '/api/b', '/api/c'])
    expect(seen.writes).toEqual([])
    expect(device).toEqual([])
  })

  it.each([0, 1, 2, 3, 4, 5, 6, 7, 8])(
    'made %i moments after an answer or a refusal do not wait for the next one',
    async (moments) => {
      const later = async (q: WriteQueue, key: string): Promise<unknown> => {
        for (let i = 0; i < moments; i++) await Promise.resolve()
        return q.send(aWrite(key))
      }
      server.mockResolvedValueOnce('stored').mockResolvedValueOnce('stored').mockRejectedValueOnce(
        new AppError('changedElsewhere', 'No.'),
      ).mockResolvedValueOnce('stored')
      const q = queue()
      const all = q.send(aWrite('a')).then(() => later(q, 'b')).then(() => later(q, 'c')).catch(() => later(q, 'd'))
      await vi.advanceTimersByTimeAsync(0)
      expect(server.mock.calls.map(([path]) => path)).toEqual(['/api/a', '/api/b', '/api/c', '/api/d'])
      expect(await all).toBe('stored')
    },
  )

  it('wait through a lost line and go on under the same name', async () => {
    server.mockRejectedValueOnce(new NoConnection()).mockResolvedValue('stored')
    const q = queue()
    const answer = q.send(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    expect(seen).toMatchObject({ line: 'noConnection', writes: [{ key: 'a' }] })
    await vi.advanceTimersByTimeAsync(3000)
    expect(await answer).toBe('stored')
    expect(new Set(idsSent()).size).toBe(1)
    expect(seen.line).toBe('open')
  })

  it('are taken up again after a crash of the browser, in the order they were made', async () => {
    server.mockRejectedValue(new NoConnection())
    const before = queue()
    void before.send(aWrite('a'))
    void before.send(aWrite('b'))
    await vi.advanceTimersByTimeAsync(0)
    server.mockReset().mockResolvedValue('stored')
    const after = queue()
    await after.open()
    await after.drain()
    expect(server.mock.calls.map(([path]) => path)).toEqual(['/api/a', '/api/b'])
    expect(device).toEqual([])
  })

  it('on a full device are sent from the tab, and say so until they are', async () => {
    full = true
    server.mockRejectedValueOnce(new NoConnection()).mockResolvedValue('stored')
    const q = queue()
    const answer = q.send(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    expect(seen.writes).toMatchObject([{ key: 'a', inTabOnly: true }])
    await vi.advanceTimersByTimeAsync(3000)
    expect(await answer).toBe('stored')
    expect(seen.writes).toEqual([])
  })

  it('are not said to wait on the device before they do', async () => {
    server.mockRejectedValue(new NoConnection())
    let onDisk: () => void = () => undefined
    const q = new WriteQueue({ ...shelf, put: () => new Promise((done) => { onDisk = done }) }, (writes, line) => {
      seen = { writes, line }
    })
    void q.send(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    expect(seen).toEqual({ writes: [], line: 'noConnection' })
    onDisk()
    await vi.advanceTimersByTimeAsync(0)
    expect(seen.writes).toMatchObject([{ key: 'a' }])
  })

  it('of one tab are seen by another of the same person, and gone there once they are sent', async () => {
    server.mockRejectedValue(new NoConnection())
    const [one, other] = [queue(), queue()]
    await Promise.all([one.open(), other.open()])
    one.leave(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    const asked = server.mock.calls.length
    await other.openAgain()
    expect(server).toHaveBeenCalledTimes(asked)
    expect(seen.writes).toMatchObject([{ key: 'a' }])
    // The other tab replaces it while it waits: the first has nothing of it left.
    other.leave(aWrite('a', { n: 2 }))
    await vi.advanceTimersByTimeAsync(0)
    await one.openAgain()
    expect(seen.writes).toMatchObject([{ key: 'a', body: { n: 2 } }])
    server.mockResolvedValue('stored')
    await other.drain()
    await one.openAgain()
    expect([seen.writes, device]).toEqual([[], []])
    const names = idsSent().slice(-1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect(idsSent().slice(-1)).toEqual(names)
  })

  it('of a tab that is closed are sent by the other one, some seconds later', async () => {
    server.mockRejectedValueOnce(new NoConnection()).mockResolvedValue('stored')
    const [one, other] = [queue(), queue()]
    await Promise.all([one.open(), other.open()])
    one.leave(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    await other.openAgain()
    one.close()
    await vi.advanceTimersByTimeAsync(9000)
    expect(device).toHaveLength(1)
    await vi.advanceTimersByTimeAsync(1000)
    expect([seen.writes, device]).toEqual([[], []])
  })

  it('that somebody waits for are asked for under their name when another tab has sent them', async () => {
    server.mockRejectedValue(new NoConnection())
    const [one, other] = [queue(), queue()]
    await one.open()
    const answer = one.send(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    server.mockResolvedValue('stored')
    await other.open()
    await other.drain()
    await one.openAgain()
    await vi.advanceTimersByTimeAsync(3000)
    expect(await answer).toBe('stored')
    expect(new Set(idsSent()).size).toBe(1)
  })

  it('stay with whoever made them', async () => {
    server.mockRejectedValue(new NoConnection())
    void queue().send(aWrite('mine'))
    await vi.advanceTimersByTimeAsync(0)
    keepFor('somebody else')
    const theirs = queue()
    await theirs.open()
    expect(seen.writes).toEqual([])
    keepFor('somebody')
    await theirs.open()
    expect(seen.writes).toMatchObject([{ key: 'mine' }])
  })

  it('replace an older one of the same key that still waits', async () => {
    server.mockRejectedValueOnce(new NoConnection()).mockResolvedValue('stored')
    const q = queue()
    const older = q.send(aWrite('week', { n: 1 }))
    await vi.advanceTimersByTimeAsync(0)
    expect(q.isWaiting('week')).toBe(true)
    const newer = q.send(aWrite('week', { n: 2 }))
    expect(await older).toBeNull()
    await vi.advanceTimersByTimeAsync(3000)
    expect(await newer).toBe('stored')
    expect(server.mock.calls.at(-1)![1]!.body).toEqual({ n: 2 })
  })

  it('keep everything over an ended session and go on after the next sign-in', async () => {
    server.mockRejectedValueOnce(new AppError('notSignedIn', 'Sign in.')).mockResolvedValue('stored')
    const q = queue()
    const answer = q.send(aWrite('a'))
    await vi.advanceTimersByTimeAsync(0)
    expect(seen.line).toBe('signedOut')
    await q.drain()
    expect(await answer).toBe('stored')
  })

  it('that are refused tell whoever waits and hold up nobody', async () => {
    server.mockImplementation(
      path => (path === '/api/bad' ? Promise.reject(new AppError('badInput', 'No.')) : Promise.resolve('stored'))
    )
    const q = queue()
    const bad = q.send(aWrite('bad'))
    const good = q.send(aWrite('good'))
    await expect(bad).rejects.toMatchObject({ code: 'badInput' })
    expect(await good).toBe('stored')
  })

  it('that are left to themselves stay when they are refused, and hold up nobody', async () => {
    server.mockRejectedValueOnce(new AppError('stopped', 'Stopped.')).mockResolvedValue('stored')
    const q = queue()
    q.leave(aWrite('bad'))
    expect(await q.send(aWrite('good'))).toBe('stored')
    expect(seen.writes).toMatchObject([{ key: 'bad', problem: 'Stopped.' }])
  })

  it('that are refused when nobody waits stay, with the reason, until they are given up', async () => {
    server.mockRejectedValue(new NoConnection())
    void queue().send(aWrite('bad'))
    await vi.advanceTimersByTimeAsync(0)
    server.mockReset().mockRejectedValue(new AppError('notFound', 'Not here.'))
    const q = queue()
    await q.open()
    await q.drain()
    expect(seen.writes).toMatchObject([{ key: 'bad', problem: 'Not here.' }])
    q.discard(seen.writes[0]!.id)
    expect(device).toEqual([])
  })
})
