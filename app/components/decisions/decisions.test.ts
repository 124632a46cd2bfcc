import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import type { Decision } from '~~/core/progression'
import type { DecisionRow } from '~~/shared/types'
import { headline, isClear, isOpen, waitingText } from '~/words/decisionWords'
import DecisionDots from './DecisionDots.vue'
import DecisionWays from './DecisionWays.vue'

const from: Decision['from'] = {
  variationId: 'press-out.standing', dose: { sets: 3, amount: 5, unit: 'reps', restS: 45 }, setting: { bandN: 100 },
  effort: 0.5,
}
const to = { ...from, dose: { ...from.dose, amount: 7 } }
const heavier = { ...from, setting: { bandN: 110 } }
const decision = (over: Partial<Decision> = {}): Decision => ({
  branch: 'press-out', variationId: from.variationId, kind: 'more', why: ['Clean.'], gateAmount: 8, evidence: [],
  confidence: 'clear', doubts: [], from, to, waits: null,
  others: [{ kind: 'more', text: 'more load instead', to: heavier }, { kind: 'stay', text: 'stay', to: null }], ...over,
})
const row = (over: Partial<Decision> = {}, proposed: DecisionRow['proposed'] = null): DecisionRow => ({
  athlete: { id: 'a', name: 'Edda Moor', sex: 'female', heightCm: 176, massKg: 70, groupIds: [] },
  decision: decision(over), evidenceDay: '2026-03-04', proposed,
})
const ways = (over: Partial<Decision> = {}, proposes = false) =>
  mount(DecisionWays, { props: { row: row(over), proposes, catalogue: STANDARD } })
const press = (of: ReturnType<typeof ways>, text: string) =>
  of.findAll('button').find(button => button.text().includes(text))!.trigger('click')

describe('the ways to take a decision', () => {
  it('as it is proposed is one press', async () => {
    const one = ways()
    await press(one, 'Take it')
    expect(one.emitted('take')).toEqual([[null, '']])
  })

  it('is taken once by a double click: the second falls on what has moved up', async () => {
    const one = ways()
    const [button] = one.findAll('button')
    await button!.trigger('click', { detail: 2 })
    expect(one.emitted('take')).toBeUndefined()
    await button!.trigger('click', { detail: 1 })
    expect(one.emitted('take')).toHaveLength(1)
  })

  it('another says what it would change, and wants a reason: one press more, or words', async () => {
    const one = ways()
    await press(one, 'more load instead, 100 → 110 N')
    expect(one.emitted('take')).toBeUndefined()
    await press(one, 'I saw it')
    await press(one, 'stay')
    await one.find('input').setValue('no')
    await one.find('form').trigger('submit')
    await one.find('input').setValue('Elbows bend.')
    await one.find('form').trigger('submit')
    expect(one.emitted('take')).toEqual([[0, 'I saw it'], [1, 'Elbows bend.']])
  })

  it('what waits is taken at once only with a reason', async () => {
    const one = ways({ kind: 'up', waits: { until: '2026-03-16', why: 'In-season: nothing new.' } })
    await press(one, 'Take it now')
    expect(one.emitted('take')).toBeUndefined()
    await press(one, 'Ready, I know them')
    expect(one.emitted('take')).toEqual([[null, 'Ready, I know them']])
  })

  it('an assistant proposes', () => {
    expect(ways({}, true).text()).toContain('Propose: take it')
  })
})

describe('the words of the tray', () => {
  it('say what changes, and until when something waits', () => {
    expect(headline(decision(), STANDARD)).toBe('More: 5 → 7 reps')
    expect(headline(decision({ kind: 'up', waits: { until: '2026-03-16', why: '' } }), STANDARD))
      .toBe('Up a rung, waits until 16 Mar')
  })

  it('count what is open; what rests on little waits, unless somebody proposes it', () => {
    const proposed = { by: 'A', kind: 'more' as const, reason: '' }
    const thin = { confidence: 'thin' as const }
    expect([row(), row({ kind: 'stay' }), row(thin), row(thin, proposed)].map(isOpen))
      .toEqual([true, false, false, true])
    expect([row(), row({ kind: 'down' }), row({}, proposed), row({ confidence: 'likely' })].map(isClear))
      .toEqual([true, false, false, false])
    expect(waitingText([row(), row({ kind: 'refer' }), row({ kind: 'stay' })])).toBe('2 wait: 1 to be seen, 1 more')
    expect(waitingText([row({ kind: 'stay' })])).toBe('Nothing waits for a decision.')
  })

  it('the dots are told in words, broken and hurt among them', () => {
    const dot = { planned: 5, broke: false, hurtAt: null, hurt: false, effort: 7, setting: {} }
    const dots = mount(DecisionDots, {
      props: {
        unit: 'reps', gate: '3 × 8',
        decision: {
          gateAmount: 8, evidence: [
            { ...dot, day: '2026-03-02', amount: 5 }, { ...dot, day: '2026-03-04', amount: 3, broke: true },
          ],
        },
      },
    })
    expect(dots.attributes('aria-label')).toBe('Gate 3 × 8. Mon 2: 5 reps; Wed 4: 3 reps, form broke')
    expect(dots.findAll('circle')).toHaveLength(2)
  })
})
