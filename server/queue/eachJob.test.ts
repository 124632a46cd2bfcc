import { describe, expect, it, vi } from 'vitest'
import { eachJob } from './eachJob'

/** A queue of some jobs, and what became of each. */
function queueOf(...ids: string[]) {
  const waiting = ids.map(id => ({ id, name: 'q', data: { id }, expireInSeconds: 60 }))
  const said: string[] = []
  return {
    waiting, said,
    fetch: vi.fn(() => Promise.resolve(waiting.splice(0, 1))),
    complete: vi.fn((_: string, id: string) => { said.push(`${id} done`); return Promise.resolve() }),
    fail: vi.fn((_: string, id: string) => { said.push(`${id} failed`); return Promise.resolve() }),
  }
}
const jobs = (queue: ReturnType<typeof queueOf>) => queue as unknown as Parameters<typeof eachJob>[0]
const NEVER = 60_000

describe('work on a queue', () => {
  it('does all that waits, one after the other, without a look in between', async () => {
    const queue = queueOf('a', 'b', 'c')
    let atOnce = 0
    const at = eachJob(jobs(queue), 'q', async ({ id }) => {
      expect(++atOnce).toBe(1)
      await Promise.resolve()
      atOnce -= 1
      if (id === 'b') throw new Error('No.')
    }, vi.fn(), NEVER)
    await vi.waitFor(() => expect(queue.said).toEqual(['a done', 'b failed', 'c done']))
    expect(queue.fail).toHaveBeenCalledWith('q', 'b', { message: 'No.' })
    await at.stop()
    expect(queue.fetch).toHaveBeenCalledTimes(4)
  })

  it('ends with what is at hand done and nothing new taken', async () => {
    const queue = queueOf('a', 'b')
    let finish: () => void = () => undefined
    const at = eachJob(jobs(queue), 'q', () => new Promise((done) => { finish = done }), vi.fn(), NEVER)
    await vi.waitFor(() => expect(queue.waiting).toHaveLength(1))
    const over = at.stop()
    finish()
    await over
    expect([queue.said, queue.waiting.length]).toEqual([['a done'], 1])
  })

  it('waits for a queue that is out of reach, and says so', async () => {
    const queue = queueOf('a')
    queue.fetch.mockRejectedValueOnce(new Error('gone'))
    const onError = vi.fn()
    const at = eachJob(jobs(queue), 'q', () => Promise.resolve(), onError, 5)
    await vi.waitFor(() => expect(queue.said).toEqual(['a done']))
    expect(onError).toHaveBeenCalledTimes(1)
    await at.stop()
  })
})
