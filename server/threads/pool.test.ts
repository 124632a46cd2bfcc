import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, describe, expect, it } from 'vitest'
import { ThreadPool } from './pool'

/** A thread that answers with what it is asked, and by it: hangs, throws, or ends. */
const THREAD = `
export default async (how) => {
  if (how === 'hang') for (;;);
  if (how === 'die') process.exit(1)
  if (how === 'throw') throw new Error('broken inside')
  await new Promise(done => setTimeout(done, 20))
  return how
}
`
const file = join(mkdtempSync(join(tmpdir(), 'pool-')), 'thread.mjs')
writeFileSync(file, THREAD)
const pools: ThreadPool<string, string>[] = []
const pool = (limitMs = 5000): ThreadPool<string, string> => {
  const one = new ThreadPool<string, string>(file, 2, limitMs)
  pools.push(one)
  return one
}
afterEach(() => Promise.all(pools.splice(0).map(one => one.close())))

describe('a pool of threads', () => {
  it('answers each with its own, more than there are threads', async () => {
    const it_ = pool()
    const asked = Array.from({ length: 9 }, (_, i) => `week ${i}`)
    expect(await Promise.all(asked.map(one => it_.ask(one)))).toEqual(asked)
  })

  it.each([['die', 'exited'], ['throw', 'broken inside'], ['hang', 'took too long']])(
    'a thread that would %s is told of and the others go on',
    async (how, words) => {
      // Long enough for a busy machine to answer the others meanwhile.
      const it_ = pool(how === 'hang' ? 3000 : 10_000)
      const [bad, ...good] = await Promise.allSettled([
        it_.ask(how), it_.ask('a'), it_.ask('b'), it_.ask('c'),
      ])
      expect(bad).toMatchObject({ status: 'rejected', reason: { message: expect.stringContaining(words) } })
      expect(good.map(g => g.status)).toEqual(['fulfilled', 'fulfilled', 'fulfilled'])
      await expect(it_.ask('later')).resolves.toBe('later')
    },
  )

  it('that is closed leaves nobody waiting', async () => {
    const it_ = pool()
    const waiting = [1, 2, 3, 4].map(() => it_.ask('hang'))
    const settled = Promise.allSettled(waiting)
    await it_.close()
    expect((await settled).map(s => s.status)).toEqual(Array.from({ length: 4 }, () => 'rejected'))
  })
})
