import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import { weekConflicts } from '~~/core/rules'
import { planningContext } from '~~/shared/planningContext'
import { larkholm } from '~~/demo'
import type { Athlete } from '~~/shared/types'
import { planInPool, SolverPool, type ThreadRequest, type WeekAnswer, type WeekRequest } from '.'

/** A thread that answers with the week it is asked for, and by it: hangs, throws, or ends. */
const THREAD = `
export default async ({ week }) => {
  if (week.startsOn === 'hang') for (;;);
  if (week.startsOn === 'die') process.exit(1)
  if (week.startsOn === 'throw') throw new Error('broken inside')
  await new Promise(done => setTimeout(done, 20))
  return { plan: { sessions: [] }, notes: [week.startsOn], refused: false, proof: null }
}
`
const file = join(mkdtempSync(join(tmpdir(), 'pool-')), 'thread.mjs')
writeFileSync(file, THREAD)
const pools: SolverPool[] = []
const pool = (limitMs = 5000): SolverPool => {
  const one = new SolverPool(file, 2, limitMs)
  pools.push(one)
  return one
}
afterEach(() => Promise.all(pools.splice(0).map(one => one.close())))
const ask = (startsOn: string): ThreadRequest => ({ kind: 'plan', week: { startsOn } as WeekRequest })

describe('the pool of planning threads', () => {
  it('answers each with its own, more than there are threads', async () => {
    const it_ = pool()
    const asked = Array.from({ length: 9 }, (_, i) => `week ${i}`)
    expect((await Promise.all(asked.map(a => it_.ask(ask(a))))).map(a => (a as WeekAnswer).notes[0])).toEqual(asked)
  })

  it.each([['die', 'exited'], ['throw', 'broken inside'], ['hang', 'took too long']])(
    'a thread that would %s is told of and the others go on',
    async (how, words) => {
      // Long enough for a busy machine to answer the others meanwhile.
      const it_ = pool(how === 'hang' ? 3000 : 10_000)
      const [bad, ...good] = await Promise.allSettled([
        it_.ask(ask(how)), it_.ask(ask('a')), it_.ask(ask('b')), it_.ask(ask('c')),
      ])
      expect(bad).toMatchObject({ status: 'rejected', reason: { message: expect.stringContaining(words) } })
      expect(good.map(g => g.status)).toEqual(['fulfilled', 'fulfilled', 'fulfilled'])
      await expect(it_.ask(ask('later'))).resolves.toMatchObject({ notes: ['later'] })
    },
  )

  it('that is closed leaves nobody waiting', async () => {
    const it_ = pool()
    const waiting = [1, 2, 3, 4].map(() => it_.ask(ask('hang')))
    const settled = Promise.allSettled(waiting)
    await it_.close()
    expect((await settled).map(s => s.status)).toEqual(Array.from({ length: 4 }, () => 'rejected'))
  })
})

describe('a week of the demo', () => {
  it('is planned with a proof, and keeps every rule', async () => {
    const centre = larkholm('2026-03-02')
    const { id, input, sessions } = centre.athletes[6]!
    const request = {
      athlete: { ...input, id, clearances: [] } as unknown as Athlete, startsOn: '2026-03-02', competitions: [],
      own: { ladders: [], variations: [] }, sessions, before: null,
      settled: {
        layers: [], progress: {}, decided: {}, weights: {}, bestLately: null, trunk: null, season: null, sports: {},
      },
    }
    const { plan, proof, refused } = await planInPool(request)
    expect([refused, proof!.proven]).toEqual([false, true])
    expect(weekConflicts(plan, planningContext(input, '2026-03-02', [], STANDARD))).toEqual([])
    expect((await planInPool({ ...request, before: plan })).proof!.goal).toBeLessThanOrEqual(proof!.goal + 20)
  })
})
