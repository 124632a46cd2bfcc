import { mount } from '@vue/test-utils'
import { computed, ref, type Ref } from 'vue'
import { describe, expect, it } from 'vitest'
import type { KnownTrunk } from '~~/core/capacity'
import { findVariation, gateText, rungsOf, STANDARD, type Variation } from '~~/core/catalogue'
import { compare, DOUBT } from '~~/core/mechanics'
import { context } from '~~/core/testing/fixtures'
import { larkholm } from '~~/demo'
import type { Athlete } from '~~/shared/types'
import { useLadderBench } from '~/composables/useLadderBench'
import { TIME_SLIDER } from '~/words/benchSliders'
import { benchEffortText } from '~/words/effortWords'
import { reckon } from '~/words/reckon'
import BandStretch from './BandStretch.vue'
import BenchSliders from './BenchSliders.vue'
import BenchVerdict from './BenchVerdict.vue'
import LadderChart from './LadderChart.vue'
import TeamRung from './TeamRung.vue'

const someone = {
  ...larkholm('2026-03-02').athletes[0]!.input, sex: 'male' as const, heightCm: 180, massKg: 80,
}
const bench = (trunk: Ref<KnownTrunk | null> = ref(null)) => useLadderBench(computed(() => someone), computed(() => ({
  ...context.screen, rungs: { 'front-plank': 4 },
})), ref('front-plank'), ref('front-plank'), trunk)

describe('the sliders', () => {
  const slider = { name: 'loadKg', label: 'Weight on the back', unit: 'kg', min: 0, max: 40, step: 1, value: 10 }
  const sliders = (problem = '') => mount(BenchSliders, { props: { sliders: [slider], problem } })
  const box = (wrapper: ReturnType<typeof sliders>) => wrapper.find('input[inputmode=decimal]')

  it.each([['15', 15], ['12,5', 12.5], ['0', 0]])('take %j', async (words, value) => {
    const wrapper = sliders()
    await box(wrapper).setValue(words)
    expect(wrapper.emitted('set')!.at(-1)).toEqual(['loadKg', value])
  })

  it.each(['much', '', '1e999', '--4'])('say beside the box that %j is no number, and keep it', async (words) => {
    const wrapper = sliders()
    await box(wrapper).setValue(words)
    expect(wrapper.emitted('set')).toBeUndefined()
    expect(wrapper.find('[role=alert]').text()).toBe('Weight on the back is a number from 0 to 40 kg.')
    expect((box(wrapper).element as HTMLInputElement).value).toBe(words)
    await wrapper.find('input[type=range]').setValue('20')
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
  })

  it('say what the core says, and that the picture is the last good one', () => {
    expect(sliders('Too far to reach.').find('[role=alert]').text()).toContain(
      'Too far to reach. The picture is the last one',
    )
  })
})

describe('the verdict', () => {
  const verdictOf = (id: string) => {
    const { rungs, presentRung, choose, live, verdict, work } = bench()
    choose(id)
    expect(rungs.value.length).toBeGreaterThan(5)
    const wrapper = mount(BenchVerdict, {
      props: {
        live: live.value, base: presentRung.value, verdict: verdict.value, work: work.value, effort: null,
        doubt: DOUBT, found: null, editable: true, busy: false, isPresent: presentRung.value!.variation.id === id,
      },
    })
    return { wrapper, live: live.value, base: presentRung.value! }
  }

  it('knows the rung the athlete stands on and will not put there again', () => {
    const { wrapper } = verdictOf('front-plank.hands')
    expect(wrapper.find('h2').text()).toBe('The present rung')
    expect(wrapper.find('button').attributes('disabled')).toBeDefined()
  })

  it('says how far one set goes for the athlete whose trunk is known, and moves with the sliders', () => {
    const at = bench(ref(context.trunk))
    at.choose('front-plank.long-lever')
    const before = at.effort.value!
    expect(benchEffortText(before)).toMatch(/^For this athlete one set goes about \d+ % of the way to the own limit/)
    const reach = at.sliders.value.find(slider => slider.name === 'elbowReachCm')!
    at.set('elbowReachCm', reach.value + 10)
    expect(at.effort.value!.effort).toBeGreaterThan(before.effort)
    expect(bench().effort.value).toBeNull()
  })

  it('says how much harder, and that rungs are skipped', () => {
    const { wrapper, live, base } = verdictOf('front-plank.long-lever-load')
    expect(wrapper.find('h2').text()).toBe('Clearly harder')
    expect(wrapper.text()).toContain(`${compare(live.nm, base.nm, 'ladder').ratio.toFixed(1)} times the present rung`)
    expect(wrapper.text()).toContain('Skips 2 rungs')
  })

  /** The bench's words for a drill nothing is computed for. */
  const unreckoned = (variation: Variation) => {
    const live = { ...reckon(variation, someone), removed: [] }
    const text = mount(BenchVerdict, {
      props: {
        live, base: null, verdict: null, work: null, effort: null, doubt: DOUBT, found: [], editable: false,
        busy: false, isPresent: false,
      },
    }).text()
    return { live, text }
  }

  it('says why a drill has no moment instead of giving one', () => {
    const { live, text } = unreckoned(findVariation('brace.low-breath')!)
    expect(text).toContain(live.problem)
    expect(text).not.toContain('N·m')
    expect(text).toContain('Nothing near that with what is at hand.')
  })

  it('says a gate in kilograms of this body, also of a drill that has no moment', () => {
    const own = { ...findVariation('carries.suitcase')!, pose: undefined, id: 'carries.own-suitcase' }
    const { live, text } = unreckoned(own)
    expect(live.result).toBeNull()
    expect(text).toContain(gateText(own, someone.massKg))
    expect(text).not.toContain('% of body')
  })
})

describe('the chart of a ladder', () => {
  it('stands each rung higher the more it asks, marks the present one, and chooses', async () => {
    const { rungs, present } = bench()
    const wrapper = mount(LadderChart, {
      props: {
        rungs: rungs.value, presentId: rungs.value[present.value - 1]!.variation.id, chosenId: 'front-plank.hands',
        otherIds: [], doubt: DOUBT,
      },
    })
    const marks = wrapper.findAll('button.rung')
    expect(marks).toHaveLength(rungs.value.length)
    expect(marks.map(m => m.text().includes('now')).indexOf(true)).toBe(3)
    // The line of a rung is where its button begins plus its figure; larger moments stand nearer to the top.
    const lineOf = (i: number): number =>
      Number.parseFloat((marks[i]!.element as HTMLElement).style.top)
      + Number.parseFloat((marks[i]!.find('span').element as HTMLElement).style.height)
    const order = rungs.value.map((_, i) => i).sort((a, b) => rungs.value[a]!.nm - rungs.value[b]!.nm)
    for (let i = 1; i < order.length; i += 1)
      expect(lineOf(order[i]!)).toBeLessThanOrEqual(lineOf(order[i - 1]!) + 0.01)
    await marks[5]!.trigger('click', { shiftKey: true })
    expect(wrapper.emitted('choose')).toEqual([[rungs.value[5]!.variation.id, true]])
  })
})

describe('one rung for a team', () => {
  it('shows twelve at most, each against the own present rung', () => {
    const ladder = STANDARD.branch('front-plank')!.rungs
    const athletes = larkholm('2026-03-02').athletes.map(({ input }, i) =>
      ({ ...input, id: `a${i}` }) as unknown as Athlete
    )
    const wrapper = mount(TeamRung, { props: { variation: ladder[4]!, settings: {}, athletes, catalogue: STANDARD } })
    const cards = wrapper.findAll('li')
    expect(cards).toHaveLength(12)
    for (const [i, card] of cards.entries()) {
      const own = ladder[(rungsOf(athletes[i]!.stands, STANDARD)['front-plank'] ?? 1) - 1]!
      expect(card.text()).toContain(own.id === ladder[4]!.id ? 'stands here' : own.name)
    }
  })
})

describe('time on the bench', () => {
  it('doubles the work with the seconds of a hold, and leaves moment and picture alone', () => {
    const { choose, live, work, set, presentRung } = bench()
    choose('front-plank.elbows')
    const before = { nm: live.value.nm, kNms: work.value!.kNms }
    const seconds = live.value.variation.doses[0]!.amount
    set(TIME_SLIDER, seconds * 2)
    expect(work.value!.kNms).toBeCloseTo(before.kNms * 2, 9)
    expect(live.value.nm).toBe(before.nm)
    choose(presentRung.value!.variation.id)
    expect(work.value!.ratio).toBeCloseTo(1, 9)
  })

  it('writes the tempo of slower repeats into the dose', () => {
    const wheel = useLadderBench(computed(() => someone), computed(() => context.screen), ref('rollout'))
    wheel.choose('rollout.wheel-to-wall')
    wheel.set(TIME_SLIDER, 7)
    expect(wheel.work.value!.dose.tempo).toBe('3.5-0-3.5-0')
  })
})

describe('a band that was read twice', () => {
  it('pulls as the law says, and says what cannot be beside it', async () => {
    const wrapper = mount(BandStretch)
    await wrapper.find('#band-forceA').setValue('50')
    await wrapper.find('#band-forceB').setValue('100')
    expect(wrapper.emitted('pull')!.at(-1)).toEqual([77])
    await wrapper.find('#band-length').setValue('2.5')
    expect(wrapper.emitted('pull')!.at(-1)).toEqual([100])
    await wrapper.find('#band-forceB').setValue('-5')
    expect(wrapper.find('[role=alert]').text()).toContain('above zero')
  })
})
