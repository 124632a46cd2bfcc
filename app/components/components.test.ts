import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import { expandSets, type Dose } from '~~/core/dose'
import { weekLedger, weeklyTargets } from '~~/core/programme'
import { context, item, session } from '~~/core/testing/fixtures'
import type { PrescribedItem } from '~~/shared/types'
import type { Step } from '~/composables/useRunner'
import SetLogForm from './run/SetLogForm.vue'
import DoseEditor from './week/DoseEditor.vue'
import LiftForm from './week/LiftForm.vue'
import PlaneLedger from './week/PlaneLedger.vue'

const targets = weeklyTargets({ ...context, sessions: 1 })

describe('the plane ledger', () => {
  it('speaks every line, and says what is short', () => {
    const long = { ...item, dose: { ...item.dose, amount: 45 } }
    const ledger = weekLedger({ sessions: [{ ...session, lifts: [], items: [long] }] }, targets, context)
    const text = mount(PlaneLedger, { props: { ledger, trunkMinutes: 2 } }).html()
    expect(text).toMatch(/resist side bend: 0\.0 full sets from lifts, 1\.\d from drills/)
    expect(text).toContain(`short ${targets.antiRotation.low.toFixed(1)}`)
  })

  it('warns when more is made than resisted', () => {
    const ledger = { ...weekLedger({ sessions: [] }, targets, context), making: 1, resisting: 0.5 }
    expect(mount(PlaneLedger, { props: { ledger, trunkMinutes: 0 } }).text()).toContain('resisting comes first')
  })
})

describe('the dose editor', () => {
  const dose: Dose = { sets: 3, amount: 10, unit: 'reps', tempo: '3-0-3-0', restS: 30 }

  it('takes over what can be right', async () => {
    const editor = mount(DoseEditor, { props: { dose, sides: 'each' } })
    await editor.findAll('input')[1]!.setValue('12')
    expect(editor.emitted('dose')!.at(-1)).toEqual([{ ...dose, amount: 12 }])
  })

  it.each([[0, '0', 'Sets go'], [0, '', 'Sets go'], [1, 'many', 'The amount'], [2, 'slow', 'Write tempo'], [
    3, '-5', 'Rest goes',
  ]])(
    'says what is wrong with box %i reading %j and keeps the words',
    async (box, words, message) => {
      const editor = mount(DoseEditor, { props: { dose, sides: 'both' } })
      const input = editor.findAll('input')[box]!
      await input.setValue(words)
      expect(editor.emitted('dose')).toBeUndefined()
      expect(editor.text()).toContain(message)
      expect((input.element as HTMLInputElement).value).toBe(words)
    })
})

describe('the lift form', () => {
  it('says at once how long a rep is braced and refuses nonsense', async () => {
    const form = mount(LiftForm, {
      props: { lift: { id: 'l', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 80 }, isNew: true },
    })
    expect(form.text()).toContain('4.4 s')
    await form.findAll('input')[2]!.setValue('180')
    await form.trigger('submit')
    expect(form.emitted('put')).toBeUndefined()
    expect(form.text()).toContain('Load goes from 20 to 100 % of 1RM.')
  })
})

describe('the set log form', () => {
  const variation = findVariation('carries.suitcase')!
  const dose = variation.doses[0]!
  const prescribed = {
    id: 'p', variationId: variation.id, dose, sides: 'each', settingsAsked: ['loadKg', 'distanceCm'],
  } as unknown as PrescribedItem
  const step: Step = { ...expandSets(dose, 'each', null)[0]!, item: prescribed, key: 'k' }
  const open = (amount: number) => mount(SetLogForm, {
    props: { step, amount, setting: { loadKg: 20 }, units: { mass: 'lb', length: 'in' }, scores: true, hurts: false },
  })

  it('keeps kilograms under the pounds that are typed', async () => {
    const form = open(dose.amount)
    expect((form.find('input[id$=loadKg]').element as HTMLInputElement).value).toBe('44.1')
    await form.find('input[id$=loadKg]').setValue('50')
    await form.trigger('submit')
    const [outcome] = form.emitted('log')![0] as [{ setting: { loadKg: number }, breakPoint: string }]
    expect(outcome.setting.loadKg).toBeCloseTo(22.68, 2)
    expect(outcome.breakPoint).toBe('none')
  })

  it('asks what broke when the target was not reached', async () => {
    const form = open(5)
    await form.trigger('submit')
    expect(form.emitted('log')).toBeUndefined()
    expect(form.text()).toContain('Say what ended the set.')
  })

  it('asks where it hurts', async () => {
    const form = open(5)
    await form.findAll('button').find(b => b.text() === 'Pain')!.trigger('click')
    await form.trigger('submit')
    expect(form.text()).toContain('Say where it hurt.')
    expect(form.emitted('log')).toBeUndefined()
  })
})
