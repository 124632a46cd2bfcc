import { EQUIPMENT, HAZARDS, mainAction, type Catalogue, type Equipment } from '../catalogue'
import { HEALTH_RULES } from '../rules/drillRules'
import { removals } from './admissible'
import { FLAGS, type Flag, type FlagId } from './flags'
import { flagFacts, redFlags } from './marks'
import type { HealthMark } from './restrictions'

/** One question, in words for the athlete; yes raises its flag. */
export interface Question {
  readonly flag: FlagId
  readonly text: string
}

/** The questionnaire, in our own words; what stops everything is asked first (common practice, no source). */
export const QUESTIONS: readonly Question[] = [
  { flag: 'chestPain', text: 'Do you get pain or pressure in the chest?' },
  { flag: 'fainting', text: 'Have you fainted, or nearly, during or right after effort?' },
  { flag: 'aneurysm', text: 'Has anybody told you that you have an aneurysm?' },
  { flag: 'recentTrauma', text: 'Have you had a fall, crash or hard blow in the last weeks that still worries you?' },
  { flag: 'nightPain', text: 'Does pain wake you at night, or stay when you lie still?' },
  { flag: 'saddleNumbness', text: 'Is there numbness where a saddle would touch you?' },
  { flag: 'bladderBowel', text: 'Has it become hard to hold or pass water or stool?' },
  { flag: 'legWeakness', text: 'Is a leg getting weaker, or does weakness spread?' },
  { flag: 'feverWeightLoss', text: 'Back pain together with fever, or with losing weight without trying?' },
  { flag: 'cancerHistory', text: 'Back pain, and have you ever had cancer?' },
  { flag: 'longSteroids', text: 'Back pain, and have you taken steroid tablets for a long time?' },
  { flag: 'backPainBending', text: 'Does bending forward hurt your back?' },
  { flag: 'backPainArching', text: 'Does arching backward hurt your back?' },
  { flag: 'legPain', text: 'Does pain go down a leg?' },
  { flag: 'bloodPressureHeart', text: 'High blood pressure, or a heart, blood-vessel or eye-pressure problem?' },
  { flag: 'pregnancy', text: 'Are you pregnant, or have you given birth in the last months?' },
  { flag: 'herniaSurgery', text: 'A hernia, or an operation on the belly in the last year?' },
  { flag: 'shoulder', text: 'Does a shoulder hurt under load or overhead?' },
  { flag: 'wrist', text: 'Does a wrist hurt when you lean on the hand?' },
  { flag: 'growthSpurt', text: 'Have you grown a lot in the last months?' },
  { flag: 'osteoporosis', text: 'Has anybody told you that your bones are thin?' },
]

/** Answers by flag: true is yes. */
export type Answers = Readonly<Partial<Record<FlagId, boolean>>>

/**
 * Flags that some answers raise, red ones first.
 *
 * @example
 * flagsFrom({ wrist: true, chestPain: true, shoulder: false }) // => ['chestPain', 'wrist']
 */
export function flagsFrom(answers: Answers): FlagId[] {
  return (Object.keys(FLAGS) as FlagId[]).filter(flag => answers[flag] === true)
}

/** What some flags take away, told at once. */
export interface Consequences {
  readonly refer: boolean
  /** "breath-holding", "head below the hips", "holds over 10 s". */
  readonly takesAway: readonly string[]
  /** Drills that go, and how many of them have a drill for the same action that stays. */
  readonly drills: number
  readonly replaced: number
}

/**
 * The consequences of flags over a catalogue: with a red one everything waits for a clinician.
 *
 * @example
 * consequencesOf([], STANDARD) // => { refer: false, takesAway: [], drills: 0, replaced: 0 }
 */
export function consequencesOf(flags: readonly HealthMark[], catalogue: Catalogue): Consequences {
  const refer = redFlags(flags).length > 0
  const facts: Flag[] = flags.map(flagFacts)
  const hazards = [...new Set(facts.flatMap(f => f.removes))].map(h => HAZARDS[h])
  const longest = Math.min(...facts.map(f => f.longestHoldS ?? Infinity))
  const takesAway = [
    ...(facts.some(f => f.noBreathHold) ? ['breath-holding'] : []), ...hazards,
    ...(Number.isFinite(longest) ? [`holds over ${longest} s`] : []),
    ...(facts.some(f => f.highestFatigue) ? ['all but the easiest drills'] : []),
    ...(facts.some(f => f.clearanceFirst) ? ['all but a short list until a clearance is written down'] : []),
  ]
  const screen = {
    catalogue, flags, equipment: Object.keys(EQUIPMENT) as Equipment[], braceStep: 7, rungs: {}, ageYears: null,
  }
  const byFlag = catalogue.variations.map(v => removals(v, screen).some(r => HEALTH_RULES.includes(r.rule)))
  const kept = new Set(catalogue.variations.filter((_, i) => !byFlag[i]).map(v => mainAction(v.shares)))
  const gone = catalogue.variations.filter((_, i) => byFlag[i])
  return { refer, takesAway, drills: gone.length, replaced: gone.filter(v => kept.has(mainAction(v.shares))).length }
}
