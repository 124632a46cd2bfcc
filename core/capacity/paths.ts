import type { Body } from '../anatomy'
import type { Variation } from '../catalogue'
import { nearestSettings, pathOf, type OnPath } from '../mechanics'

/** The path of a drill at the day's settings; none without a pose. */
export type PathsOf = (
  drill: Pick<Variation, 'id' | 'pose'>, settings: Readonly<Record<string, unknown>>,
) => readonly OnPath[]

/**
 * Paths of a body, remembered: hundreds of sets are done at the same few settings.
 *
 * @example
 * pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }))({ id: 'front-plank.elbows' }, {}).length // => 1
 */
export function pathsOf(body: Body): PathsOf {
  const known = new Map<string, readonly OnPath[]>()
  return (drill, settings) => {
    const day = nearestSettings(drill, body, settings)
    const key = `${drill.id} ${JSON.stringify(day)}`
    const found = known.get(key) ?? pathOf(drill, body, day)
    known.set(key, found)
    return found
  }
}
