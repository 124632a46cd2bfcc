import type { Mode, Posture } from '../../catalogue'
import type { PhaseId } from '../../policy'
import type { FaultId } from './typicalFaults'
import type { SportProfileId } from './sportProfiles'

/** What a sport is like, beside its weights: it decides what a week must hold and what is looked at first. */
export interface SportCharacter {
  /** Done on the feet. */
  readonly standing: boolean
  /** Turns, or stops a turn, with force. */
  readonly turning: boolean
  /** Trunk work at speed belongs to it. */
  readonly fast: boolean
  /** Hangs, or works at full reach. */
  readonly fullReach: boolean
  /** Positions and ways of working it leans to, the first most. */
  readonly postures: readonly Posture[]
  readonly modes: readonly Mode[]
  /** Faults it brings with it: looked for first in every drill. */
  readonly faults: readonly FaultId[]
  /** Weeks of a usual year in each phase; tapers come of the competitions. */
  readonly season: Readonly<Record<Exclude<PhaseId, 'taper'>, number>>
}

type Weeks = readonly [offSeason: number, preSeason: number, inSeason: number, transition: number]
type Traits = Partial<Pick<SportCharacter, 'standing' | 'turning' | 'fast' | 'fullReach'>>

function character(
  traits: Traits, postures: readonly Posture[], modes: readonly Mode[], faults: readonly FaultId[],
  [offSeason, preSeason, inSeason, transition]: Weeks,
): SportCharacter {
  return {
    standing: false, turning: false, fast: false, fullReach: false, ...traits, postures, modes, faults,
    season: { offSeason, preSeason, inSeason, transition },
  }
}

const ON_FEET = ['standing', 'splitStance', 'halfKneeling'] as const

/** Our own, in the direction of common practice, no source; a coach edits them for the organisation. */
export const SPORT_CHARACTERS: Readonly<Record<SportProfileId, SportCharacter>> = {
  striking: character(
    { standing: true, turning: true, fast: true }, ON_FEET, ['isometric', 'ballistic', 'dynamic'],
    ['turns', 'breath', 'leans'], [12, 8, 28, 4],
  ),
  grappling: character(
    { standing: true, turning: true, fast: true }, ['standing', 'quadruped', 'splitStance', 'supine'],
    ['isometric', 'locomotor', 'dynamic'], ['rounds', 'breath', 'neck'], [14, 8, 26, 4],
  ),
  throwing: character(
    { standing: true, turning: true, fast: true }, ON_FEET, ['ballistic', 'isometric', 'dynamic'],
    ['arches', 'turns', 'hurries'], [16, 12, 20, 4],
  ),
  racket: character(
    { standing: true, turning: true, fast: true }, ['splitStance', 'standing', 'singleLeg'],
    ['dynamic', 'ballistic', 'isometric'], ['turns', 'arches', 'leans'], [8, 6, 34, 4],
  ),
  running: character(
    { standing: true }, ['singleLeg', 'splitStance', 'sideLying'], ['limbMoving', 'isometric', 'balance'],
    ['sags', 'leans', 'turns'], [16, 10, 22, 4],
  ),
  cycling: character(
    {}, ['quadruped', 'prone', 'seated'], ['isometric', 'limbMoving'], ['rounds', 'neck', 'turns'], [16, 10, 22, 4],
  ),
  paddling: character(
    { turning: true, fast: true }, ['seated', 'halfKneeling', 'tallKneeling', 'standing'], ['dynamic', 'isometric'],
    ['rounds', 'turns', 'neck'], [20, 10, 18, 4],
  ),
  rowing: character(
    {}, ['seated', 'standing', 'prone'], ['isometric', 'dynamic'], ['rounds', 'neck', 'hurries'], [22, 8, 18, 4],
  ),
  swimming: character(
    { fullReach: true }, ['prone', 'supine', 'hanging'], ['isometric', 'limbMoving'], ['arches', 'sags', 'turns'],
    [14, 12, 22, 4],
  ),
  barbell: character(
    { standing: true }, ['standing', 'prone', 'moving'], ['isometric', 'locomotor'], ['arches', 'rounds', 'breath'],
    [16, 14, 18, 4],
  ),
  gymnastic: character(
    { fullReach: true }, ['hanging', 'inverted', 'supine', 'prone'], ['isometric', 'dynamic'],
    ['arches', 'swings', 'neck'], [18, 10, 20, 4],
  ),
  climbing: character(
    { fullReach: true }, ['hanging', 'prone', 'sideLying'], ['isometric', 'dynamic', 'limbMoving'],
    ['sags', 'swings', 'neck'], [16, 8, 24, 4],
  ),
  fieldCourt: character(
    { standing: true, turning: true, fast: true }, ['standing', 'singleLeg', 'splitStance'],
    ['isometric', 'dynamic', 'ballistic'], ['arches', 'leans', 'turns'], [10, 6, 32, 4],
  ),
  collision: character(
    { standing: true }, ['standing', 'quadruped', 'moving'], ['isometric', 'locomotor'],
    ['rounds', 'neck', 'breath'], [10, 8, 30, 4],
  ),
  boards: character(
    { standing: true, turning: true, fast: true }, ['standing', 'singleLeg', 'splitStance'],
    ['balance', 'isometric', 'dynamic'], ['leans', 'turns', 'hurries'], [18, 10, 20, 4],
  ),
  general: character(
    { standing: true }, ['standing', 'quadruped', 'halfKneeling'], ['isometric', 'limbMoving', 'locomotor'],
    ['breath', 'arches', 'hurries'], [52, 0, 0, 0],
  ),
}
