import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import {
  NO_RULES, POLICY_LINES, SCHOOL_IDS, schoolPolicy, weekRules, type PlanningRules, type TrainingBlock,
} from '~~/core/policy'
import { improvements, targetOrigins, weekLedger, weeklyTargets, type WeekPlan } from '~~/core/programme'
import { context, item, session } from '~~/core/testing/fixtures'
import { weekMoment } from '~/words/weekMoment'
import BlockList from './policy/BlockList.vue'
import LinesForm from './policy/LinesForm.vue'
import SchoolsTable from './policy/SchoolsTable.vue'
import ItemLocks from './week/ItemLocks.vue'
import PasteRoutine from './week/PasteRoutine.vue'
import ReviewList from './week/ReviewList.vue'
import SessionExtras from './week/SessionExtras.vue'
import TargetForm from './week/TargetForm.vue'

const plan: WeekPlan = { sessions: [{ ...session, items: [item] }] }

describe('where a target comes from', () => {
  const origin = targetOrigins({ ...context, sessions: 3 }).antiRotation
  const line = weekLedger(plan, weeklyTargets({ ...context, sessions: 3 }), context).lines.find(l =>
    l.action === 'antiRotation'
  )!
  const form = () =>
    mount(TargetForm, { props: { action: 'antiRotation', origin, line, editable: true, busy: false, problem: '' } })

  it('shows every step and the band it comes to', () => {
    const text = form().text()
    for (const step of origin.steps) expect(text).toContain(step.label)
    expect(text).toContain(`${origin.reckoned.low.toFixed(1)}–${origin.reckoned.high.toFixed(1)} full sets`)
  })

  it.each([
    ['3', '1', 'not above the most'], ['', '1', 'Full sets from 0'], ['many', '1', 'Full sets from 0'],
    ['-1', '1', 'Full sets from 0'], ['0', '99', 'Full sets from 0'],
  ])('refuses %j to %j and keeps the words', async (low, high, message) => {
    const wrapper = form()
    const [least, most] = wrapper.findAll('input')
    await least!.setValue(low)
    await most!.setValue(high)
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('set')).toBeUndefined()
    expect(wrapper.text()).toContain(message)
    expect(least!.element.value).toBe(low)
  })

  it('hands on what can be right', async () => {
    const wrapper = form()
    await wrapper.findAll('input')[0]!.setValue('1,25')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('set')).toEqual([[1.3, Number(origin.band.high.toFixed(1))]])
  })
})

it('a band that was set in seconds says what it was', () => {
  const origin = targetOrigins({ ...context, sessions: 3 }).antiRotation
  const line = weekLedger(plan, weeklyTargets({ ...context, sessions: 3 }), context).lines[2]!
  const own = {
    ...origin, band: { low: 1.4, high: 2.8, wasS: [100, 200] as const },
    setBy: { scope: 'athlete' as const, name: 'Ilse', school: null },
  }
  const form = mount(TargetForm, {
    props: { action: 'antiRotation', origin: own, line, editable: true, busy: false, problem: '' },
  })
  expect(form.text()).toMatch(/1\.4–2\.8.*set for\s+Ilse\s+as 100–200 s, before weeks were counted in full sets/)
})

describe('the schools side by side', () => {
  it('show a column for each and why a line is disputed', async () => {
    const table = mount(SchoolsTable, { props: { school: 'bodyLine' } })
    expect(table.findAll('th[scope=col]')).toHaveLength(SCHOOL_IDS.length + 1)
    await table.findAll('th[scope=row] button')[1]!.trigger('click')
    expect(table.text()).toContain(POLICY_LINES.directWork.dispute)
    await table.findAll('th[scope=col] button')[0]!.trigger('click')
    expect(table.emitted('choose')).toEqual([[null]])
  })

  it('are differed from line by line, and a line given back follows the school again', async () => {
    const rules: PlanningRules = { ...NO_RULES, school: 'highTension' }
    const form = mount(LinesForm, { props: { modelValue: rules, inherited: schoolPolicy(null) } })
    await form.find('#line-flexion').setValue('off')
    const changed = form.emitted('update:modelValue')![0]![0] as PlanningRules
    expect(changed.lines).toEqual({ flexion: 'off' })
    await form.setProps({ modelValue: changed })
    await form.find('#line-flexion').setValue('')
    expect((form.emitted('update:modelValue')![1]![0] as PlanningRules).lines).toEqual({})
  })
})

describe('blocks', () => {
  it('are added after the last one, changed week by week, and refuse what is no load', async () => {
    const list = mount(BlockList, { props: { modelValue: [], today: '2026-03-04' } })
    await list.findAll('button').at(-1)!.trigger('click')
    const at = (i: number): readonly TrainingBlock[] => list.emitted('update:modelValue')![i]![0]!
    const first = at(0)[0]!
    expect(first).toMatchObject({ startsOn: '2026-03-09', loads: [0.9, 1, 1.1, 0.6] })
    await list.setProps({ modelValue: [{ startsOn: first.startsOn, phase: null, loads: first.loads }] })
    await list.findAll('input')[3]!.setValue('500')
    expect(list.emitted('update:modelValue')).toHaveLength(1)
    await list.findAll('input')[3]!.setValue('50')
    expect(at(1)[0]!.loads).toEqual([0.9, 1, 1.1, 0.5])
    await list.findAll('button').at(-1)!.trigger('click')
    expect(at(2).map(b => b.startsOn)).toEqual(['2026-03-09', '2026-04-06'])
  })
})

describe('a routine that is pasted', () => {
  it('is shown as read, with what was not read, before anything is taken', async () => {
    const paste = mount(PasteRoutine)
    expect(paste.find('button').attributes('disabled')).toBeDefined()
    await paste.find('textarea').setValue('Mon\nSide plank 3 x 20 s\nDragon wings 3 x 8')
    expect(paste.text()).toContain('Line 3, “Dragon wings 3 x 8”')
    expect(paste.find('button').text()).toBe('Put 1 line in the week, leave 1 out')
    await paste.find('button').trigger('click')
    expect((paste.emitted('put')![0]![0] as WeekPlan).sessions[0]!.items[0]!.variationId).toBe('side-plank.feet')
  })
})

describe('a week looked through', () => {
  it('offers each change by itself, in words', async () => {
    const review = {
      findings: [{ mistake: 'onePlane' as const, text: 'No drill.', advice: 'Give one.', itemIds: ['i'] }],
      improvements: improvements(plan, context, null).slice(0, 2),
    }
    const list = mount(ReviewList, {
      props: { review, nameOfItem: () => 'Side plank', dayOf: () => 'Mon 2', placeOf: () => 'first', editable: true },
    })
    expect(list.text()).toContain('A plane is forgotten.')
    await list.findAll('button').at(-1)!.trigger('click')
    expect(list.emitted('take')).toEqual([[review.improvements.at(-1)]])
    await list.setProps({ review: { findings: [], improvements: [] } })
    expect(list.text()).toContain('No single change makes this week better.')
  })
})

describe('what stands around a session', () => {
  const extras = (of: WeekPlan) => mount(SessionExtras, { props: { session: of.sessions[0]!, plan: of, context } })
  const last = (wrapper: ReturnType<typeof extras>): WeekPlan => wrapper.emitted('put')!.at(-1)![0] as WeekPlan

  it('adds minutes, a circuit and home work, and takes each away', async () => {
    const wrapper = extras(plan)
    await wrapper.findAll('input[type=number]')[0]!.setValue('7')
    expect(last(wrapper).sessions[0]!.warmUpMinutes).toBe(7)
    const button = (text: string) => wrapper.findAll('button').find(b => b.text().includes(text))!
    await button('Build from what is open').trigger('click')
    const built = last(wrapper)
    expect(built.sessions[0]!.circuits).toHaveLength(1)
    await wrapper.setProps({ plan: built, session: built.sessions[0]! })
    await button('Remove it').trigger('click')
    expect(last(wrapper).sessions[0]!.items).toEqual([item])
    expect('circuits' in last(wrapper).sessions[0]!).toBe(false)
    await wrapper.setProps({ plan, session: plan.sessions[0]! })
    await button('Plan it for home').trigger('click')
    expect(last(wrapper).sessions[0]!.items.some(i => i.slot === 'home')).toBe(true)
  })

  it('says when no circuit fits', async () => {
    const wrapper = extras({ sessions: [{ ...session, minutes: 5, items: [] }] })
    await wrapper.findAll('button').find(b => b.text().includes('Build'))!.trigger('click')
    expect(wrapper.text()).toContain('No circuit fits')
  })
})

describe('locks on a drill', () => {
  it('are set and taken away', async () => {
    const rules = weekRules([], '2026-03-02')
    const locks = mount(ItemLocks, { props: { item, rules, editable: true, problem: '' } })
    await locks.findAll('button')[0]!.trigger('click')
    await locks.findAll('button')[1]!.trigger('click')
    await locks.setProps({ rules: { ...rules, never: [item.variationId] } })
    await locks.findAll('button')[0]!.trigger('click')
    expect(locks.emitted('lock')).toEqual([['never'], [['after']], [null]])
  })
})

describe('moment x time of a week', () => {
  it('adds up what has a moment and says how much of the week that is', () => {
    const body = { sex: 'female' as const, heightCm: 170, massKg: 64 }
    const one = weekMoment(plan, body, STANDARD)
    const two = weekMoment(
      { sessions: [{ ...session, items: [item, { ...item, id: 'j', variationId: 'brace.low-breath' }] }] },
      body, STANDARD,
    )
    expect([one.known, one.drills, two.known, two.drills]).toEqual([1, 1, 1, 2])
    expect(two.kNms).toBe(one.kNms)
    expect(one.kNms).toBeGreaterThan(0)
  })
})
