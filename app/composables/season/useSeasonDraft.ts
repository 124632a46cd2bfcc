import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { addDays, mondayOf } from '~~/core/calendar'
import {
  changedAthleteSeason, changedSeason, NO_EXCEPTIONS, planMark, seasonInstance, type Repair, type RepairOptions,
  type SeasonExceptions, type SeasonShape,
} from '~~/core/season'
import { dayMonth } from '~/words/inWords'
import type {
  AthleteSeason, AthleteSeasonChange, EntryInput, SeasonChange, SeasonsAnswer, StoredEntry, StoredSeason,
} from '~~/shared/types'

export type Prefer = NonNullable<RepairOptions['prefer']>
export const PREFER_TEXT: Readonly<Record<Prefer, string>> = {
  fewestChanges: 'Fewest changes', bestVolumes: 'Best volumes and taper',
}

/** A season to begin with, where there is none. */
function firstShape(today: string): SeasonShape {
  const gate = { braceStep: null, done: null }
  return {
    startsOn: mondayOf(today), weeks: 36, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
    phases: [
      { phase: 'offSeason', least: 6, most: 14, start: 0, volume: 18, gate },
      { phase: 'preSeason', least: 4, most: 10, start: 10, volume: 18, gate },
      { phase: 'inSeason', least: 8, most: 18, start: 18, volume: 12, gate },
      { phase: 'transition', least: 2, most: 4, start: 33, volume: 8, gate },
    ],
  }
}

/** Whose season is looked at. */
interface SeasonFocus { readonly groupId: string, readonly athleteId: string | null }

const asInput = ({ sequence: _s, cancelled: _c, changedAt: _a, ...entry }: StoredEntry): EntryInput => entry

/**
 * A change of a season while it is made: what it does is reckoned at once, and nothing is stored until it is accepted.
 */
export function useSeasonDraft(all: Ref<SeasonsAnswer | null>, focus: Ref<SeasonFocus>, signedInOn: string) {
  const today = computed(() => all.value?.today ?? signedInOn)
  const put = shallowRef<readonly EntryInput[]>([])
  const cancel = shallowRef<readonly string[]>([])
  const shapeDraft = shallowRef<SeasonShape | null>(null)
  const exceptionsDraft = shallowRef<SeasonExceptions | null>(null)
  const pinsDraft = shallowRef<readonly number[] | null>(null)
  const prefer = ref<Prefer | null>(null)
  const replan = ref(true)
  const titles = shallowRef<readonly string[]>([])

  const season = computed<StoredSeason | null>(() =>
    all.value?.seasons.find(one => one.groupId === focus.value.groupId) ?? null
  )
  const own = computed<AthleteSeason | null>(() =>
    all.value?.athletes.find(one => one.groupId === focus.value.groupId && one.athleteId === focus.value.athleteId)
      ?? null
  )
  const stored = computed(() =>
    (all.value?.entries ?? []).filter(entry =>
      !entry.cancelled && (entry.groupId === null || entry.groupId === focus.value.groupId)
    ).map(asInput)
  )
  const entries = computed<readonly EntryInput[]>(() =>
    [
      ...stored.value.filter(entry => !cancel.value.includes(entry.id)).map(entry =>
        put.value.find(one => one.id === entry.id) ?? entry
      ),
      ...put.value.filter(entry => !stored.value.some(one => one.id === entry.id)),
    ].sort((a, b) => a.day.localeCompare(b.day) || a.name.localeCompare(b.name))
  )
  const shape = computed(() => shapeDraft.value ?? season.value?.shape ?? firstShape(today.value))
  const exceptions = computed(() => exceptionsDraft.value ?? own.value?.exceptions ?? NO_EXCEPTIONS)
  /** The squad's pins, or the athlete's own. */
  const storedPins = computed(() => (focus.value.athleteId ? own.value?.exceptions.pins : season.value?.pins) ?? [])
  const pins = computed(() => pinsDraft.value ?? storedPins.value)
  const dirty = computed(() =>
    put.value.length + cancel.value.length > 0 || shapeDraft.value !== null || exceptionsDraft.value !== null
    || pinsDraft.value !== null
  )
  const instance = computed(() =>
    seasonInstance(shape.value, entries.value, focus.value.athleteId ? exceptions.value : NO_EXCEPTIONS)
  )
  const standing = computed(() => own.value?.plan ?? season.value?.plan ?? null)
  /** What the changed plan is held against: days of a season that begins on another day are not those of this one. */
  const compared = computed(() => (season.value?.shape.startsOn === shape.value.startsOn ? standing.value : null))

  function repairWith(how: Prefer | null): Repair {
    const options = { pins: pins.value, ...(how ? { prefer: how } : {}) }
    return focus.value.athleteId && season.value
      ? changedAthleteSeason(season.value, own.value?.plan ?? null, instance.value, today.value, options)
      : changedSeason(season.value, shape.value, instance.value, today.value, options)
  }
  /** Both ways to follow the change; the one that is taken is `repair`. */
  const ways = computed(() => {
    if (!dirty.value) return null
    try {
      return {
        found: { fewestChanges: repairWith('fewestChanges'), bestVolumes: repairWith('bestVolumes') },
        problem: '',
      }
    }
    catch (error) {
      return { found: null, problem: (error as Error).message }
    }
  })
  const taken = computed<Prefer>(() => prefer.value ?? (shapeDraft.value ? 'bestVolumes' : 'fewestChanges'))
  const repair = computed(() => ways.value?.found?.[taken.value] ?? null)
  const plan = computed(() => repair.value?.plan ?? standing.value)

  function say(text: string): void {
    titles.value = [...titles.value.filter(one => one !== text), text].slice(-4)
  }
  const title = computed(() => titles.value.join('; ').slice(0, 200) || (pinsDraft.value ? 'Days are pinned' : ''))

  function putEntry(entry: EntryInput, text: string): void {
    put.value = [...put.value.filter(one => one.id !== entry.id), entry]
    cancel.value = cancel.value.filter(id => id !== entry.id)
    say(text)
  }
  /** Moves an entry by whole days; back where it stands the change is gone. */
  function moveEntry(id: string, days: number): void {
    const entry = entries.value.find(one => one.id === id)
    if (!entry || days === 0) return
    const moved = { ...entry, day: addDays(entry.day, days), lastDay: addDays(entry.lastDay, days) }
    const was = stored.value.find(one => one.id === id)
    titles.value = titles.value.filter(one => !one.startsWith(`${entry.name} moves`))
    if (was && was.day === moved.day && was.lastDay === moved.lastDay)
      put.value = put.value.filter(one => one.id !== id)
    else putEntry(moved, `${entry.name} moves${was ? ` from ${dayMonth(was.day)}` : ''} to ${dayMonth(moved.day)}`)
  }
  function cancelEntry(id: string): void {
    const entry = entries.value.find(one => one.id === id)
    put.value = put.value.filter(one => one.id !== id)
    if (entry && stored.value.some(one => one.id === id)) {
      cancel.value = [...cancel.value, id]
      say(`${entry.name} is called off`)
    }
  }
  function setShape(next: SeasonShape, text: string): void {
    shapeDraft.value = next
    say(text)
  }
  function setExceptions(next: SeasonExceptions, text: string): void {
    exceptionsDraft.value = next
    say(text)
  }
  function togglePin(day: number): void {
    const next = pins.value.includes(day) ? pins.value.filter(one => one !== day) : [...pins.value, day]
    pinsDraft.value = next.length === storedPins.value.length && next.every(one => storedPins.value.includes(one))
      ? null
      : next
  }
  function discard(): void {
    put.value = []
    cancel.value = []
    shapeDraft.value = null
    exceptionsDraft.value = null
    pinsDraft.value = null
    prefer.value = null
    titles.value = []
    replan.value = true
  }
  watch(() => [focus.value.groupId, focus.value.athleteId], discard)

  const groupChange = (): SeasonChange => ({
    version: season.value?.version ?? 0, title: title.value || 'The season is planned', shape: shape.value,
    put: put.value, cancel: cancel.value, pins: pins.value, prefer: taken.value,
    expect: repair.value ? planMark(repair.value.plan) : null, replan: replan.value,
  })
  const athleteChange = (): AthleteSeasonChange => ({
    version: own.value?.version ?? 0, groupId: focus.value.groupId, title: title.value,
    exceptions: { ...exceptions.value, pins: pins.value }, prefer: taken.value, replan: replan.value,
  })

  return {
    season, own, entries, shape, exceptions, dirty, instance, standing, compared, ways, taken, prefer, repair, plan,
    pins, title, replan, putEntry, moveEntry, cancelEntry, setShape, setExceptions, togglePin, discard, groupChange,
    athleteChange,
  }
}
