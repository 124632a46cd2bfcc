import {
  ACTION_FACTS, kindOf, mainAction, TRUNK_ACTIONS, type Plane, type Posture, type Variation,
} from '../../catalogue'
import type { PhaseId } from '../../policy'
import type { SportCharacter } from './characters'

/** Times a week by phase. */
type Times = Readonly<Record<PhaseId, number>>

/** Something a week must hold, whatever its volumes. */
interface SportWant {
  readonly name: string
  readonly why: string
  /** Whether a sport asks for it at all. */
  readonly asks: (sport: SportCharacter) => boolean
  /** Sessions a week in which it is met. */
  readonly times: (sport: SportCharacter) => Times
  /** Whether a drill meets it. Null: that is a matter of the athlete, not of the drill alone. */
  readonly meets: ((variation: Variation) => boolean) | null
}

const weekly = (offSeason: number, preSeason: number, inSeason: number, taper: number, transition: number): Times => ({
  offSeason, preSeason, inSeason, taper, transition,
})
const always = (): boolean => true

/** Share of its work from which a drill resists in a plane (ours). */
const RESISTS = 0.2
const ON_THE_FEET: readonly Posture[] = ['standing', 'splitStance', 'singleLeg', 'moving', 'halfKneeling']

const works = (variation: Variation): boolean => ['work', 'fast'].includes(kindOf(variation))
const resistsIn = (plane: Plane) => (variation: Variation): boolean =>
  kindOf(variation) === 'work' && TRUNK_ACTIONS.some(action =>
    ACTION_FACTS[action].resists && ACTION_FACTS[action].plane === plane && (variation.shares[action] ?? 0) >= RESISTS
  )
const onTheFeet = (variation: Variation): boolean => works(variation) && ON_THE_FEET.includes(variation.posture)

/**
 * What a week must hold, by phase; a taper keeps how often and lowers how much (Bosquet et al. 2007, recalled). A
 * coach edits the times for the organisation. Our own, in the direction of common practice, no source.
 */
export const SPORT_WANTS = {
  sagittal: {
    name: 'resisting arching or folding', why: 'A plane that is left out is where the next hit comes from.',
    asks: always, times: () => weekly(2, 2, 2, 2, 1), meets: resistsIn('sagittal'),
  },
  frontal: {
    name: 'resisting side bend', why: 'One leg, one arm, one side: most of sport is uneven.',
    asks: always, times: () => weekly(2, 2, 1, 1, 1), meets: resistsIn('frontal'),
  },
  transverse: {
    name: 'resisting turning', why: 'Force passes only through a trunk that does not give.',
    asks: always, times: () => weekly(2, 2, 2, 2, 1), meets: resistsIn('transverse'),
  },
  onFeet: {
    name: 'work on the feet', why: 'What is learned lying down has to hold standing.',
    asks: always,
    times: ({ standing }) => (standing ? weekly(3, 3, 2, 2, 1) : weekly(1, 1, 1, 1, 0)), meets: onTheFeet,
  },
  carry: {
    name: 'a loaded carry', why: 'The trunk holds while the legs go on.',
    asks: ({ standing }) => standing, times: () => weekly(1, 1, 1, 1, 0),
    meets: variation => works(variation) && variation.ladder === 'carries',
  },
  turning: {
    name: 'turning on the feet', why: 'The sport turns on its feet: strength first, then speed.',
    asks: ({ turning }) => turning, times: () => weekly(1, 2, 1, 1, 0),
    meets: variation => onTheFeet(variation) && mainAction(variation.shares) === 'rotation',
  },
  fast: {
    name: 'fast work', why: 'Once it can be stopped it may be thrown: fresh, few, as fast as it goes.',
    asks: ({ fast }) => fast, times: () => weekly(0, 1, 1, 0, 0), meets: variation => kindOf(variation) === 'fast',
  },
  fullReach: {
    name: 'hanging or full reach', why: 'The body line has to hold where the arms are far away.',
    asks: ({ fullReach }) => fullReach, times: () => weekly(1, 1, 1, 1, 0),
    meets: ({ posture, hazards, kind }) => kind === undefined
      && (posture === 'hanging' || posture === 'inverted' || hazards.includes('overhead')),
  },
  goal: {
    name: 'the goal’s ladder', why: 'A goal that is not worked on is a wish.',
    asks: always, times: () => weekly(2, 2, 1, 1, 0), meets: null,
  },
  weakLink: {
    name: 'the weak link', why: 'First in its place, fresh: left to the end it stays weak.',
    asks: always, times: () => weekly(3, 3, 2, 2, 1), meets: null,
  },
} as const satisfies Record<string, SportWant>
export type SportWantId = keyof typeof SPORT_WANTS
export const SPORT_WANT_IDS = Object.keys(SPORT_WANTS) as SportWantId[]
