import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { bodyOf } from '~~/core/anatomy'
import { bareCapacities, effortOf, pathsOf, type KnownTrunk } from '~~/core/capacity'
import { askOf, compare, DOUBT, nearTo, type Evaluation, type Found } from '~~/core/mechanics'
import { removals, type Screen } from '~~/core/screening'
import type { AthleteInput } from '~~/shared/types'
import { slidersOf, TIME_SLIDER, workOf } from '~/words/benchSliders'
import { reckon, type BenchRung } from '~/words/reckon'

/** The largest part of what a trunk can hold that a position asks. */
const most = (result: Evaluation): number => Math.max(...Object.values(askOf(result)))
/** Rungs that stand beside the chosen one at most. */
const MOST_COMPARED = 3

/** The bench of (athlete, screen, ladder, branch): every rung reckoned, one chosen, its sliders, how it compares. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useLadderBench(
  athlete: ComputedRef<AthleteInput>, screen: ComputedRef<Screen>, ladderId: Ref<string>,
  branchId: Ref<string> = ladderId, trunk: Ref<KnownTrunk | null> = ref(null),
) {
  const ladder = computed(() =>
    screen.value.catalogue.ladders.find(l => l.id === ladderId.value) ?? screen.value.catalogue.ladders[1]!
  )
  const branch = computed(() =>
    ladder.value.branches.find(one => one.id === branchId.value) ?? ladder.value.branches[0]!
  )
  const present = computed(() => Math.min(branch.value.rungs.length, screen.value.rungs[branch.value.id] ?? 1))
  /** Rungs in rising order; drills of the organisation's own follow the rung they stand level with. */
  const family = computed(() => [
    ...branch.value.rungs, ...(ladder.value.beside ?? []).filter(drill => drill.branch === branch.value.id),
  ].sort((a, b) => a.rung - b.rung))
  const rungs = computed((): BenchRung[] =>
    family.value.map(variation => ({
      ...reckon(variation, athlete.value),
      removed: removals(variation, screen.value).filter(r => r.rule !== 'rung' && r.rule !== 'prerequisite'),
    }))
  )
  const presentRung = computed(() =>
    rungs.value.find(r => r.variation.rung === present.value) ?? rungs.value.at(-1) ?? null
  )

  const found = ref<Found[] | null>(null)
  const chosenId = ref('')
  const moved = ref<Record<string, number>>({})
  /** What is moved of the pose itself. */
  const pose = computed(() => {
    const { [TIME_SLIDER]: _, ...rest } = moved.value
    return rest
  })
  const otherIds = ref<string[]>([])
  const chosen = computed(() =>
    rungs.value.find(r => r.variation.id === chosenId.value) ?? presentRung.value ?? rungs.value[0]!
  )
  /** Rungs held beside the chosen one, in rising order. */
  const others = computed(() =>
    rungs.value.filter(r => otherIds.value.includes(r.variation.id) && r.variation.id !== chosen.value.variation.id)
  )
  /** The last good picture stays while a slider stands where the body cannot go. */
  let lastGood: BenchRung | null = null
  const live = computed((): BenchRung => {
    const now = { ...reckon(chosen.value.variation, athlete.value, pose.value), removed: chosen.value.removed }
    if (now.result) lastGood = now
    const keep = lastGood && lastGood.variation.id === chosen.value.variation.id ? lastGood : chosen.value
    return now.result ? now : { ...keep, problem: now.problem }
  })

  watch([branch, present], () => {
    choose(presentRung.value?.variation.id ?? '')
  }, { immediate: true })

  function choose(id: string, settings: Record<string, number> = {}): void {
    chosenId.value = id
    moved.value = settings
    found.value = null
  }

  /** Holds a rung beside the chosen one, or puts it away; the oldest goes when there are too many. */
  function compareWith(id: string): void {
    otherIds.value = otherIds.value.includes(id)
      ? otherIds.value.filter(i => i !== id)
      : [...otherIds.value, id].slice(-MOST_COMPARED)
  }

  const sliders = computed(() => slidersOf(chosen.value, moved.value))
  const set = (name: string, value: number): void => { moved.value = { ...moved.value, [name]: value } }

  const work = computed(() => workOf(live.value, presentRung.value, moved.value[TIME_SLIDER]))

  const paths = computed(() => (trunk.value ? pathsOf(bodyOf(trunk.value.trunk)) : null))
  /** What one set of the dose at these settings comes to for the athlete; null while nothing is known of the trunk. */
  const effort = computed(() => {
    const { variation, result } = live.value
    if (!trunk.value || !paths.value || !result || !work.value) return null
    const { unit, amount, tempo = null } = work.value.dose
    const set = { unit, amount, tempo, settings: pose.value, side: null }
    return effortOf(variation, set, paths.value, bareCapacities(trunk.value.known))
  })

  /** Ratio and verdict against the rung the athlete stands on; null where there is nothing to compare. */
  const verdict = computed(() => {
    const base = presentRung.value
    if (!base?.result || !live.value.result || base.nm <= 1) return null
    // Across directions newton metres say little: there the parts of what a trunk can hold are compared.
    return live.value.result.dominant === base.result.dominant
      ? compare(live.value.nm, base.nm, 'ladder')
      : compare(100 * most(live.value.result), 100 * most(base.result), 'ladder')
  })

  /** About a tenth harder than what is chosen, with what is at hand and nothing that is ruled out. */
  function findHarder(factor = 1.1): void {
    const { result } = live.value
    if (!result) return
    const { sex, heightCm, massKg } = athlete.value
    const may = screen.value.catalogue.variations.filter(v => removals(v, screen.value).every(r => r.rule === 'rung'))
    found.value = nearTo(
      may, bodyOf({ sex, heightM: heightCm / 100, massKg }), result.dominant, result.dominantNm, factor,
    )
      .filter(f => Math.abs(f.ratio / factor - 1) < 0.06).slice(0, 4)
  }

  return {
    ladder, branch, present, rungs, presentRung, chosen, live, others, compareWith, choose, sliders, set, pose,
    verdict, work, effort,
    found, findHarder, doubt: DOUBT,
  }
}
