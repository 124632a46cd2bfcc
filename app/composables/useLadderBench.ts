import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { bodyOf } from '~~/core/anatomy'
import { DEFAULT_REP_S, momentTime, tempoSeconds, writeTempo, type Dose } from '~~/core/dose'
import { compare, DOUBT, findModel, nearTo, poseOf, type Found } from '~~/core/mechanics'
import { removals, type Screen } from '~~/core/screening'
import type { AthleteInput } from '~~/shared/types'
import { reckon, type BenchRung } from '~/words/reckon'

/** The slider of time: a repeat from lowering to lowering, or one hold. */
export const TIME_SLIDER = 'time'
const TIME = {
  reps: { label: 'One repeat takes', min: 1, max: 12, step: 0.5 },
  seconds: { label: 'One hold takes', min: 5, max: 120, step: 5 },
} as const

/** Seconds of one repeat or hold as the lightest dose has it; null where a dose is counted otherwise. */
function timeOf({ unit, amount, tempo }: Dose): number | null {
  if (unit === 'reps') return tempo === undefined ? DEFAULT_REP_S : tempoSeconds(tempo)
  return unit === 'seconds' ? amount : null
}

/** Rungs that stand beside the chosen one at most. */
const MOST_COMPARED = 3

/** The ladder bench of (athlete, screen, ladder): every rung reckoned, one chosen, its sliders, and how it compares. */
export function useLadderBench(athlete: ComputedRef<AthleteInput>, screen: ComputedRef<Screen>, ladderId: Ref<string>) {
  const ladder = computed(() =>
    screen.value.catalogue.ladders.find(l => l.id === ladderId.value) ?? screen.value.catalogue.ladders[1]!
  )
  const present = computed(() => athlete.value.rungs[ladder.value.id] ?? 1)
  /** Rungs in rising order; drills of the organisation's own follow the rung they stand level with. */
  const family = computed(() => [...ladder.value.rungs, ...(ladder.value.beside ?? [])].sort((a, b) => a.rung - b.rung))
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
    otherIds.value = otherIds.value.includes(id)
      ? otherIds.value.filter(i => i !== id)
      : [...otherIds.value, id].slice(-MOST_COMPARED)
  }

  /** Sliders of the chosen rung: what a coach moves, with range and unit. */
  const sliders = computed(() => {
    const dose = chosen.value.variation.doses[0]!
    const seconds = timeOf(dose)
    const time = seconds === null
      ? []
      : [{
        name: TIME_SLIDER, unit: 's', ...TIME[dose.unit as keyof typeof TIME],
        value: moved.value[TIME_SLIDER] ?? seconds,
      }]
    const link = poseOf(chosen.value.variation)
    if (!link) return time
    const facts = findModel(link.model)!.settings
    return [
      ...link.open.map(name => ({
        name, ...facts[name]!,
        value: moved.value[name] ?? chosen.value.settings[name] ?? facts[name]!.default,
      })),
      ...time,
    ]
  })
  const set = (name: string, value: number): void => { moved.value = { ...moved.value, [name]: value } }

  /** Moment x time of the lightest dose at the pace that is set, kN·m·s, and how it stands to the present rung's. */
  const work = computed(() => {
    const { result, nm, variation } = live.value
    if (!result || nm <= 1) return null
    const dose = paced(variation.doses[0]!, moved.value[TIME_SLIDER])
    const now = momentTime(dose, variation.sides, nm)
    const base = presentRung.value
    const before = base?.result && base.nm > 1
      ? momentTime(base.variation.doses[0]!, base.variation.sides, base.nm)
      : null
    return { dose, kNms: now / 1000, ratio: before === null ? null : now / before }
  })

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
    found.value = nearTo(
      may, bodyOf({ sex, heightM: heightCm / 100, massKg }), result.dominant, result.dominantNm, factor,
    )
      .filter(f => Math.abs(f.ratio / factor - 1) < 0.06).slice(0, 4)
  }

  return {
    ladder, present, rungs, presentRung, chosen, live, others, compareWith, choose, sliders, set, pose, verdict, work,
    found, findHarder, doubt: DOUBT,
  }
}

/** A dose at another pace: repeats take so long, or holds last so long. */
function paced(dose: Dose, seconds: number | undefined): Dose {
  if (seconds === undefined) return dose
  if (dose.unit === 'seconds') return { ...dose, amount: seconds }
  return { ...dose, tempo: writeTempo({ loweringS: seconds / 2, bottomS: 0, raisingS: seconds / 2, topS: 0 }) }
}
