import { DEFAULT_REP_S, momentTime, tempoSeconds, writeTempo, type Dose } from '~~/core/dose'
import { findModel, poseOf } from '~~/core/mechanics'
import type { BenchRung } from './reckon'

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

/** A slider of the bench, with range and unit. */
interface BenchSlider {
  readonly name: string
  readonly label: string
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly step: number
  readonly value: number
}

/** Sliders of a rung: what a coach moves of its pose, then the time; where they stand: as moved, or as it comes. */
export function slidersOf({ variation, settings }: BenchRung, moved: Readonly<Record<string, number>>): BenchSlider[] {
  const [dose] = variation.doses
  const seconds = dose ? timeOf(dose) : null
  const time = dose && seconds !== null
    ? [{
      name: TIME_SLIDER, unit: 's', ...TIME[dose.unit as keyof typeof TIME], value: moved[TIME_SLIDER] ?? seconds,
    }]
    : []
  const link = poseOf(variation)
  const facts = link ? findModel(link.model)?.settings ?? {} : {}
  const posed = (link?.open ?? []).flatMap((name) => {
    const fact = facts[name]
    return fact ? [{ name, ...fact, value: moved[name] ?? settings[name] ?? fact.default }] : []
  })
  return [...posed, ...time]
}

/**
 * Moment x time of the lightest dose at the pace that is set, kN·m·s, and how it stands to the present rung's; null
 * where there is no moment to speak of.
 */
export function workOf(
  { result, nm, variation }: BenchRung, present: BenchRung | null, seconds: number | undefined,
): { dose: Dose, kNms: number, ratio: number | null } | null {
  const [lightest] = variation.doses
  if (!result || nm <= 1 || !lightest) return null
  const dose = paced(lightest, seconds)
  const now = momentTime(dose, variation.sides, nm)
  const base = present?.variation.doses[0]
  const before = base && present.result && present.nm > 1
    ? momentTime(base, present.variation.sides, present.nm)
    : null
  return { dose, kNms: now / 1000, ratio: before === null ? null : now / before }
}

/** A dose at another pace: repeats take so long, or holds last so long. */
function paced(dose: Dose, seconds: number | undefined): Dose {
  if (seconds === undefined) return dose
  if (dose.unit === 'seconds') return { ...dose, amount: seconds }
  return { ...dose, tempo: writeTempo({ loweringS: seconds / 2, bottomS: 0, raisingS: seconds / 2, topS: 0 }) }
}
