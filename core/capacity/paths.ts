import type { Body } from '../anatomy'
import type { Variation } from '../catalogue'
import { nearestSettings, pathOf, type OnPath } from '../mechanics'

/** The path of a drill at the day's settings; none without a pose. */
export type PathsOf = (
  drill: Pick<Variation, 'id' | 'pose'>, settings: Readonly<Record<string, unknown>>,
) => readonly OnPath[]

/** Bodies that were asked for last: a roster is planned week after week, a sheet edit after edit. */
const byBody = new Map<string, PathsOf>()
const MOST_BODIES = 64

/**
 * Paths of a body, remembered: hundreds of sets are done at the same few settings, by capacities, plans and sheets of
 * the same people.
 *
 * @example
 * pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }))({ id: 'front-plank.elbows' }, {}).length // => 1
 */
export function pathsOf(body: Body): PathsOf {
  const key = `${body.sex} ${body.heightM} ${body.massKg}`
  const found = byBody.get(key) ?? rememberedPaths(body)
  byBody.delete(key)
  byBody.set(key, found)
  const [oldest] = byBody.keys()
  if (byBody.size > MOST_BODIES && oldest !== undefined) byBody.delete(oldest)
  return found
}

function rememberedPaths(body: Body): PathsOf {
  const known = new Map<string, readonly OnPath[]>()
  return (drill, settings) => {
    const day = nearestSettings(drill, body, settings)
    // A centre's own drill may be given another pose under the same name.
    const key = `${drill.id} ${drill.pose ? JSON.stringify(drill.pose) : ''} ${JSON.stringify(day)}`
    const found = known.get(key) ?? pathOf(drill, body, day)
    known.set(key, found)
    return found
  }
}
