import { mount } from '@vue/test-utils'
import { computed, nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { changedSeason, NO_EXCEPTIONS, seasonInstance, type SeasonShape } from '~~/core/season'
import { useSeasonDraft } from '~/composables/season/useSeasonDraft'
import { useSeasonEdits } from '~/composables/season/useSeasonEdits'
import { yourClock } from '~/words/yourClock'
import { withRoom } from '~/drawing/ribbonLayout'
import type { EntryInput, SeasonsAnswer, StoredEntry } from '~~/shared/types'
import AthleteOtherwise from './AthleteOtherwise.vue'
import EntryForm from './EntryForm.vue'
import NoticeList from './NoticeList.vue'
import RepairPanel from './RepairPanel.vue'
import SeasonRibbon from './SeasonRibbon.vue'
import ShapeForm from './ShapeForm.vue'

const MONDAY = '2026-03-02'
const YEAR = { offSeason: 12, preSeason: 8, inSeason: 28, transition: 4 }
const opening = { braceStep: null, done: null }
const shape: SeasonShape = {
  startsOn: MONDAY, weeks: 10, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
  phases: [{ phase: 'preSeason', least: 3, most: 8, start: 0, volume: 18, opening }, {
    phase: 'inSeason', least: 3, most: 8, start: 5, volume: 12, opening,
  }],
}
const cup: EntryInput = {
  id: 'cup', groupId: 'g', kind: 'competition', name: 'Cup', day: '2026-04-18', lastDay: '2026-04-18', importance: 'A',
  travelBefore: 0, travelAfter: 0, weeklyUntil: null, except: [], startsAt: '10:00', minutes: 60,
  timeZone: 'Europe/London', sourceUid: null,
}
const plan = changedSeason(null, shape, seasonInstance(shape, [cup]), MONDAY).plan
const answer = (): SeasonsAnswer => ({
  groups: [{ id: 'g', name: 'Squad' }], athletes: [], shut: [], timeZone: 'Europe/London', today: MONDAY,
  entries: [{ ...cup, sequence: 0, cancelled: false, changedAt: '' } satisfies StoredEntry],
  seasons: [{ groupId: 'g', version: 3, shape, plan, pins: [], revisions: {}, changedAt: '' }],
})
function drafted(athleteId: string | null = null) {
  const all = ref<SeasonsAnswer | null>(answer())
  const draft = useSeasonDraft(all, computed(() => ({ groupId: 'g', athleteId })), MONDAY, computed(() => YEAR))
  return { all, draft, edits: useSeasonEdits(draft, ref('g'), ref('Europe/London')) }
}

describe('a draft of a season', () => {
  it('reckons a moved competition at once, says it in words, and is gone when it is moved back', () => {
    const { draft } = drafted()
    expect([draft.dirty.value, draft.repair.value]).toEqual([false, null])
    draft.moveEntry('cup', 8)
    expect(draft.repair.value!.changed.length).toBeGreaterThan(0)
    expect(draft.title.value).toBe('Cup moves from 18 Apr to 26 Apr')
    expect(draft.groupChange()).toMatchObject({
      version: 3, put: [{ id: 'cup', day: '2026-04-26' }], prefer: 'fewestChanges',
    })
    draft.moveEntry('cup', -8)
    expect([draft.dirty.value, draft.title.value]).toEqual([false, ''])
  })

  it('offers both ways, and pins hold in both', () => {
    const { draft } = drafted()
    draft.moveEntry('cup', 8)
    const { found } = draft.ways.value!
    expect(found!.fewestChanges.changed.length).toBeLessThanOrEqual(found!.bestVolumes.changed.length)
    const { day, from } = draft.repair.value!.changed[0]!
    draft.togglePin(day)
    for (const way of Object.values(draft.ways.value!.found!)) expect(way.plan.days[day]).toBe(from)
  })

  it('keeps a pin alone as a change, the athlete’s apart from the squad’s', () => {
    const { draft } = drafted()
    draft.togglePin(30)
    expect([draft.dirty.value, draft.title.value, draft.groupChange().pins]).toEqual([true, 'Days are pinned', [30]])
    draft.togglePin(30)
    expect(draft.dirty.value).toBe(false)
    const { draft: own } = drafted('a')
    own.togglePin(31)
    expect(own.athleteChange().exceptions.pins).toEqual([31])
  })

  it('holds a season that begins on another day against nothing', () => {
    const { draft } = drafted()
    draft.setShape({ ...shape, startsOn: '2026-03-09' }, 'Later')
    expect([draft.compared.value, draft.repair.value!.changed]).toEqual([null, []])
  })

  it('calls off, puts in, changes the shape; Escape leaves all of it', () => {
    const { draft, edits } = drafted()
    draft.cancelEntry('cup')
    edits.put({ ...cup, id: 'new', name: 'Other cup', day: '2026-04-04', lastDay: '2026-04-04' })
    edits.startPhase(1, 7)
    expect(draft.entries.value.map(e => e.name)).toEqual(['Other cup'])
    expect(draft.groupChange()).toMatchObject({
      cancel: ['cup'], prefer: 'bestVolumes', shape: { phases: [{}, { start: 7 }] },
    })
    expect(draft.title.value).toContain('The in-season begins 20 Apr')
    draft.discard()
    expect([draft.dirty.value, draft.entries.value.map(e => e.name)]).toEqual([false, ['Cup']])
  })

  it('of an athlete who is away changes the own plan alone', () => {
    const { draft } = drafted('a')
    draft.setExceptions({ ...NO_EXCEPTIONS, absences: [{ from: '2026-03-16', to: '2026-03-22' }] }, 'Away')
    expect(new Set(draft.plan.value!.days.slice(14, 21))).toEqual(new Set(['off']))
    expect(draft.athleteChange()).toMatchObject({ version: 0, groupId: 'g', title: 'Away' })
  })

  it('says what cannot be planned instead of losing it', () => {
    const { draft } = drafted()
    draft.setShape({ ...shape, weeks: 0 }, 'x')
    expect(draft.ways.value!.problem).toBe('A season has 1 to 60 weeks.')
  })
})

describe('the season on the screen', () => {
  it('shows before and after with the reason of every day, and pins by a click', async () => {
    const { draft } = drafted()
    draft.moveEntry('cup', 8)
    const panel = mount(RepairPanel, {
      props: {
        title: 'Cup moves', repair: draft.repair.value!, before: plan, shape, ways: draft.ways.value!.found!,
        taken: 'fewestChanges', pins: [], busy: false, problem: '', pinnable: true, replan: true,
      },
    })
    const { changed } = draft.repair.value!
    expect(panel.get('h2').text()).toBe(`${changed.length} ${changed.length === 1 ? 'day' : 'days'} would change`)
    for (const { reason } of changed) expect(panel.text()).toContain(reason)
    expect(panel.find('svg[role="img"]').attributes('aria-label')).toMatch(/^Before: .* After: /)
    await panel.get('[aria-label^="Hold"]').trigger('click')
    expect(panel.emitted('pin')).toEqual([[changed[0]!.day]])
  })

  it('tells every week to whoever listens', () => {
    const ribbon = mount(SeasonRibbon, {
      props: {
        shape, plan, before: null, entries: [cup], today: MONDAY, selected: 0, weekPx: 30, days: true,
        planes: plan.loads.map(() => ({ sagittal: 100, frontal: 50, transverse: 20 })),
        editable: true, pins: [3],
      },
    })
    const weeks = ribbon.findAll('rect[role="button"]')
    expect(weeks.map(w => w.attributes('aria-label')!.slice(0, 7))).toEqual(
      Array.from({ length: 10 }, (_, i) => `Week ${i + 1}${i < 9 ? ',' : ''}`.slice(0, 7)),
    )
    expect(weeks[6]!.attributes('aria-label')).toContain('taper')
    expect(ribbon.get('[data-entry="cup"]').attributes('aria-label')).toBe('Cup, importance A, 18 Apr. Open')
  })

  it('leaves a name out where there is no room for it', () => {
    expect(
      withRoom([{ x: 0, text: 'Pre-season' }, { x: 60, text: 'Taper' }, { x: 70, text: 'In-season' }], 300, 7).map(s =>
        s.shown
      ),
    ).toEqual(['Pre-s…', '', 'In-season'])
  })

  it('an entry is checked before it is looked at, and nothing typed is lost', async () => {
    const form = mount(EntryForm, {
      props: {
        entry: { ...cup, id: crypto.randomUUID(), groupId: crypto.randomUUID(), name: '' },
        isNew: true, zones: ['Europe/London'], shared: true, day: null,
      },
    })
    await form.get('form').trigger('submit')
    expect(form.text()).toContain('Name is missing.')
    await form.get('[name="entry-name"], #entry-name').setValue('Open')
    await form.get('#entry-last-day').setValue('2026-04-17')
    await form.get('form').trigger('submit')
    expect([form.emitted('put'), form.text().includes('The last day is not before the first.')]).toEqual([
      undefined, true,
    ])
    await form.get('#entry-day').setValue('2026-04-17')
    await form.get('form').trigger('submit')
    expect(form.emitted('put')![0]).toMatchObject([{ name: 'Open', day: '2026-04-17', importance: 'A' }])
  })

  it('a shape is checked phase by phase', async () => {
    const form = mount(ShapeForm, { props: { shape, draftKey: 'draft/season' } })
    await form.get('[aria-label="Most weeks of phase 1"]').setValue(2)
    await form.get('form').trigger('submit')
    expect([form.emitted('put'), form.text()]).toEqual([
      undefined, expect.stringContaining('The most is not below the least.'),
    ])
    await form.get('[aria-label="Most weeks of phase 1"]').setValue(6)
    await form.get('form').trigger('submit')
    expect(form.emitted('put')![0]).toMatchObject([{ phases: [{ most: 6 }, {}] }])
  })

  it('days away end on or after their first, and a phase waits by a click', async () => {
    const other = mount(AthleteOtherwise, {
      props: {
        name: 'Ada', exceptions: NO_EXCEPTIONS, entries: [cup], phaseNames: ['Pre-season', 'In-season'], today: MONDAY,
        editable: true,
        shut: [{
          athleteId: 'a', athleteName: 'Ada', groupId: 'g', phase: 1, opens: 6,
          reasons: ['Brace step 3; it asks for 5.'],
        }],
      },
    })
    await other.get('#away-from').setValue('2026-03-20')
    await other.get('#away-to').setValue('2026-03-18')
    await other.get('form').trigger('submit')
    expect(other.text()).toContain('The last day is not before the first.')
    await other.get('.caution button').trigger('click')
    expect(other.emitted('put')![0]).toEqual([
      { ...NO_EXCEPTIONS, opens: { 1: 6 } }, expect.stringContaining('the next phase waits'),
    ])
  })

  it('tells what was changed from today on', async () => {
    const day = (at: string) => ({ day: at, from: 'high' as const, to: 'low' as const, reason: `Because of ${at}.` })
    const list = mount(NoticeList, {
      props: {
        today: MONDAY,
        notices: [{
          id: 'n', groupId: 'g', athleteId: null, at: '', by: 'Coach', title: 'Cup moves',
          days: [day('2026-03-01'), day('2026-03-05')],
        }],
      },
    })
    await nextTick()
    expect([list.text().includes('Because of 2026-03-01.'), list.text().includes('Because of 2026-03-05.')]).toEqual([
      false, true,
    ])
  })
})

describe('a clock in another zone', () => {
  it.each([
    ['the same zone says nothing', '2026-03-14', '18:20', 'Europe/London', 'Europe/London', ''],
    [
      'the day of St John’s is past in London', '2026-03-14', '18:20', 'America/St_Johns', 'Europe/London',
      '20:50 by your clock',
    ],
    [
      'it is the next day in Auckland', '2026-03-14', '18:20', 'Europe/London', 'Pacific/Auckland',
      '07:20 the next day by your clock',
    ],
    [
      'a clock that was set that day counts as it stands', '2026-10-25', '12:00', 'Europe/London', 'America/New_York',
      '08:00 by your clock',
    ],
    ['two zones of one clock agree', '2026-07-01', '09:00', 'Atlantic/Faroe', 'Europe/London', ''],
  ])('%s', (_, day, at, there, here, said) => {
    expect(yourClock(day, at, there, here)).toBe(said)
  })
})
