import type { Body } from '../anatomy'
import { must } from '../errors'
import { poseOf, settingsFor, type Posed } from './links'
import { findModel } from './poses'

/** Settings of a pose that are a weight somebody holds or wears. */
const LOADS_OF_A_POSE = [
  'loadKg', 'rightKg', 'leftKg', 'frontKg', 'overheadRightKg', 'rackRightKg', 'overheadBothKg', 'sideKg', 'barKg',
  'ballKg', 'vestKg',
]

/**
 * The day's settings as the pose knows them: what has its name is taken as it is; "load" is the weight that the pose
 * holds, all of them in proportion where it holds several; what the pose does not know changes nothing in it.
 *
 * @param day settings as they are written down with a set: numbers by name
 * @example
 * daySettings({ id: 'carries.two-hand' }, { heightM: 1.8 }, { loadKg: 32 }) // => { rightKg: 32, leftKg: 32 }
 */
export function daySettings(
  drill: Posed, body: Pick<Body, 'heightM'>, day: Readonly<Record<string, unknown>>,
): Record<string, number> {
  const link = poseOf(drill)
  if (!link) return {}
  const own = settingsFor(link, body)
  const known = must(findModel(link.model)).settings
  const given = Object.fromEntries(
    Object.entries(day).filter((one): one is [string, number] => typeof one[1] === 'number' && one[0] in known),
  )
  const { loadKg } = day
  if (typeof loadKg !== 'number' || 'loadKg' in given) return given
  const held = [...new Set([...Object.keys(own), ...link.open])].filter(name => LOADS_OF_A_POSE.includes(name))
  const most = Math.max(0, ...held.map(name => own[name] ?? 0))
  const parts = held.map((name): [string, number] => [name, most > 0 ? (own[name] ?? 0) / most * loadKg : loadKg])
  return { ...Object.fromEntries(most > 0 ? parts.filter(([, kg]) => kg > 0) : parts.slice(0, 1)), ...given }
}

/**
 * The day's settings as the pose knows them, each no further than the pose goes: what is written down beyond its range
 * counts as the end of it.
 *
 * @example
 * nearestSettings({ id: 'carries.two-hand' }, { heightM: 1.8 }, { loadKg: 500 }).rightKg < 500 // => true
 */
export function nearestSettings(
  drill: Posed, body: Pick<Body, 'heightM'>, day: Readonly<Record<string, unknown>>,
): Record<string, number> {
  const link = poseOf(drill)
  const known = link ? must(findModel(link.model)).settings : {}
  return Object.fromEntries(
    Object.entries(daySettings(drill, body, day)).map(([name, value]) => {
      const { min, max } = known[name] ?? { min: value, max: value }
      return [name, Math.min(max, Math.max(min, value))]
    }),
  )
}

/**
 * Whether a pose can be computed at the day's settings: every one lies in its range.
 *
 * @example
 * canBeSet({ id: 'carries.suitcase' }, { heightM: 1.8 }, { loadKg: 500 }) // => false
 */
export function canBeSet(drill: Posed, body: Pick<Body, 'heightM'>, day: Readonly<Record<string, unknown>>): boolean {
  const link = poseOf(drill)
  if (!link) return true
  const known = must(findModel(link.model)).settings
  return Object.entries(daySettings(drill, body, day)).every(([name, value]) => {
    const facts = known[name]
    return facts !== undefined && value >= facts.min && value <= facts.max
  })
}
