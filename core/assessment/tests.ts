import type { IsoDay } from '../calendar'
import type { Side } from '../dose'
import { DomainError } from '../errors'
import type { BreakPoint } from './setLog'
import type { Reliability, TestFacts } from './testFacts'

/** Means and spreads of McGill, Childs & Liebenson 1999 (recalled): wide and skewed. */
const ENDURANCE = {
  source: 'McGill, Childs & Liebenson 1999, recalled', population: 'healthy, early twenties', fromAge: 18, toAge: 34,
} as const
const TEXTBOOK = 'McGill 2007, textbook, recalled'

/**
 * One rater again: McGill, Childs & Liebenson 1999, test by test (recalled). Two raters: studies differ widely
 * (Moreland et al. 1997 far lower, Evans, Refshauge & Adams 2007 nearer; recalled), .85 is our own cautious choice.
 */
const reliability = (sameRater: number): Reliability => ({
  sameRater, otherRater: 0.85,
  source: 'one rater: McGill, Childs & Liebenson 1999, recalled; two raters: .85, our own choice',
})

/** Tests and what they mean. Those without norms: common practice, no source. */
export const TESTS = {
  extensor: {
    name: 'Trunk extensor hold', unit: 's', better: 'more', sides: 'both', action: 'antiFlexion', timed: true,
    asks: ['prone', 'pressureRise'],
    setUp: 'Hips on the edge of a bench, legs held, trunk level, arms crossed.',
    stop: 'The trunk drops below level.',
    norms: {
      ...ENDURANCE, male: { mean: 146, sd: 51 }, female: { mean: 189, sd: 60 }, reliability: reliability(0.98),
      textbook: { source: TEXTBOOK, male: 161, female: 185 },
    },
    speaksFor: 'posterior.bench-extension-hold',
  },
  flexor: {
    name: 'Trunk flexor hold', unit: 's', better: 'more', sides: 'both', action: 'antiExtension', timed: true,
    asks: ['flexion', 'pressureRise'],
    setUp: 'Sit leaning back at 60 degrees, knees and hips bent square, feet held, arms crossed.',
    stop: 'The back leaves its angle.',
    norms: {
      ...ENDURANCE, male: { mean: 144, sd: 76 }, female: { mean: 149, sd: 99 }, reliability: reliability(0.97),
      textbook: { source: TEXTBOOK, male: 136, female: 134 },
    },
  },
  sideBridge: {
    name: 'Side bridge hold', unit: 's', better: 'more', sides: 'each', action: 'antiLateralFlexion', timed: true,
    asks: ['shoulderLoad', 'pressureRise'],
    setUp: 'On one elbow and both feet, top foot ahead, hips up.', stop: 'The hips drop or turn.',
    norms: {
      ...ENDURANCE,
      male: { right: { mean: 94, sd: 34 }, left: { mean: 97, sd: 35 } },
      female: { right: { mean: 72, sd: 31 }, left: { mean: 77, sd: 35 } },
      reliability: reliability(0.99),
      textbook: { source: TEXTBOOK, male: { right: 95, left: 99 }, female: { right: 75, left: 78 } },
    },
    speaksFor: 'side-plank.feet',
  },
  plank: {
    name: 'Elbow plank hold', unit: 's', better: 'more', sides: 'both', action: 'antiExtension', timed: true,
    norms: null,
    asks: ['prone', 'shoulderLoad', 'pressureRise'],
    setUp: 'Elbows under shoulders, straight from ear to heel.', stop: 'The hips rise or sag.',
    speaksFor: 'front-plank.elbows',
  },
  hollow: {
    name: 'Hollow hold', unit: 's', better: 'more', sides: 'both', action: 'antiExtension', timed: true, norms: null,
    asks: ['supine', 'flexion', 'overhead', 'pressureRise'],
    setUp: 'On the back, legs long and low, arms overhead, low back on the floor.',
    stop: 'The low back leaves the floor.', speaksFor: 'hollow.arms-overhead',
  },
  lHold: {
    name: 'L-hold', unit: 's', better: 'more', sides: 'both', action: 'flexion', timed: true, norms: null,
    asks: ['flexion', 'wristLoad', 'shoulderLoad', 'pressureRise'],
    setUp: 'Support on the hands, legs level and straight.', stop: 'The heels drop below the seat.',
    speaksFor: 'compression.l-hold',
  },
  prone: {
    name: 'Prone hold over a chair', unit: 's', better: 'more', sides: 'both', action: 'antiFlexion', timed: true,
    norms: null,
    asks: ['prone', 'extension', 'pressureRise'],
    setUp: 'Hips on the edge of a chair, body in one line.', stop: 'The line is lost.',
    speaksFor: 'posterior.prone-over-chair',
  },
  proneHold: {
    name: 'Prone body line hold', unit: 's', better: 'more', sides: 'both', action: 'antiFlexion', timed: true,
    norms: null,
    asks: ['prone', 'extension', 'pressureRise'],
    setUp: 'Face down, arms long overhead, chest and thighs just off the floor.',
    stop: 'Chest or thighs touch the floor.', speaksFor: 'posterior.prone-hold',
  },
  frontHeldHold: {
    name: 'Front-held weight, 30 s', unit: 'kg', better: 'more', sides: 'both', action: 'antiFlexion', timed: false,
    norms: null,
    asks: ['loaded', 'pressureRise'],
    setUp: 'Standing, a weight held at the breastbone: the most that stays for 30 s.',
    stop: 'The low back rounds or the body leans back.',
  },
  sidePlankLoad: {
    name: 'Side plank with weight, 10 s', unit: 'kg', better: 'more', sides: 'each', action: 'antiLateralFlexion',
    timed: false, norms: null,
    asks: ['shoulderLoad', 'loaded', 'pressureRise'],
    setUp: 'Side plank on the feet, weight on the upper hip: the most that stays for 10 s.',
    stop: 'The hips drop or turn.',
  },
  suitcaseWork: {
    name: 'Suitcase carry, load by distance', unit: 'kgm', better: 'more', sides: 'each', action: 'antiLateralFlexion',
    timed: false, norms: null,
    asks: ['loaded', 'pressureRise'],
    setUp: 'One weight off the hip, one walk to the end: kilograms times metres.',
    stop: 'The shoulders tip, the hip gives, or the grip opens.',
  },
  throwDistance: {
    name: 'Ball throw from the side', unit: 'm', better: 'more', sides: 'each', action: 'rotation', timed: false,
    norms: null,
    asks: ['ballistic', 'loadedRotation'],
    setUp: 'Side-on, feet still behind the line, one ball that is written down; away from the body with both hands. '
      + 'Clear the space.',
    stop: 'Three throws are done.',
  },
  hangingRaise: {
    name: 'Hanging leg raise', unit: 'reps', better: 'more', sides: 'both', action: 'flexion', timed: false,
    norms: null,
    asks: ['flexion', 'hanging', 'pressureRise'],
    setUp: 'From a still hang, straight legs to level and back.', stop: 'Swing, bent knees, or not to level.',
    speaksFor: 'flexion.hanging-leg-raise',
  },
  rolloutReach: {
    name: 'Wheel rollout reach', unit: 'cm', better: 'more', sides: 'both', action: 'antiExtension', timed: false,
    norms: null,
    asks: ['overhead', 'shoulderLoad', 'pressureRise'],
    setUp: 'Kneeling; roll out as far as the back stays, and return. Knee to wheel.', stop: 'The low back drops.',
  },
  pressOutHold: {
    name: 'Press-out hold', unit: 's', better: 'more', sides: 'each', action: 'antiRotation', timed: true, norms: null,
    asks: ['loaded'],
    setUp: 'Standing side-on to a band at chest height, arms straight, at a band tension that is written down.',
    stop: 'The hands or hips turn.', speaksFor: 'press-out.standing', instrument: 'force',
  },
  lowBackPressure: {
    name: 'Low back pressure hold', unit: 's', better: 'more', sides: 'both', action: 'antiExtension', timed: true,
    norms: null,
    asks: ['supine'],
    setUp: 'On the back, knees bent, cuff under the low back; march slowly.',
    stop: 'The pressure leaves its band and stays out.', instrument: 'cuff',
  },
  rotationRange: {
    name: 'Seated rotation range', unit: 'deg', better: 'more', sides: 'each', action: 'rotation', timed: false,
    norms: null,
    asks: [],
    setUp: 'Seated, knees together, stick across the chest; turn as far as it goes freely.', stop: 'The seat lifts.',
  },
  hinge: {
    name: 'Single-leg hinge balance', unit: 's', better: 'more', sides: 'each', action: 'antiRotation', timed: true,
    norms: null,
    asks: [],
    setUp: 'On one leg, trunk and free leg level.', stop: 'The free foot touches or the hip opens.',
    speaksFor: 'balance.airplane-hinge',
  },
  overheadLumbar: {
    name: 'Lumbar change on overhead reach', unit: 'deg', better: 'less', sides: 'both', action: 'antiExtension',
    timed: false, norms: null,
    asks: ['overhead'],
    setUp: 'Inclinometer on the low back: standing, then arms overhead.', stop: 'One reading each.',
  },
  overheadLumbarAfter: {
    name: 'Lumbar change after a lat stretch', unit: 'deg', better: 'less', sides: 'both', action: null, timed: false,
    norms: null,
    asks: ['overhead'],
    setUp: 'The same, after a minute of lat stretch from a post.', stop: 'One reading each.',
  },
  rowUnsupported: {
    name: 'One-arm row, unsupported', unit: 'reps', better: 'more', sides: 'each', action: 'antiRotation', timed: false,
    norms: null,
    asks: ['loaded'],
    setUp: 'Bent over, nothing to lean on, one load written down.', stop: 'The trunk turns.',
  },
  rowSupported: {
    name: 'One-arm row, chest supported', unit: 'reps', better: 'more', sides: 'each', action: null, timed: false,
    norms: null,
    asks: ['loaded', 'prone'],
    setUp: 'Chest on a bench, the same load.', stop: 'The elbow no longer passes the ribs.',
  },
  squatBefore: {
    name: 'Squat form before a brace', unit: 'points', better: 'more', sides: 'both', action: null, timed: false,
    norms: null,
    asks: [],
    setUp: 'Five squats without a word, scored 0 to 10 by the coach.', stop: 'Five are done.',
  },
  squatAfter: {
    name: 'Squat form after a brace', unit: 'points', better: 'more', sides: 'both', action: null, timed: false,
    norms: null,
    asks: [],
    setUp: 'The brace is set, then five squats, scored 0 to 10.', stop: 'Five are done.',
  },
} as const satisfies Record<string, TestFacts>
export type StandardTestId = keyof typeof TESTS
/** A test of an organisation's own. */
export type OwnTestId = `own.${string}`
export type TestId = StandardTestId | OwnTestId

/** Every standard test id, in the order lists show them. */
export const TEST_IDS = Object.keys(TESTS) as StandardTestId[]

/** Tests by id: the standard ones, or those with an organisation's own. */
export type Tests = Readonly<Partial<Record<TestId, TestFacts>>>
export const STANDARD_TESTS: Tests = TESTS

/** Tests that are run together, in this order. */
export interface Battery { readonly name: string, readonly tests: readonly TestId[] }
export const BATTERIES = {
  fourHolds: { name: 'Four holds', tests: ['extensor', 'flexor', 'sideBridge'] },
  floorHolds: { name: 'Floor holds', tests: ['plank', 'sideBridge', 'hollow', 'prone', 'proneHold'] },
  loaded: { name: 'Loaded', tests: ['frontHeldHold', 'sidePlankLoad', 'suitcaseWork'] },
  turning: { name: 'Turning', tests: ['pressOutHold', 'rotationRange', 'hinge', 'throwDistance'] },
  causes: {
    name: 'Arm or trunk, back or lats, brace or not',
    tests: ['rowUnsupported', 'rowSupported', 'overheadLumbar', 'overheadLumbarAfter', 'squatBefore', 'squatAfter'],
  },
} as const satisfies Record<string, Battery>

/**
 * The facts of a test.
 *
 * @throws DomainError `test` that is not among them.
 * @example
 * testFacts('sideBridge').sides // => 'each'
 */
export function testFacts(id: TestId, tests: Tests = STANDARD_TESTS): TestFacts {
  const facts = tests[id]
  if (!facts) throw new DomainError('test', `There is no test ${id}.`)
  return facts
}

/** One trial as it was taken. */
export interface Trial {
  readonly test: TestId
  /** Null for a test of both sides at once. */
  readonly side: Side | null
  readonly value: number
  readonly breakPoint: BreakPoint
  readonly day: IsoDay
  /** Who held the watch; not given where it is not known. */
  readonly takenBy?: string | null
}

/**
 * A single hold in a test against the holds of a gate: it speaks for sets of two thirds of its length
 * (common practice, no source).
 */
export const TEST_SHARE = 2 / 3
