import type { Hazard, Variation } from '../catalogue'
import { screenOn } from '../programme/week/context'
import { flagFacts } from '../screening/marks'
import type { Screen } from '../screening/screen'
import type { PlaceAsked } from './asked'
import { ageBand } from './age'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What asks for somebody who watches: of everybody, below 18 too, and where technique comes before load. */
export const WATCHED: Readonly<Record<'all' | 'young' | 'technique', readonly Hazard[]>> = {
  all: ['ballistic', 'maximal'],
  young: ['overhead', 'hanging', 'inverted'],
  technique: ['loaded', 'pressureRise'],
}

/**
 * Whether a drill asks this athlete for somebody who watches: fast and near-maximal work of everybody, overhead and
 * hanging work below 18, loaded work below 16 and in a growth spurt, everything that tires below 12.
 *
 * @example
 * asksWatching({ ...variation, hazards: ['ballistic'] }, context.screen) // => true
 */
export function asksWatching(
  variation: Pick<Variation, 'hazards' | 'fatigue'>, { flags, ageYears }: Pick<Screen, 'flags' | 'ageYears'>,
): boolean {
  const has = (hazards: readonly Hazard[]): boolean => variation.hazards.some(hazard => hazards.includes(hazard))
  const below = ageBand(ageYears)?.below ?? Infinity
  if (has(WATCHED.all)) return true
  if (below <= 18 && has(WATCHED.young)) return true
  if ((below <= 16 || flags.some(mark => flagFacts(mark).supervised)) && has(WATCHED.technique)) return true
  return below <= 12 && variation.fatigue > 1
}

/**
 * Whether nobody watches an item: work at home, or a session without a coach.
 *
 * @example
 * isAlone({ ...item, slot: 'home' }, session) // => true
 */
export function isAlone(
  { slot }: Pick<PlaceAsked['item'], 'slot'>, { supervised }: Pick<PlaceAsked['session'], 'supervised'>,
): boolean {
  return slot === 'home' || supervised === false
}

export const supervision: Rule<'supervision', typeof WATCHED, PlaceAsked> = {
  id: 'supervision', scope: 'place', severity: 'warn', title: 'Somebody watches where a drill asks for it',
  value: WATCHED, source: COMMON_PRACTICE,
  breaks: (
    { item, variation, session, context },
  ) => (isAlone(item, session) && asksWatching(variation, screenOn(context, session.day))
    ? ['It asks for somebody who watches, and nobody does here.']
    : []),
}
