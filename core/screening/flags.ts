import type { Hazard } from '../catalogue'

/** One health flag: what it is called, what it means for training, and what it takes away. */
export interface Flag {
  readonly kind: 'red' | 'amber'
  readonly name: string
  /** What the coach does about it. */
  readonly means: string
  readonly removes: readonly Hazard[]
  /** Breathing-through methods replace every held breath. */
  readonly noBreathHold?: boolean
  /** Longest hold allowed, seconds. */
  readonly longestHoldS?: number
  /** Highest fatigue class allowed. */
  readonly highestFatigue?: number
  /** Until a clinician's clearance is written down only `UNTIL_CLEARED` is open. */
  readonly clearanceFirst?: boolean
  /** Loaded and demanding drills only with somebody who watches. */
  readonly supervised?: boolean
}

const red = (name: string): Flag => ({
  kind: 'red',
  name,
  means: 'Refer to a clinician at once. No programme is given until the flag is cleared.',
  removes: [],
})

/**
 * Red and amber flags with their consequences: common practice, no source.
 * The product screens; it does not diagnose. A clinician's word and local rules go first.
 */
export const FLAGS = {
  recentTrauma: red('Recent trauma'),
  nightPain: red('Pain at night or at rest'),
  saddleNumbness: red('Numbness in the saddle area'),
  bladderBowel: red('Bladder or bowel change'),
  legWeakness: red('Spreading leg weakness'),
  feverWeightLoss: red('Fever or unexplained weight loss with back pain'),
  chestPain: red('Chest pain'),
  fainting: red('Fainting on effort'),
  aneurysm: red('Known aneurysm'),
  cancerHistory: red('Back pain with a history of cancer'),
  longSteroids: red('Back pain with long steroid use'),

  backPainBending: {
    kind: 'amber',
    name: 'Back pain on bending',
    means: 'No bending drills; holds of 10 s at most.',
    removes: ['flexion', 'loadedFlexion'],
    longestHoldS: 10,
  },
  backPainArching: {
    kind: 'amber',
    name: 'Back pain on arching',
    means: 'No arching drills and nothing overhead.',
    removes: ['extension', 'overhead'],
  },
  legPain: {
    kind: 'amber',
    name: 'Leg pain with the back',
    means:
      'A clinician sees the athlete first; until then only a short list, and afterwards the easiest drills without '
      + 'bending or load.',
    removes: [
      'flexion', 'loadedFlexion', 'extension', 'ballistic', 'loadedRotation', 'pressureRise', 'loaded', 'maximal',
    ],
    highestFatigue: 1,
    clearanceFirst: true,
  },
  bloodPressureHeart: {
    kind: 'amber',
    name: 'High blood pressure or a heart, vascular or eye-pressure condition',
    means: 'No breath-holding, no head below the hips, clearance first.',
    removes: ['inverted', 'pressureRise'],
    noBreathHold: true,
    clearanceFirst: true,
  },
  pregnancy: {
    kind: 'amber',
    name: 'Pregnancy or recently given birth',
    means: 'Clearance first; no lying on back or front, no bending drills, no breath-holding, stop at coning.',
    removes: ['supine', 'prone', 'flexion', 'loadedFlexion', 'ballistic', 'pressureRise'],
    noBreathHold: true,
    clearanceFirst: true,
  },
  herniaSurgery: {
    kind: 'amber',
    name: 'Hernia or recent abdominal surgery',
    means: 'Clearance first; no breath-holding, no high belly pressure, no fast work.',
    removes: ['pressureRise', 'loadedFlexion', 'ballistic'],
    noBreathHold: true,
    clearanceFirst: true,
  },
  shoulder: {
    kind: 'amber',
    name: 'Shoulder complaint',
    means: 'Nothing overhead or hanging, no weight through the shoulders.',
    removes: ['overhead', 'hanging', 'shoulderLoad'],
  },
  wrist: {
    kind: 'amber',
    name: 'Wrist complaint',
    means: 'Elbows or handles in place of flat hands.',
    removes: ['wristLoad'],
  },
  growthSpurt: {
    kind: 'amber',
    name: 'Growth spurt',
    means: 'Technique before load, supervised; no loaded bending, no fast work, nothing near the most.',
    removes: ['loadedFlexion', 'ballistic', 'maximal'],
    supervised: true,
  },
  osteoporosis: {
    kind: 'amber',
    name: 'Osteoporosis',
    means: 'No bending or turning under load, no fast work, nothing near the most.',
    removes: ['flexion', 'loadedFlexion', 'loadedRotation', 'ballistic', 'maximal'],
  },
} as const satisfies Record<string, Flag>

export type FlagId = keyof typeof FLAGS

/**
 * Drills that stay open while a clearance is awaited: unloaded, easy, upright or still (common practice, no source).
 */
export const UNTIL_CLEARED: readonly string[] = [
  'brace.low-breath', 'brace.find-it', 'brace.brace-and-talk', 'brace.without-hands', 'brace.braced-squat',
  'hollow.wall-tilt', 'front-plank.wall', 'posterior.shell', 'posterior.side-leg-raise', 'posterior.hinge-bow',
  'balance.hinge-toe-tap', 'rotation.lunge-turn', 'rotation.stick-turn',
]

/** Every flag id, red flags first. */
export const FLAG_IDS = Object.keys(FLAGS) as FlagId[]

/** What a red flag means for brace work. */
export const NO_BRACE_WORK = 'Training is stopped until it is cleared: no brace work either.'

/** What somebody reads who may know that a drill is stopped, and not why. */
export const NOT_NOW = 'Not for this athlete now.'

/** What every screen of health matters says beside them. */
export const CAUTION = 'Not medical advice. The athlete\'s clinician, the federation\'s rules and local law go first.'

/** What is shown when a drill hurts. */
export const PAIN_CAUTION =
  'Stop this drill now. Effort is not pain; sharp, spreading or lasting pain is, and so is any pain '
  + 'in the low back. Tell your coach today. Twice in a row means a clinician looks at it.'
