import { must } from '../errors'
import type { Body } from '../anatomy'
import { POSE_LINKS, type PoseLink } from './poseLinks'

/** What a pose is looked up by: a drill of the catalogue, or one that brings its own. */
export interface Posed {
  readonly id: string
  readonly pose?: PoseLink
}

/** Distances in `set` are those of a body of this height; a smaller one reaches less far. */
const WRITTEN_FOR_M = 1.8
const GROWS_WITH_BODY = ['distanceCm']

/**
 * The pose of a variation, or null where it has none.
 *
 * @example
 * poseOf({ id: 'front-plank.long-lever' }).set // => { elbowReachCm: 20 }
 */
export function poseOf({ id, pose: own }: Posed): PoseLink | null {
  if (own) return own
  const link = Object.hasOwn(POSE_LINKS, id) ? must(POSE_LINKS[id]) : null
  return link && 'model' in link ? link : null
}

/**
 * Why a variation has no pose; empty where it has one.
 *
 * @example
 * whyNoPose({ id: 'own-plank.own-turn' }) // => 'A drill of your own without a pose.'
 */
export function whyNoPose(variation: Posed): string {
  if (poseOf(variation)) return ''
  const link = Object.hasOwn(POSE_LINKS, variation.id) ? must(POSE_LINKS[variation.id]) : null
  return link && 'none' in link ? link.none : 'A drill of your own without a pose.'
}

/**
 * The settings of a variation for a body: distances go with stature.
 *
 * @example
 * settingsFor(poseOf({ id: 'rollout.wheel-to-wall' }), bodyOf({ sex: 'female', heightM: 1.6, massKg: 55 })) // => { distanceCm: 80 }
 */
export function settingsFor(link: PoseLink, body: Pick<Body, 'heightM'>): Readonly<Record<string, number>> {
  return grown(link, link.set, body)
}

/**
 * The settings at the easy end of a variation's repeat, or null where it has no path.
 *
 * @example
 * easyEnd(poseOf({ id: 'press-out.standing' }), { heightM: 1.6 }) // => { reachPercent: 0 }
 */
export function easyEnd(link: PoseLink, body: Pick<Body, 'heightM'>): Readonly<Record<string, number>> | null {
  return link.from ? grown(link, link.from, body) : null
}

function grown({ grows = [] }: PoseLink, set: PoseLink['set'], { heightM }: Pick<Body, 'heightM'>): PoseLink['set'] {
  const goes = (name: string): boolean => [...GROWS_WITH_BODY, ...grows].includes(name)
  return Object.fromEntries(Object.entries(set).map(([name, value]) =>
    [name, goes(name) ? Math.round(value * heightM / WRITTEN_FOR_M / 5) * 5 : value]))
}
