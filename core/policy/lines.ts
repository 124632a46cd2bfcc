import { schoolDoseText, SCHOOLS, type SchoolId } from '../catalogue'

/** One question on which practitioners differ: what may be chosen, and why they do not agree. */
export interface PolicyLine {
  readonly title: string
  /** What hangs on it in a plan. */
  readonly changes: string
  readonly dispute: string
  readonly choices: Readonly<Record<string, string>>
}

const line = <C extends Record<string, string>>(
  title: string, changes: string, dispute: string, choices: C,
): Omit<PolicyLine, 'choices'> & { readonly choices: C } => ({ title, changes, dispute, choices })

const SCHOOL_NAMES = Object.keys(SCHOOLS) as SchoolId[]
const schoolNames = Object.fromEntries(SCHOOL_NAMES.map(id => [id, schoolDoseText(id)])) as Record<SchoolId, string>

/**
 * Every line of a policy. The choices and the reasons of the dispute are common practice, no source; what a choice
 * does to a plan is stated beside it and done in this folder and in `core/programme`.
 */
export const POLICY_LINES = {
  dosing: line('Doses', 'how far a set goes, how heavy it is, and how many there are',
    'Short holds keep form and spare the spine; longer ones build endurance; few hard repeats build tension. Each '
    + 'camp has results to show.',
    { drill: 'each drill’s own doses', ...schoolNames }),
  directWork: line('Direct trunk work', 'the weekly full sets asked for',
    'Lifts brace the trunk hard, yet hardly sideways or in turning; how much more is needed is not settled. It may '
    + 'be dropped only once tension and awareness are shown.',
    { full: 'in full', reduced: 'reduced to 60 %', lifts: 'lifts do most: 35 %' }),
  place: line('Place in the session', 'where drills stand',
    'First, trunk work is fresh and gets done; it may also take from the lifts that follow. Last, it takes from '
    + 'nothing and is often skipped.',
    {
      usual: 'activation before, hard work after the lifts', early: 'early, while fresh', warmUp: 'in the warm-up',
      last: 'at the end', inside: 'inside and between the lifts',
    },
  ),
  emphasis: line(
    'Emphasis', 'which of two drills that serve alike is chosen',
    'Holds, moving limbs, long lines, fast turns and odd lifts all train the trunk; sports and camps lean to one.',
    {
      even: 'none', holds: 'holds and still spines', line: 'hollow, compression and levers',
      rotation: 'turning and throwing', lifts: 'carries and work inside lifts',
      mixed: 'hold, move, turn, balance in turn',
    },
  ),
  flexion: line(
    'Bending drills', 'whether curls and their kin are given, and how much',
    'Repeated loaded bending is what some hold to wear discs; others find healthy spines adapt, and sports bend. '
    + 'Always off where a back hurts on bending.',
    { allowed: 'allowed', limited: 'at half volume', unloaded: 'without load only', off: 'off' }),
  bendingCap: line('Bending cycles a week', 'when the audit says it is enough',
    'Nobody knows the number; whoever counts them, keeps them lower.',
    { c60: '60 are the cap', c100: '100 are the cap', c150: '150 are the cap', none: 'no cap' }),
  sideBends: line('Bending sideways', 'side bends and hip lifts that move the spine sideways',
    'Some train the motion for range and braking; others only resist it.',
    { allowed: 'allowed', off: 'off: resist it only' }),
  progress: line('What grows first', 'how doses and rungs go up along a block',
    'Longer levers need no kit and show form; load is exact; time is simple and soon dull.',
    { lever: 'lever: the next rung', load: 'load', time: 'time and repeats' }),
  cue: line('Brace cue', 'the words for setting the trunk',
    'Stiffness all round is what load asks for; drawing in teaches control at low load.',
    { brace: 'brace all round', drawIn: 'draw in, at low load only' }),
  cueFocus: line('Focus of cues', 'which cue the athlete reads first',
    'Cues about the outside world are often learned faster; cues about the body help some to find the muscle at all.',
    { outside: 'outside first', inside: 'inside first' }),
  lowBack: line('Low back on the floor', 'the set-up line of drills on the back',
    'Pressed flat is easy to check; a small natural arch is nearer to standing work.',
    { drill: 'as each drill says', flat: 'pressed flat', arch: 'small natural arch' }),
  teacher: line('First teacher of tension', 'which easy drill comes first for the untrained',
    'On the floor faults are easy to see; a front-held load makes most people brace without a word.',
    { floor: 'floor first', frontSquat: 'front-held squat first' }),
  hipFlexors: line('Hip flexors', 'seated compression and leg raises',
    'Kicking and skill need them strong; where they take over trunk drills some quiet them first.',
    { trained: 'trained', quieted: 'quieted' }),
  unstable: line('Unstable supports', 'drills on balls, straps and rings',
    'They raise the activity of the trunk at a given load and lower the load that can be used.',
    { allowed: 'allowed', off: 'off' }),
  standingRollout: line('Standing rollout', 'the last rungs of the rollout ladder',
    'It is the far goal of the ladder to some; to others the hip flexors take over and the back pays.',
    { allowed: 'allowed', off: 'off' }),
  variety: line('Staples or rotation', 'how many drills stay from week to week',
    'Staying makes progress visible; changing keeps attention and spreads load.',
    { staples: 'staples stay, extras rotate', rotate: 'most rotate', same: 'all stay for the block' }),
  rolloutBreath: line('Breath in rollouts', 'when to breathe out',
    'Out while lengthening keeps the ribs down; out on the way back is breathing out on the effort.',
    { back: 'out on the way back', out: 'out while lengthening' }),
} as const

export type LineId = keyof typeof POLICY_LINES
/** One choice for every line. */
export type Policy = { readonly [L in LineId]: keyof (typeof POLICY_LINES)[L]['choices'] }

/** Every line, in the order pages show them. */
export const LINE_IDS = Object.keys(POLICY_LINES) as LineId[]

/** What holds where nothing was chosen (common practice, no source). */
export const DEFAULT_POLICY: Policy = {
  dosing: 'drill', directWork: 'full', place: 'usual', emphasis: 'even', flexion: 'allowed', bendingCap: 'c100',
  sideBends: 'allowed', progress: 'time', cue: 'brace', cueFocus: 'outside', lowBack: 'drill', teacher: 'floor',
  hipFlexors: 'trained', unstable: 'allowed', standingRollout: 'allowed', variety: 'staples',
  rolloutBreath: 'back',
}
