import { flushPromises, mount } from '@vue/test-utils'
import { VARIATIONS } from '~~/core/catalogue'
import { describe, expect, it, vi } from 'vitest'
import { larkholm } from '~~/demo'
import { NO_HEALTH, type AthleteInput, type PlanRun } from '~~/shared/types'
import { blankAthlete } from '~/composables/useAthleteForm'
import AthleteForm from './athlete/AthleteForm.vue'
import FlagConsequences from './athlete/FlagConsequences.vue'
import LadderStanding from './athlete/LadderStanding.vue'
import ReviewPanel from './athlete/ReviewPanel.vue'
import RosterTable from './athlete/RosterTable.vue'
import ChipChoice from './common/ChipChoice.vue'
import RunReview from './week/RunReview.vue'
import SessionForm from './week/SessionForm.vue'
import { context } from '~~/core/testing/fixtures'
import { aSheet } from '~/testing/sheet'

const someone = larkholm('2026-03-02').athletes[0]!.input
const global = { stubs: { NuxtLink: { template: '<a><slot /></a>' } } }

async function form(
  start: AthleteInput,
  units: { mass: 'kg' | 'lb', length: 'cm' | 'in' } = { mass: 'kg', length: 'cm' },
) {
  const groups = [{ id: '00000000-0000-4000-8000-000000000001', name: 'Squad' }]
  const wrapper = mount(AthleteForm, {
    attachTo: document.body,
    props: { start, groups, gym: ['band', 'bench'], units, busy: false, serverFields: {}, submitText: 'Save' },
  })
  const submit = async (): Promise<void> => {
    await wrapper.trigger('submit')
    // The schema is loaded on first use.
    await vi.waitFor(
      () => expect(Boolean(wrapper.emitted('save')) || wrapper.text().includes('another look')).toBe(true),
      10_000,
    )
    await flushPromises()
  }
  return { wrapper, submit }
}

describe('the athlete form', () => {
  it('takes sex, sport, days and equipment of nobody for granted', async () => {
    const { wrapper, submit } = await form(blankAthlete())
    await submit()
    for (const field of ['sport', 'sex']) expect(wrapper.find(`#${field}`).attributes('aria-invalid')).toBe('true')
    expect(wrapper.text()).toContain('On which days')
    expect(wrapper.text()).toContain('The bare floor is an answer too')
    await wrapper.findAll('button').find(b => b.text() === 'What the gym has')!.trigger('click')
    expect(wrapper.findAll('[aria-pressed="true"]').length).toBe(2)
    await submit()
    expect(wrapper.text()).not.toContain('The bare floor is an answer too')
  })

  it('hands back exactly the athlete it was given', async () => {
    const given = { ...someone, groupIds: [], weakSide: someone.weakLink ? someone.weakSide : null }
    const { wrapper, submit } = await form(given)
    await submit()
    expect(wrapper.emitted('save')?.[0]?.[0]).toEqual(given)
  })

  it('keeps centimetres and kilograms under inches and pounds', async () => {
    const { wrapper, submit } = await form({ ...someone, groupIds: [] }, { mass: 'lb', length: 'in' })
    await wrapper.find('#height').setValue('70')
    await wrapper.find('#mass').setValue('150')
    await submit()
    const [saved] = wrapper.emitted('save')![0] as unknown as [AthleteInput]
    expect(saved.heightCm).toBe(177.8)
    expect(saved.massKg).toBeCloseTo(68.04, 2)
  })

  it('loses nothing and names every field when most is missing', async () => {
    const { wrapper, submit } = await form(blankAthlete())
    await wrapper.find('#goal').setValue('Stand tall')
    await wrapper.find('#minutes-1').setValue('lots')
    await submit()
    expect(wrapper.emitted('save')).toBeUndefined()
    for (
      const text of ['Name', 'Height must be a number.', 'Body mass must be a number.', 'Minutes must be a number.']
    ) {
      expect(wrapper.text()).toContain(text)
    }
    expect((wrapper.find('#goal').element as HTMLTextAreaElement).value).toBe('Stand tall')
    expect(document.activeElement?.getAttribute('aria-invalid')).toBe('true')
  })

  it('shows what the server said beside its field', async () => {
    const { wrapper } = await form({ ...someone, groupIds: [] })
    await wrapper.setProps({ serverFields: { 'athlete.name': 'This name is taken.' } })
    expect(wrapper.find('#name-problem').text()).toBe('This name is taken.')
  })
})

describe('flags and ladders', () => {
  it('say what a flag takes away', () => {
    const text = mount(FlagConsequences, { props: { flags: ['wrist', 'chestPain'], screen: context.screen } }).text()
    expect(text).toContain('Wrist complaint')
    expect(text).toMatch(/Takes away \d+ of \d{3} drills/)
    expect(text).toContain(`Takes away ${VARIATIONS.length} of ${VARIATIONS.length} drills`)
  })

  it('show the gate ahead, and what stands in the way', () => {
    const screen = { ...context.screen, equipment: [], rungs: { 'side-plank': 2, 'press-out': 1 } }
    const text = mount(LadderStanding, { props: { screen } }).text()
    expect(text).toContain('Gate')
    expect(text).toContain('Needs equipment that is not at hand')
  })
})

describe('lists', () => {
  it('of the roster select one and all', async () => {
    const row = {
      athlete: {
        ...someone, id: 'a', version: 1, archived: false, clearances: [], health: NO_HEALTH, screenedOn: null,
        accountEmail: null, accountState: 'none' as const, changedBy: null, flags: ['nightPain' as const],
      },
      marks: ['nightPain' as const], nextCompetition: null, thisWeek: 'none' as const, adherence: 0.5,
      lastLogDay: '2026-03-01', homeworkLies: false, painInLastDays: true, screened: true,
    }
    const table = mount(RosterTable, {
      props: {
        rows: [row], selected: new Set<string>(), today: '2026-03-02', week: '2026-03-02', sort: 'done', down: true,
        busy: false,
      },
      global,
    })
    expect(table.text()).toContain('Refer: Pain at night or at rest')
    expect(table.text()).toContain('50 %')
    await table.findAll('input')[0]!.setValue(true)
    expect(table.emitted('select')).toEqual([[['a'], true]])
    const heads = table.findAll('th')
    expect(heads.flatMap(head => head.attributes('aria-sort') ?? [])).toEqual(
      ['none', 'none', 'none', 'none', 'none', 'descending'])
    await heads[1]!.find('button').trigger('click')
    expect(table.emitted('sort')).toEqual([['name']])
  })

  it('of a run puts exceptions first and assigns by kind', async () => {
    const week = {
      startsOn: '2026-03-02', version: 1, drills: 5, trunkMinutes: 20, notes: [],
      proof: { goal: 0, bound: 0, proven: true, walled: false }, assigned: false,
    }
    const line = (athleteId: string, athleteName: string, over: object) => ({
      athleteId, athleteName, state: 'done' as const, attempts: 1, problem: '', accepting: false,
      weeks: [{ ...week, outcome: 'proposed' as const, ...over }],
    })
    const run: PlanRun = {
      id: 'r', startsOn: '2026-03-02', weeks: 1, askedBy: 'x', askedAt: '2026-03-01T10:00:00.000Z', cancelled: false,
      sessions: [],
      lines: [
        line('a', 'Anna', {}),
        line('b', 'Berit', { outcome: 'refused', proof: null, notes: ['Refer.'] }),
        line('c', 'Clas', { proof: { goal: 9, bound: 3, proven: false, walled: true } }),
      ],
    }
    const list = mount(RunReview, { props: { run, busy: false }, global })
    expect(list.findAll('li').map(li => li.find('a').text())).toEqual(['Berit', 'Clas', 'Anna'])
    expect(list.findAll('button').map(b => b.text())).toEqual(['Assign 2 weeks', 'Assign these', 'Assign these'])
    await list.findAll('button')[1]!.trigger('click')
    expect(list.emitted('accept')).toEqual([[['c']]])
    await list.setProps({
      run: { ...run, lines: run.lines.map((l, i) => (i === 0 ? { ...l, state: 'working' as const } : l)) },
    })
    expect(list.text()).toContain('2 of 3 athletes planned')
    expect(list.findAll('button').map(b => b.text())).toContain('Cancel the rest')
  })

  it('of an athlete without a past says so', () => {
    const history = { from: '2026-02-01', to: '2026-03-01', prescribed: [], logs: [], trunk: context.trunk }
    const panel = mount(ReviewPanel, { props: { history, athlete: aSheet().athlete } })
    expect(panel.text()).toContain('Nothing has been assigned')
  })
})

describe('small forms', () => {
  it('refuse minutes that are none', async () => {
    const session = mount(SessionForm, { props: { day: 1, minutes: 60, isNew: true } })
    await session.find('#session-minutes').setValue('soon')
    await session.trigger('submit')
    expect(session.emitted('put')).toBeUndefined()
    expect(session.text()).toContain('Minutes go from 5 to 240.')
    await session.find('#session-minutes').setValue('45')
    await session.trigger('submit')
    expect(session.emitted('put')).toEqual([[1, 45, true]])
  })

  it('press the chips that are on', async () => {
    const chips = mount(ChipChoice<'a' | 'b'>, {
      props: { legend: 'Which', options: { a: 'Ay', b: 'Bee' }, pressed: ['b'] },
    })
    expect(chips.findAll('button').map(b => b.attributes('aria-pressed'))).toEqual(['false', 'true'])
    await chips.find('button').trigger('click')
    expect(chips.emitted('choose')).toEqual([['a']])
  })
})
