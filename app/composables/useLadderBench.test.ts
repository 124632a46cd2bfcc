import fc from 'fast-check'
import { computed, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { EQUIPMENT, findVariation, LADDERS, STANDARD, VARIATIONS, type Equipment } from '~~/core/catalogue'
import { poseOf } from '~~/core/mechanics'
import { removals } from '~~/core/screening'
import { context } from '~~/core/testing/fixtures'
import { larkholm } from '~~/demo'
import { useCatalogueFilter } from './useCatalogueFilter'
import { useLadderBench } from './useLadderBench'
import { reckon } from '~/words/reckon'

const someone = { ...larkholm('2026-03-02').athletes[0]!.input, sex: 'male' as const, heightCm: 180, massKg: 80 }
const bench = (rung = 4, screen = context.screen) =>
  useLadderBench(
    computed(() => someone),
    computed(() => ({ ...screen, rungs: { ...screen.rungs, 'front-plank': rung } })),
    ref('front-plank'),
  )
const onTheBack = 'front-plank.weight-on-back'

describe('reckoning a rung', () => {
  it('gives every body a moment and a picture, or a reason', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VARIATIONS), fc.constantFrom('male' as const, 'female' as const),
        fc.integer({ min: 150, max: 205 }), fc.integer({ min: 45, max: 130 }),
        (variation, sex, heightCm, massKg) => {
          const { result, figure, problem } = reckon(variation, { sex, heightCm, massKg })
          if (poseOf(variation)) expect([Boolean(result), Boolean(figure)], variation.id).toEqual([true, true])
          else expect(problem.length, variation.id).toBeGreaterThan(5)
        },
      ),
      { seed: 4, numRuns: 300 },
    )
  })

  it('asks more of the longer and of the heavier body', () => {
    const plank = VARIATIONS.find(v => v.id === onTheBack)!
    const nm = (heightCm: number, massKg: number): number => reckon(plank, { sex: 'female', heightCm, massKg }).nm
    expect(nm(185, 70)).toBeGreaterThan(nm(165, 70))
    expect(nm(170, 90)).toBeGreaterThan(nm(170, 60))
  })
})

describe('the ladder bench', () => {
  it('begins on the rung the athlete stands on, which is about as hard as itself', () => {
    const { chosen, presentRung, verdict } = bench()
    expect(chosen.value.variation.id).toBe(presentRung.value!.variation.id)
    expect(verdict.value).toEqual({ ratio: 1, verdict: 'about the same' })
  })

  it('follows a slider, and more plate is a larger moment', () => {
    const { choose, set, live, sliders } = bench()
    choose(onTheBack)
    const before = live.value.nm
    set('loadKg', 30)
    expect(live.value.nm).toBeGreaterThan(before)
    expect(sliders.value.find(s => s.name === 'loadKg')!.value).toBe(30)
  })

  it('keeps the last good picture and says why when a slider stands where it cannot', () => {
    const { choose, set, live } = bench()
    choose(onTheBack)
    set('loadKg', 20)
    const good = live.value
    set('loadKg', -5)
    expect(live.value.problem).not.toBe('')
    expect([live.value.nm, live.value.figure]).toEqual([good.nm, good.figure])
    set('loadKg', 25)
    expect(live.value.problem).toBe('')
  })

  it('finds what is a tenth harder within what stands in the room, and says so truly', () => {
    const floor: Equipment[] = ['wall']
    const { choose, findHarder, found } = bench(4, { ...context.screen, equipment: floor })
    choose('front-plank.elbows')
    findHarder()
    for (const one of found.value!) {
      expect(one.ratio).toBeGreaterThan(1.03)
      expect(one.ratio).toBeLessThan(1.17)
      expect(
        VARIATIONS.find(v => v.id === one.variationId)!.equipment.every(need => need.some(e => floor.includes(e))),
        one.variationId,
      ).toBe(true)
    }
  })

  it('never offers what a flag takes away, and nothing at all under a red one', () => {
    const mayNot = { ...context.screen, flags: ['wrist' as const] }
    const { rungs, findHarder, choose, found } = bench(4, mayNot)
    expect(rungs.value.find(r => r.variation.id === 'front-plank.hands')!.removed).not.toEqual([])
    choose('front-plank.elbows')
    findHarder()
    for (const one of found.value!)
      expect(removals(findVariation(one.variationId)!, mayNot).filter(r => r.rule !== 'rung'), one.variationId).toEqual(
        [],
      )

    const red = bench(4, { ...context.screen, flags: ['chestPain'] })
    red.choose('front-plank.elbows')
    red.findHarder()
    expect(red.found.value).toEqual([])
    expect(red.rungs.value.every(r => r.removed.length > 0)).toBe(true)
  })
})

describe('finding in the catalogue', () => {
  const catalogue = (equipment: readonly Equipment[] = Object.keys(EQUIPMENT) as Equipment[]) =>
    useCatalogueFilter(computed(() => STANDARD), computed(() => new Set(equipment)))

  it('shows all until asked, and all again when cleared', () => {
    const { filter, shown, clear } = catalogue()
    expect(shown.value).toHaveLength(VARIATIONS.length)
    Object.assign(filter, { words: 'plank', plane: 'frontal', inRoom: true })
    expect(shown.value.length).toBeLessThan(VARIATIONS.length)
    clear()
    expect(shown.value).toHaveLength(VARIATIONS.length)
  })

  it('finds words in any order and by the ladder’s name', () => {
    const { filter, shown } = catalogue()
    filter.words = 'star SIDE'
    expect(shown.value.map(v => v.id)).toContain('side-plank.star')
    filter.words = 'carries'
    const carries = LADDERS.find(l => l.id === 'carries')!.rungs
    expect(shown.value).toEqual(expect.arrayContaining([...carries]))
    filter.words = 'zzz'
    expect(shown.value).toEqual([])
  })

  it('keeps to what stands in the room', () => {
    const { filter, shown } = catalogue([])
    filter.inRoom = true
    expect(shown.value.length).toBeGreaterThan(10)
    expect(shown.value.every(v => v.equipment.length === 0)).toBe(true)
  })

  it('narrows with every further question', () => {
    const { filter, shown } = catalogue()
    filter.sport = 'throwing'
    const bySport = shown.value.length
    filter.mode = 'isometric'
    expect(shown.value.length).toBeLessThan(bySport)
    expect(shown.value.length).toBeGreaterThan(0)
    expect(shown.value.every(v => v.mode === 'isometric')).toBe(true)
  })
})
