import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import {
  changedAthleteSeason, changedSeason, NO_EXCEPTIONS, planMark, seasonInstance, type Repair, type RepairOptions,
  type SeasonExceptions, type SeasonShape,
} from '~~/core/season'
import type {
  AthleteSeason, AthleteSeasonChange, EntryInput, SeasonChange, SeasonsAnswer, StoredEntry, StoredSeason,
} from '~~/shared/types'
import { firstShape, type UsualYear } from './firstShape'
import {
  changedEntries, isChanged, NOTHING_CHANGED, said, titleOf, withEntry, withMoved, withoutEntry, withPinToggled,
  type DraftedChange,
} from './draftedChange'

export type Prefer = NonNullable<RepairOptions['prefer']>
export const PREFER_TEXT: Readonly<Record<Prefer, string>> = {
  fewestChanges: 'Fewest changes', bestVolumes: 'Best volumes and taper',
}

/** Whose season is looked at. */
interface SeasonFocus { readonly groupId: string, readonly athleteId: string | null }

const asInput = ({ sequence: _s, cancelled: _c, changedAt: _a, ...entry }: StoredEntry): EntryInput => entry

type Season = ReturnType<typeof useStoredSeason>

/** What is stored of the season (in focus): the squad's, the athlete's own, and the calendar of both. */
function useStoredSeason(all: Ref<SeasonsAnswer | null>, focus: Ref<SeasonFocus>, signedInOn: string) {
  const season = computed<StoredSeason | null>(() =>
    all.value?.seasons.find(one => one.groupId === focus.value.groupId) ?? null
  )
  const own = computed<AthleteSeason | null>(() =>
    all.value?.athletes.find(one => one.groupId === focus.value.groupId && one.athleteId === focus.value.athleteId)
      ?? null
  )
  return {
    season, own, today: computed(() => all.value?.today ?? signedInOn),
    stored: computed(() =>
      (all.value?.entries ?? []).filter(entry =>
        !entry.cancelled && (entry.groupId === null || entry.groupId === focus.value.groupId)
      ).map(asInput)
    ),
    /** The squad's pins, or the athlete's own. */
    storedPins: computed(() => (focus.value.athleteId ? own.value?.exceptions.pins : season.value?.pins) ?? []),
    standing: computed(() => own.value?.plan ?? season.value?.plan ?? null),
  }
}

/** The season (in focus) with (the edits) in it, and both ways to follow them. */
function useFollowed(
  { season, own, today, stored, storedPins, standing }: Season, focus: Ref<SeasonFocus>, edits: Ref<DraftedChange>,
  usual: Ref<UsualYear>,
) {
  const prefer = ref<Prefer | null>(null)
  const entries = computed(() => changedEntries(stored.value, edits.value))
  const shape = computed(() => edits.value.shape ?? season.value?.shape ?? firstShape(today.value, usual.value))
  const exceptions = computed(() => edits.value.exceptions ?? own.value?.exceptions ?? NO_EXCEPTIONS)
  const pins = computed(() => edits.value.pins ?? storedPins.value)
  const instance = computed(() =>
    seasonInstance(shape.value, entries.value, focus.value.athleteId ? exceptions.value : NO_EXCEPTIONS)
  )
  /** What the changed plan is held against: days of a season that begins on another day are not those of this one. */
  const compared = computed(() => (season.value?.shape.startsOn === shape.value.startsOn ? standing.value : null))

  function repairWith(how: Prefer): Repair {
    const options = { pins: pins.value, prefer: how }
    return focus.value.athleteId && season.value
      ? changedAthleteSeason(season.value, own.value?.plan ?? null, instance.value, today.value, options)
      : changedSeason(season.value, shape.value, instance.value, today.value, options)
  }
  const ways = computed(() => {
    if (!isChanged(edits.value)) return null
    try {
      const found = { fewestChanges: repairWith('fewestChanges'), bestVolumes: repairWith('bestVolumes') }
      return { found, problem: '' }
    }
    catch (error) {
      return { found: null, problem: (error as Error).message }
    }
  })
  const taken = computed<Prefer>(() => prefer.value ?? (edits.value.shape ? 'bestVolumes' : 'fewestChanges'))
  /** The way that is taken. */
  const repair = computed(() => ways.value?.found?.[taken.value] ?? null)
  const plan = computed(() => repair.value?.plan ?? standing.value)

  return { prefer, entries, shape, exceptions, pins, instance, compared, ways, taken, repair, plan }
}

/**
 * A change of a season while it is made: what it does is reckoned at once, and nothing is stored until it is accepted.
 */
export function useSeasonDraft(
  all: Ref<SeasonsAnswer | null>, focus: Ref<SeasonFocus>, signedInOn: string, usual: Ref<UsualYear>,
) {
  const edits = shallowRef<DraftedChange>(NOTHING_CHANGED)
  const replan = ref(true)
  const stored = useStoredSeason(all, focus, signedInOn)
  const followed = useFollowed(stored, focus, edits, usual)
  const { season, own, standing } = stored
  const title = computed(() => titleOf(edits.value))

  function edit(next: DraftedChange): void {
    edits.value = next
  }
  function discard(): void {
    edit(NOTHING_CHANGED)
    followed.prefer.value = null
    replan.value = true
  }
  watch(() => [focus.value.groupId, focus.value.athleteId], discard)

  const { shape, exceptions, pins, taken, repair } = followed
  const groupChange = (): SeasonChange => ({
    version: season.value?.version ?? 0, title: title.value || 'The season is planned', shape: shape.value,
    put: edits.value.put, cancel: edits.value.cancel, pins: pins.value, prefer: taken.value,
    expect: repair.value ? planMark(repair.value.plan) : null, replan: replan.value,
  })
  const athleteChange = (): AthleteSeasonChange => ({
    version: own.value?.version ?? 0, groupId: focus.value.groupId, title: title.value,
    exceptions: { ...exceptions.value, pins: pins.value }, prefer: taken.value, replan: replan.value,
  })

  return {
    season, own, standing, ...followed, dirty: computed(() => isChanged(edits.value)), title, replan, discard,
    groupChange, athleteChange,
    putEntry: (entry: EntryInput, text: string) => { edit(withEntry(edits.value, entry, text)) },
    moveEntry: (id: string, days: number) => { edit(withMoved(edits.value, stored.stored.value, id, days)) },
    cancelEntry: (id: string) => { edit(withoutEntry(edits.value, stored.stored.value, id)) },
    setShape: (next: SeasonShape, text: string) => { edit(said({ ...edits.value, shape: next }, text)) },
    setExceptions: (next: SeasonExceptions, text: string) => { edit(said({ ...edits.value, exceptions: next }, text)) },
    togglePin: (day: number) => { edit(withPinToggled(edits.value, stored.storedPins.value, day)) },
  }
}
