import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isAbove, rungsOf, standOn, standsAt, standsUpTo, STANDARD, VARIATIONS } from '.'
import { catalogueOf } from './catalogue'
import { defineLadder } from './ladder'

const anyStands = fc.uniqueArray(fc.constantFrom(...VARIATIONS.map(v => v.id)), { maxLength: 12 })

describe('where an athlete stands', () => {
  it('is the highest drill on each branch, whatever the order', () => {
    expect(rungsOf(['side-plank.feet', 'side-plank.star', 'side-plank.knees'], STANDARD)).toEqual({ 'side-plank': 3 })
    expect(rungsOf(['nothing.of-ours'], STANDARD)).toEqual({})
  })

  it('holds what opens the branch too, however far back', () => {
    const reached = ['rotation.throw-to-wall', 'rotation.band-turn-braking', 'rotation.chop-half-kneeling']
    expect(rungsOf(['rotation.throw-to-wall'], STANDARD)).toEqual(Object.fromEntries(
      reached.map(id => [STANDARD.find(id)!.branch, STANDARD.find(id)!.rung]),
    ))
    fc.assert(fc.property(anyStands, (stands) => {
      const rungs = rungsOf(stands, STANDARD)
      for (const id of Object.keys(rungs)) {
        for (const opener of STANDARD.branch(id)!.after) {
          const { branch, rung } = STANDARD.find(opener)!
          expect(rungs[branch] ?? 0, `${id} after ${opener}`).toBeGreaterThanOrEqual(rung)
        }
      }
    }), { seed: 4, numRuns: 200 })
  })

  it('is the same when it is written down as drills and read back', () => {
    fc.assert(fc.property(anyStands, (stands) => {
      const rungs = rungsOf(stands, STANDARD)
      expect(rungsOf(standsAt(rungs, STANDARD), STANDARD)).toEqual(rungs)
    }), { seed: 4, numRuns: 200 })
  })

  it('changes on one branch alone when somebody is put on a drill that nothing opens', () => {
    const stands = standOn(['side-plank.star', 'rollout.barbell'], 'side-plank.knees', STANDARD)
    expect(stands).toEqual(['rollout.barbell', 'side-plank.knees'])
  })

  it('up to a rung of a ladder is the highest of each branch that was passed', () => {
    const carries = STANDARD.ladders.find(l => l.id === 'carries')!
    expect(standsUpTo(carries, 5)).toEqual(['carries.suitcase-heavy', 'carries.two-hand'])
    expect(standsUpTo(carries, 0)).toEqual([])
  })
})

it('a rung put in anywhere moves nobody', () => {
  // Stands are drills: a catalogue with one more rung at any place of any branch reads them as the same drills.
  for (const ladder of STANDARD.ladders) {
    for (const branch of ladder.branches) {
      for (let at = 0; at <= branch.rungs.length; at += 1) {
        const { id: _, ladder: __, branch: ___, rung: ____, after: _____, ...like } = ladder.rungs[0]!
        const keyed = ladder.rungs.map(({ id, ladder: l, branch: b, rung: r, after: a, ...own }) =>
          ({ ...own, key: id.split('.')[1]! }))
        const maps = ladder.branches.map((one) => {
          const keys = one.rungs.map(v => v.id.split('.')[1]!)
          return {
            ...(one.id === ladder.id ? {} : { key: one.id.split(':')[1]! }), name: one.name,
            after: one.after.map(opener => opener.split('.')[1]!),
            rungs: one.id === branch.id ? [...keys.slice(0, at), 'one-more', ...keys.slice(at)] : keys,
          }
        })
        const words = Object.fromEntries([...keyed, { ...like, key: 'one-more' }].map(rung => [rung.key, rung]))
        const grown = defineLadder({ ...ladder, branches: maps }, words, {}, [...keyed, { ...like, key: 'one-more' }])
        const after = catalogueOf(STANDARD.ladders.map(l => (l.id === ladder.id ? grown : l)))
        for (const { id } of branch.rungs) {
          const now = rungsOf([id], after)[branch.id]!
          expect(after.branch(branch.id)!.rungs[now - 1]!.id).toBe(id)
        }
      }
    }
  }
})

it('above is farther along, or on a branch that it leads to, and never both ways', () => {
  const of = (id: string) => STANDARD.find(id)!
  expect(isAbove(of('rotation.throw-to-wall'), of('rotation.band-turn-half-kneeling'), STANDARD)).toBe(true)
  expect(isAbove(of('rotation.throw-to-wall'), of('rotation.upper-back-roll'), STANDARD)).toBe(false)
  expect(isAbove(of('rotation.lift-half-kneeling'), of('rotation.band-punch'), STANDARD)).toBe(false)
  const any = fc.constantFrom(...VARIATIONS)
  fc.assert(fc.property(any, any, (a, b) => {
    expect(isAbove(a, b, STANDARD) && isAbove(b, a, STANDARD)).toBe(false)
  }), { seed: 4, numRuns: 500 })
})
