import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import { FLAG_IDS } from '~~/core/screening'
import type { HealthAlert } from '~~/shared/types'
import AlertBar from './AlertBar.vue'
import AlertList from './AlertList.vue'
import AssignReason from './AssignReason.vue'
import LateSetForm from './LateSetForm.vue'
import PainPanel from './PainPanel.vue'
import ScreeningConflict from './ScreeningConflict.vue'
import StopPanel from './StopPanel.vue'
import StoppedDrill from './StoppedDrill.vue'

const global = { stubs: { NuxtLink: { props: ['to'], template: '<a :href="to"><slot /></a>' } } }
const alert = (over: Partial<HealthAlert> = {}): HealthAlert => ({
  id: 'a', athleteId: 'x', athleteName: 'Ana', kind: 'stop', at: '2026-03-04T08:00:00.000Z', by: null,
  variationId: null, stops: 3, told: ['Bo'], settled: false, ...over,
})
const stop = {
  since: '2026-03-04T08:00:00.000Z', told: ['Bo', 'Cim'],
  toLog: [{ itemId: 'i', name: 'Side plank', sides: 'each' as const, unit: 'seconds' as const }],
}

describe('what coaches are told', () => {
  it('is the gravest thing first, with how many more, until it is seen', async () => {
    const bar = mount(AlertBar, {
      props: {
        news: [alert({ id: 'p', kind: 'pain', athleteName: 'Bo', variationId: 'side-plank.feet' }), alert()],
        catalogue: STANDARD,
      },
      global,
    })
    expect(bar.text()).toContain('Ana: red flag, all training stopped')
    expect(bar.text()).toContain('1 more')
    await bar.find('button').trigger('click')
    expect(bar.emitted('seen')).toHaveLength(1)
  })

  it('is no bar for what only takes drills away', () => {
    expect(
      mount(AlertBar, { props: { news: [alert({ kind: 'limits' })], catalogue: STANDARD }, global }).find('p').exists(),
    ).toBe(false)
  })

  it('says which drill hurt and how many a flag stopped', () => {
    const list = mount(AlertList, {
      props: {
        alerts: [alert({ kind: 'painTwice', variationId: 'side-plank.feet' }), alert({ id: 'l', kind: 'limits' })],
        catalogue: STANDARD,
      },
      global,
    })
    expect(list.text()).toContain('pain twice running, the drill is locked at side plank')
    expect(list.text()).toContain('a flag was raised: 3 drills stopped')
    expect(list.find('a').attributes('href')).toBe('/athletes/x#pain')
  })
})

describe('training that is stopped', () => {
  it('says what to do and who was told', () => {
    expect(mount(StopPanel, { props: { stop } }).text()).toMatch(/Told at \d\d:\d\d: Bo, Cim\./)
    expect(mount(StopPanel, { props: { stop: { ...stop, told: [] } } }).text()).toContain('Tell your coach at once.')
  })

  it('takes a set from before it, dated before it, and no nonsense', async () => {
    const form = mount(LateSetForm, { props: { stop, day: '2026-03-04' } })
    await form.find('form').trigger('submit')
    expect(form.text()).toContain('A number from 0 to 3600.')
    await form.find('#late-amount').setValue('12,5')
    await form.find('form').trigger('submit')
    expect(form.emitted('log')).toEqual([[
      expect.objectContaining({
        prescribedItemId: 'i', side: 'left', amount: 12.5, performedAt: '2026-03-04T07:59:59.000Z',
      }),
    ]])
  })

  it('offers the stand-in of a drill, and nothing where there is none', async () => {
    const instead = {
      variationId: 'x', name: 'Plank on the knees',
      dose: { sets: 2, amount: 20, unit: 'seconds' as const, restS: 5 },
      sides: 'both' as const,
    }
    const drill = mount(StoppedDrill, { props: { stopped: { text: 'Wrist complaint.', instead }, busy: false } })
    await drill.find('button').trigger('click')
    expect(drill.emitted('take')).toHaveLength(1)
    expect(
      mount(StoppedDrill, { props: { stopped: { text: 'Wrist complaint.', instead: null }, busy: false } }).find(
        'button',
      ).exists(),
    ).toBe(false)
  })
})

describe('a decision on pain', () => {
  const pain = (state: 'waits' | 'locked') => ({
    variationId: 'side-plank.feet', day: '2026-03-03', at: '', place: 'lowBack' as const,
    times: state === 'locked' ? 2 : 1, state,
  })
  const open = (state: 'waits' | 'locked') =>
    mount(PainPanel, {
      props: { athleteId: state, pain: [pain(state)], catalogue: STANDARD, editable: true, busy: false, fields: {} },
    })

  it('asks who has looked where the drill is locked, and not to refer', async () => {
    const panel = open('locked')
    expect(panel.text()).toContain('low back, 2 times running: locked: refer')
    await panel.findAll('.chip')[0]!.trigger('click')
    expect(panel.find('#pain-by').exists()).toBe(true)
    await panel.findAll('.chip')[2]!.trigger('click')
    expect(panel.find('#pain-by').exists()).toBe(false)
  })

  it('carries its reason', async () => {
    const panel = open('waits')
    await panel.findAll('.chip')[0]!.trigger('click')
    await panel.find('#pain-reason').setValue(' Effort. ')
    await panel.find('form').trigger('submit')
    expect(panel.emitted('decide')).toEqual([[
      expect.objectContaining({
        variationId: 'side-plank.feet', verdict: 'goOn', reason: 'Effort.', lookedAtBy: '', role: null,
      }),
    ]])
  })
})

describe('two screenings that met', () => {
  const answers = (...yes: string[]) => Object.fromEntries(FLAG_IDS.map(flag => [flag, yes.includes(flag)]))

  it('ask only what they answer differently, and store nothing before it is chosen', async () => {
    const both = mount(ScreeningConflict, {
      props: {
        who: 'Ana', mine: answers('wrist'), theirs: answers('wrist', 'chestPain'), flags: ['chestPain', 'wrist'],
        busy: false,
      },
    })
    expect(both.findAll('tbody tr')).toHaveLength(1)
    const store = both.findAll('button').find(b => b.text() === 'Store what is chosen')!
    expect(store.attributes('disabled')).toBeDefined()
    await both.findAll('tbody .chip')[0]!.trigger('click')
    await store.trigger('click')
    expect(both.emitted('choose')).toEqual([[expect.objectContaining({ chestPain: true, wrist: true })]])
  })
})

describe('assigning what is not known', () => {
  it('leads to what is missing and asks for a reason', async () => {
    const form = mount(AssignReason, {
      props: {
        athleteId: 'x',
        missing: { unscreened: 'Never screened.', braceUnchecked: 'Never checked.' },
        busy: false,
      },
      global,
    })
    expect(form.findAll('a').map(a => a.attributes('href'))).toEqual(['/athletes/x/screen', '/athletes/x/brace'])
    await form.trigger('submit')
    expect(form.text()).toContain('Say why, in a word or two.')
    await form.find('#assign-reason').setValue('On paper.')
    await form.trigger('submit')
    expect(form.emitted('assign')).toEqual([['On paper.']])
  })
})
