import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { bodyOf } from '~~/core/anatomy'
import type { Variation } from '~~/core/catalogue'
import { DomainError } from '~~/core/errors'
import {
  compare, DOUBT, evaluateBody, figureOf, findModel, nearTo, poseOf, settingsFor, settingsOf, whyNoPose, type Evaluation, type Figure, type Found,
  type ModelSettings,
} from '~~/core/mechanics'
import { removals, type Removal, type Screen } from '~~/core/screening'
import type { AthleteInput } from '~~/shared/types'

/** One rung on the bench: what it asks of this athlete, or why that is not reckoned. */
export interface BenchRung {
  readonly variation: Variation
  readonly settings: ModelSettings
  readonly result: Evaluation | null
  readonly figure: Figure | null
  readonly nm: number
  readonly problem: string
  /** Rules other than the rung itself that take it away. */
  readonly removed: readonly Removal[]
}

/** A moment for a person's body, with the picture of the pose it comes from. */
export function reckon(variation: Variation, athlete: Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg'>, moved: ModelSettings = {}): Omit<BenchRung, 'removed'> {
  const link = poseOf(variation)
  const bare = { variation, settings: {}, result: null, figure: null, nm: 0 }
  if (!link) return { ...bare, problem: whyNoPose(variation) }
  const model = findModel(link.model)!
  try {
    const body = bodyOf({ sex: athlete.sex, heightM: athlete.heightCm / 100, massKg: athlete.massKg })
    const settings = settingsOf(model.settings, { ...settingsFor(link, body), ...moved })
    const result = evaluateBody(model, body, settings)
    return { variation, settings, result, figure: figureOf(result, model.view), nm: Math.abs(result.dominantNm), problem: result.balanced ? '' : 'Not in balance as it is set.' }
  }
  catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { ...bare, problem: error.message }
  }
}

/** Rungs that stand beside the chosen one at most. */
const MOST_COMPARED = 3

/** The ladder bench of (athlete, screen, ladder): every rung reckoned, one chosen, its sliders, and how it compares. */
export function useLadderBench(athlete: ComputedRef<AthleteInput>, screen: ComputedRef<Screen>, ladderId: Ref<string>) {
  const ladder = computed(() => screen.value.catalogue.ladders.find(l => l.id === ladderId.value) ?? screen.value.catalogue.ladders[1]!)
  const present = computed(() => athlete.value.rungs[ladder.value.id] ?? 1)
  /** Rungs in rising order; drills of the organisation's own follow the rung they stand level with. */
  const family = computed(() => [...ladder.value.rungs, ...(ladder.value.beside ?? [])].sort((a, b) => a.rung - b.rung))
  const rungs = computed((): BenchRung[] => family.value.map(variation => ({
    ...reckon(variation, athlete.value),
    removed: removals(variation, screen.value).filter(r => r.rule !== 'rung' && r.rule !== 'prerequisite'),
  })))
  const presentRung = computed(() => rungs.value.find(r => r.variation.rung === present.value) ?? rungs.value.at(-1) ?? null)

  const found = ref<Found[] | null>(null)
  const chosenId = ref('')
  const moved = ref<Record<string, number>>({})
  const otherIds = ref<string[]>([])
  const chosen = computed(() => rungs.value.find(r => r.variation.id === chosenId.value) ?? presentRung.value ?? rungs.value[0]!)
  /** Rungs held beside the chosen one, in rising order. */
  const others = computed(() => rungs.value.filter(r => otherIds.value.includes(r.variation.id) && r.variation.id !== chosen.value.variation.id))
  /** The last good picture stays while a slider stands where the body cannot go. */
  let lastGood: BenchRung | null = null
  const live = computed((): BenchRung => {
    const now = { ...reckon(chosen.value.variation, athlete.value, moved.value), removed: chosen.value.removed }
    if (now.result) lastGood = now
    const keep = lastGood && lastGood.variation.id === chosen.value.variation.id ? lastGood : chosen.value
    return now.result ? now : { ...keep, problem: now.problem }
  })

  watch([ladder, present], () => {
    choose(presentRung.value?.variation.id ?? '')
  }, { immediate: true })

  function choose(id: string, settings: Record<string, number> = {}): void {
    chosenId.value = id
    moved.value = settings
    found.value = null
  }

  /** Holds a rung beside the chosen one, or puts it away; the oldest goes when there are too many. */
  function compareWith(id: string): void {
    otherIds.value = otherIds.value.includes(id) ? otherIds.value.filter(i => i !== id) : [...otherIds.value, id].slice(-MOST_COMPARED)
  }

  /** Sliders of the chosen rung: what a coach moves, with range and unit. */
  const sliders = computed(() => {
    const link = poseOf(chosen.value.variation)
    if (!link) return []
    const facts = findModel(link.model)!.settings
    return link.open.map(name => ({ name, ...facts[name]!, value: moved.value[name] ?? chosen.value.settings[name] ?? facts[name]!.default }))
  })
  const set = (name: string, value: number): void => { moved.value = { ...moved.value, [name]: value } }

  /** Ratio and verdict against the rung the athlete stands on; null where there is nothing to compare. */
  const verdict = computed(() => {
    const base = presentRung.value
    if (!base?.result || !live.value.result || base.nm <= 1) return null
    return compare(live.value.nm, base.nm, 'ladder')
  })

  /** About a tenth harder than what is chosen, with what is at hand and nothing that is ruled out. */
  function findHarder(factor = 1.1): void {
    const { result } = live.value
    if (!result) return
    const { sex, heightCm, massKg } = athlete.value
    const may = screen.value.catalogue.variations.filter(v => removals(v, screen.value).every(r => r.rule === 'rung'))
    found.value = nearTo(may, bodyOf({ sex, heightM: heightCm / 100, massKg }), result.dominant, result.dominantNm, factor)
      .filter(f => Math.abs(f.ratio / factor - 1) < 0.06).slice(0, 4)
  }

  return { ladder, present, rungs, presentRung, chosen, live, others, compareWith, choose, sliders, set, moved, verdict, found, findHarder, doubt: DOUBT }
}
