import { mount, RouterLinkStub } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { STANDARD_TESTS, type Placement } from '~~/core/assessment'
import { capacitiesOf } from '~~/core/capacity'
import { STANDARD } from '~~/core/catalogue'
import { FLAG_IDS, QUESTIONS } from '~~/core/screening'
import { context } from '~~/core/testing/fixtures'
import { trunkEvidence } from '~~/shared/trunkOf'
import type { StoredTrial } from '~~/shared/types'
import BraceCheckForm from './BraceCheckForm.vue'
import CapacityPanel from './CapacityPanel.vue'
import DeskLane from './DeskLane.vue'
import PlacementList from './PlacementList.vue'
import ScreeningForm from './ScreeningForm.vue'
import TestResults from './TestResults.vue'
import WeakLinks from './WeakLinks.vue'

const global = { stubs: { NuxtLink: RouterLinkStub } }
const man = { sex: 'male', ageYears: 22 } as const
const trial = (over: Partial<StoredTrial>): StoredTrial => ({
  id: `${over.test ?? 'extensor'}/${over.side ?? ''}/${over.value}`,
  athleteId: 'a', day: '2026-03-02', performedAt: '2026-03-02T10:00:00.000Z', test: 'extensor', side: null, value: 100,
  breakPoint: 'trunk', setting: {}, note: '', takenBy: null, reliable: null, ...over,
})

describe('what the tests say', () => {
  const mounted = (trials: StoredTrial[], person: { sex: 'male', ageYears: number | null } = man) =>
    mount(TestResults, { props: { trials, errors: {}, person, editable: true, tests: STANDARD_TESTS }, global })

  it('stands each among those who were measured, with its repeats', () => {
    const text = mounted([trial({ value: 95 }), trial({ value: 197, id: 'second' })]).text()
    expect(text).toContain('3:17.0')
    expect(text.replace(/\s+/g, ' ')).toContain('above the middle (mean 146, in the textbook 161 s)')
    expect(text).toContain('2 trials, mean 2:26.0 ± 72.1')
  })

  it('shows the last testing day only, and says who the values are not of', () => {
    const text = mounted([trial({ value: 50, day: '2026-01-05' }), trial({ value: 80 })], { sex: 'male', ageYears: 16 })
      .text()
    expect(text).toContain('1:20.0')
    expect(text).not.toContain('50.0 s')
    expect(text).toContain('Not this population: under 18')
  })

  it('says how large a side difference must be to be believed', () => {
    const sides = (left: number) =>
      mounted([
        trial({ test: 'sideBridge', side: 'left', value: left }),
        trial({ test: 'sideBridge', side: 'right', value: 94 }),
      ]).text()
    expect(sides(70)).toContain('left side 24 s less (26 %): more than the 9.4 s worth believing')
    expect(sides(90)).toContain('not more than the 9.4 s')
  })

  it('flags a ratio only past its line by more than the error, and says which it is', () => {
    const pair = (left: number) =>
      mounted([
        trial({ test: 'sideBridge', side: 'left', value: left }),
        trial({ test: 'sideBridge', side: 'right', value: 94 }),
      ]).text().replace(/\s+/g, ' ')
    expect(pair(88)).toContain('past the line, within the error of the holds: within 0.05 of 1')
    expect(pair(70)).toContain('(past the line: within 0.05 of 1)')
  })

  it('does not take pain for a result, and lets a trial be taken back', async () => {
    const wrapper = mounted([trial({ breakPoint: 'pain', value: 12 })])
    expect(wrapper.text()).toContain('pain')
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('withdraw')).toEqual([['extensor//12']])
  })

  it('says where to take tests when there are none', () => {
    expect(mounted([]).text()).toContain('None yet')
  })
})

describe('the weak link', () => {
  const mounted = (trials: StoredTrial[], flags: typeof context.screen.flags = []) =>
    mount(WeakLinks, {
      props: {
        trials, person: man, screen: { ...context.screen, flags }, catalogue: STANDARD, athleteId: 'a', present: null,
        editable: true, tests: STANDARD_TESTS, logs: [],
      },
      global,
    })
  const low = [
    trial({ value: 60, breakPoint: 'lowBack' }), trial({ value: 62, breakPoint: 'lowBack', day: '2026-03-09' }),
  ]

  it('comes with its evidence and can be taken over', async () => {
    const wrapper = mounted(low)
    expect(wrapper.text()).toContain('the low back moved after 60 s')
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('take')![0]![0]).toMatchObject({ place: 'antiFlexion' })
  })

  it('offers no drill that a flag takes away', () => {
    expect(mounted(low, ['chestPain']).text()).toContain('the flags take these drills away')
    expect(mounted([]).text()).toContain('No trials yet.')
  })
})

describe('placement', () => {
  const placements: Placement[] = [
    {
      branch: 'front-plank', variationId: 'front-plank.long-lever', rung: 6, evidence: ['Elbow plank hold 90 s.'],
      missing: ['Gate of elbow plank, feet raised.'],
    },
    {
      branch: 'side-plank', variationId: 'side-plank.knees', rung: 1, evidence: [],
      missing: ['Gate of side plank on the knees.'],
    },
  ]
  const mounted = (editable: boolean) =>
    mount(PlacementList, {
      props: {
        placements, rungs: { 'front-plank': 2, 'side-plank': 3 }, catalogue: STANDARD, editable, busy: false,
        problem: '',
      },
      global,
    })

  it('says what is shown, what is missing, and puts there with the evidence as the reason', async () => {
    const wrapper = mounted(true)
    expect(wrapper.text()).toContain('4 below what is shown')
    expect(wrapper.text()).toContain('higher than the evidence shows')
    await wrapper.findAll('button').find(b => b.text() === 'Place here')!.trigger('click')
    // The numbers speak; what only an eye can tell is asked first.
    expect(wrapper.emitted('place')).toBeUndefined()
    expect(wrapper.text()).toContain('Was it seen as well?')
    expect(wrapper.text()).toContain('Elbow plank: Hips level, breathing throughout.')
    await wrapper.findAll('button').find(b => b.text().startsWith('Seen: place on'))!.trigger('click')
    expect(wrapper.emitted('place')).toEqual([['front-plank.long-lever', 'Elbow plank hold 90 s.']])
  })

  it('by hand asks for a reason first', async () => {
    const wrapper = mounted(true)
    await wrapper.find('[aria-label="Place by hand on Side plank: held"]').trigger('click')
    const put = wrapper.findAll('button').find(b => b.text() === 'Place')!
    expect(put.attributes('disabled')).toBeDefined()
    await wrapper.find('#reason-side-plank').setValue('Seen in warm-up.')
    expect(put.attributes('disabled')).toBeUndefined()
  })

  it('is only read by whoever may not plan', () => {
    expect(mounted(false).findAll('button')).toHaveLength(0)
  })
})

describe('the screening', () => {
  beforeEach(() => localStorage.clear())
  const mounted = () =>
    mount(ScreeningForm, {
      props: {
        start: null, draftKey: 'draft/screening', catalogue: STANDARD, busy: false, problem: '', submitText: 'Send',
      },
    })
  const answer = (wrapper: ReturnType<typeof mounted>, word: string, index: number) =>
    wrapper.find(`[aria-label="${word}: ${QUESTIONS[index]!.text}"]`).trigger('click')

  it('sends nothing while a question is open, and points at the first', async () => {
    const wrapper = mounted()
    await answer(wrapper, 'no', 0)
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('send')).toBeUndefined()
    expect(wrapper.find('[role=alert]').text()).toBe('Answer yes or no.')
  })

  it('that was left goes on where it was, or begins anew', async () => {
    await answer(mounted(), 'yes', 2)
    const back = mounted()
    await nextTick()
    const yes = back.find(`[aria-label="yes: ${QUESTIONS[2]!.text}"]`)
    expect(yes.attributes('aria-pressed')).toBe('true')
    await back.findAll('button').find(b => b.text() === 'Start over')!.trigger('click')
    expect(yes.attributes('aria-pressed')).toBe('false')
    const last = mounted()
    await nextTick()
    expect(last.text()).not.toContain('As you left it')
  })

  it('says at once to see a clinician, and keeps the yes when the rest is no', async () => {
    const wrapper = mounted()
    await answer(wrapper, 'yes', 0)
    expect(wrapper.find('[role=status]').text()).toContain('See a clinician first.')
    await wrapper.findAll('button').find(b => b.text().startsWith('No to the'))!.trigger('click')
    await wrapper.find('form').trigger('submit')
    const sent = wrapper.emitted('send')![0]![0] as Record<string, boolean>
    expect(FLAG_IDS.filter(flag => sent[flag])).toEqual([QUESTIONS[0]!.flag])
    expect(Object.keys(sent)).toHaveLength(FLAG_IDS.length)
  })
})

describe('a brace check', () => {
  it('says what it lacks while it is filled in, and refuses a count that is none', async () => {
    const wrapper = mount(BraceCheckForm, {
      props: { step: 2, today: '2026-03-04', busy: false, draftKey: 'draft/check' },
    })
    expect(wrapper.find('[role=status]').text()).toContain('No swell yet: front, left side, right side, back.')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('check')).toBeUndefined()
    for (const word of ['Front', 'Left side', 'Right side', 'Back', 'goes on behind it'])
      await wrapper.findAll('button').find(b =>
        b.text() === word
      )!.trigger('click')
    await wrapper.find('#count-2').setValue('3')
    expect(wrapper.find('[role=status]').text()).toBe('Passes step 2.')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('check')![0]![0]).toMatchObject({
      step: 2, breathing: true, count: 3, swell: ['front', 'left', 'right', 'back'],
    })
  })
})

describe('a lane of the desk', () => {
  it('asks what ended a trial, longest waiting first, and takes only numbers for what is read', async () => {
    const lane = {
      athleteId: 'a', name: 'Ana', at: 0, startedAt: null, waiting: { value: 42, stoppedAt: 1 }, note: '', done: [],
    }
    const props = {
      lane, laneKey: '1', step: { test: 'extensor' as const, side: null }, next: null, timed: true, elapsed: 42,
      tests: STANDARD_TESTS, isFront: false,
    }
    const wrapper = mount(DeskLane, { props })
    expect(wrapper.text()).not.toContain('What ended it?')
    await wrapper.setProps({ tests: STANDARD_TESTS, isFront: true })
    await wrapper.findAll('button').find(b => b.text().includes('Grip gave out'))!.trigger('click')
    expect(wrapper.emitted('end')).toEqual([['grip']])
    const read = mount(DeskLane, {
      props: {
        ...props, lane: { ...lane, waiting: null }, step: { test: 'rolloutReach' as const, side: null }, timed: false,
      },
    })
    for (const wrong of ['', 'far', '-2', '99999']) {
      await read.find('input').setValue(wrong)
      await read.find('form').trigger('submit')
      expect(read.find('[role=alert]').text()).toContain('A number')
    }
    await read.find('input').setValue('84,5')
    await read.find('form').trigger('submit')
    expect(read.emitted('enter')).toEqual([[84.5]])
  })
})

describe('what the trunk holds', () => {
  const panel = (trials: StoredTrial[]) =>
    mount(CapacityPanel, {
      props: {
        capacities: capacitiesOf(
          { sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 },
          trunkEvidence(trials, [], []), STANDARD, '2026-03-02',
        ),
        weakest: { id: 'turnLeft', action: 'antiRotation', part: 0.82, asked: 0.34, certain: false },
        sportName: 'Striking combat',
      },
    })

  it('says that nothing is measured until a hold is, and opens to what moved it', async () => {
    expect(panel([]).text().match(/Not measured yet/g)).toHaveLength(6)
    const wrapper = panel([trial({ test: 'plank', value: 98, breakPoint: 'trunk', day: '2026-03-01' })])
    expect(wrapper.text().match(/Not measured yet/g)).toHaveLength(5)
    expect(wrapper.text()).toContain('about 82 % of what people of this kind hold, where striking combat asks 34 %')
    expect(wrapper.text()).not.toContain('elbow plank hold')
    await wrapper.findAll('button')[0]!.trigger('click')
    expect(wrapper.text().replace(/\s+/g, ' ')).toContain('elbow plank hold, 98 s, about 230 N·m')
  })
})
