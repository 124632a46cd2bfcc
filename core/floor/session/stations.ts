import { EQUIPMENT, type Equipment, type Variation } from '../../catalogue'
import type { LiftId } from '../../programme'
import type { Place } from '../room'

/** Parts of a gym that are no equipment, with the people that have room at once where nothing else is said. */
export const SPACES = {
  floor: { name: 'Open floor', usual: 8 },
  lane: { name: 'Carry lane', usual: 3 },
  ballWall: { name: 'Ball wall', usual: 2 },
} as const
export type Space = keyof typeof SPACES
export type StationId = Space | Equipment

/** Equipment that stays where it is: whoever uses it stands there, the first of the list where it is several. */
const FIXED: readonly Equipment[] = [
  'barbell', 'cable', 'extensionBench', 'pullUpBar', 'bench', 'straps', 'rings', 'anchor', 'pole', 'pendulum',
]
const FIXED_NAMES: Partial<Record<Equipment, string>> = {
  barbell: 'Racks', cable: 'Cable column', extensionBench: 'Back-extension bench', pullUpBar: 'Hanging bar',
  bench: 'Flat bench', straps: 'Suspension straps', rings: 'Rings', anchor: 'Band anchor', pole: 'Pole',
  pendulum: 'Weight on a rope',
}
/** What everybody has enough of, and what is a person. */
const NEVER_SHORT: readonly Equipment[] = ['wall', 'partner']

/** Throws and carries do not share their space (common practice, no source). */
export const KEPT_APART: readonly (readonly [Space, Space])[] = [['ballWall', 'lane']]

/** How many there are of what: counts of equipment, and of people for a space. */
export type Counts = Readonly<Record<string, number>>

/**
 * The places and things of a gym.
 *
 * @example
 * stationsOf({ cable: 2 }).find(place => place.id === 'cable') // => { id: 'cable', atOnce: 2 }
 */
export function stationsOf(counts: Counts): Place[] {
  const spaces = (Object.keys(SPACES) as Space[]).map(id => ({ id, atOnce: counts[id] ?? SPACES[id].usual }))
  const things = (Object.keys(EQUIPMENT) as Equipment[]).filter(id => !NEVER_SHORT.includes(id))
    .map(id => ({ id, atOnce: Math.min(200, counts[id] ?? 0) }))
  return [...spaces, ...things]
}

/**
 * A place as it is called on the floor.
 *
 * @example
 * stationName('barbell') // => 'Racks'
 */
export function stationName(id: string): string {
  if (Object.hasOwn(SPACES, id)) return SPACES[id as Space].name
  return FIXED_NAMES[id as Equipment] ?? (Object.hasOwn(EQUIPMENT, id) ? EQUIPMENT[id as Equipment] : id)
}

/** What something is done at and with, where the athlete stands first, and whether somebody has to help. */
export interface Needs {
  readonly needs: readonly StationId[]
  readonly partner: boolean
}

/**
 * What a drill is done at and with. Where there is a choice, whatever there is most of at once; a drill that nothing is
 * there for needs what it needs all the same.
 *
 * @example
 * drillNeeds(STANDARD.find('press-out.standing'), { cable: 2, band: 20, anchor: 6 }).needs // => ['anchor', 'band']
 */
export function drillNeeds(drill: Pick<Variation, 'equipment' | 'mode'>, counts: Counts): Needs {
  let choices: readonly (readonly Equipment[])[] = [[]]
  for (const need of drill.equipment) choices = choices.flatMap(sofar => need.map(one => [...new Set([...sofar, one])]))
  const roomOf = (things: readonly Equipment[]): number =>
    Math.min(Infinity, ...things.filter(id => !NEVER_SHORT.includes(id)).map(id => counts[id] ?? 0))
  const best = choices.reduce((a, b) =>
    (roomOf(b) > roomOf(a) || (roomOf(b) === roomOf(a) && b.length < a.length) ? b : a))
  const things = best.filter(id => !NEVER_SHORT.includes(id))
  const fixed = FIXED.find(id => things.includes(id))
  const space = spaceOf(drill.mode, best)
  return {
    needs: fixed ? [fixed, ...things.filter(id => id !== fixed)] : [space, ...things],
    partner: best.includes('partner'),
  }
}

function spaceOf(mode: Variation['mode'], things: readonly Equipment[]): Space {
  if (mode === 'locomotor') return 'lane'
  return mode === 'ballistic' && things.includes('wall') ? 'ballWall' : 'floor'
}

/** Where lifts that are not done at a rack are done. */
const LIFT_PLACES: Readonly<Partial<Record<LiftId, readonly StationId[]>>> = {
  ballThrow: ['floor', 'medicineBall'], gluteHamRaise: ['floor'], swing: ['floor', 'kettlebell'],
  singleLegHinge: ['floor', 'dumbbell'], hipThrust: ['bench', 'barbell'],
  benchPress: ['bench', 'barbell'], inclinePress: ['bench', 'barbell'], oneArmPress: ['bench', 'dumbbell'],
  pushUp: ['floor'], dip: ['rings'], oneArmOverheadPress: ['floor', 'dumbbell'],
  oneArmRow: ['bench', 'dumbbell'], benchPull: ['bench', 'barbell'], pullUp: ['pullUpBar'], pulldown: ['cable'],
  gobletSquat: ['floor', 'dumbbell'], splitSquat: ['floor', 'dumbbell'], lunge: ['lane', 'dumbbell'],
  stepUp: ['floor', 'box'], farmersWalk: ['lane', 'dumbbell'], sledPush: ['lane'], sledDrag: ['lane'],
}

/**
 * What a lift is done at and with.
 *
 * @example
 * liftNeeds('pullUp') // => ['pullUpBar']
 */
export function liftNeeds(lift: LiftId): readonly StationId[] {
  return LIFT_PLACES[lift] ?? ['barbell']
}
