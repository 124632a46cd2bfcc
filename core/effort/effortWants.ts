import { ACTION_FACTS, kindOf, TRUNK_ACTIONS } from '../catalogue'
import type { PhaseId } from '../policy'
import { SPORT_WANT_IDS, SPORT_WANTS, type SportWantId } from '../programme/sport/wants'
import type { Sport } from '../programme/sport/sportOf'
import type { PlanningContext } from '../programme/week/context'
import type { EffortOption } from './effortOptions'

/** Every session is to hold work: told like a want of its own. */
const EXPOSURE = 'exposure'
/** What a want is met by in one appearance, full sets: less is only a touch (ours). */
const A_TOUCH = 0.25

/**
 * Wants that one appearance of a drill meets: what a sport asks for that it is, and the planes it resists in with more
 * than a touch.
 *
 * @example
 * wantsMet({ variation: findVariation('carries.suitcase'), fullSets: { antiLateralFlexion: 1 } }, context) // => ['exposure', 'frontal', 'onFeet', 'carry']
 */
export function wantsMet(
  { variation, fullSets }: Pick<EffortOption, 'variation' | 'fullSets'>, context: PlanningContext,
): string[] {
  const work = kindOf(variation) === 'work'
  const planes = work
    ? TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].resists && (fullSets[a] ?? 0) > A_TOUCH)
      .map(a => ACTION_FACTS[a].plane)
    : []
  const { weakLink, goal: { variationId }, screen: { catalogue } } = context
  const goal = variationId === null ? undefined : catalogue.find(variationId)
  return [
    ...work ? [EXPOSURE] : [],
    ...new Set(planes),
    ...SPORT_WANT_IDS.filter(id => !isPlane(id) && (SPORT_WANTS[id].meets?.(variation) ?? false)),
    ...goal?.ladder === variation.ladder ? ['goal'] : [],
    ...weakLink && (fullSets[weakLink] ?? 0) > A_TOUCH ? ['weakLink'] : [],
  ]
}

const isPlane = (id: SportWantId): boolean => ['sagittal', 'frontal', 'transverse'].includes(id)

/** Exposures a week that are asked for, where there are sessions for them (common practice, no source: 2-4). */
const MOST_EXPOSURES = 4

/**
 * Sessions in which each want is to be met this week; a want that no open drill meets drops out, and is told once.
 *
 * @returns the wants, and those dropped because nothing that may be given meets them
 * @example
 * weekWants([], sportOf('general'), 'preSeason', context, 0).wants // => {}
 */
export function weekWants(
  options: readonly EffortOption[], sport: Sport, phase: PhaseId, context: PlanningContext, sessions: number,
): { readonly wants: Readonly<Record<string, number>>, readonly dropped: readonly SportWantId[] } {
  const met = new Set(options.flatMap(option => wantsMet(option, context)))
  const asked = SPORT_WANT_IDS.flatMap((id) => {
    const times = sport.times[id]?.[phase] ?? 0
    const meant = id === 'goal'
      ? context.goal.variationId !== null
      : id !== 'weakLink' || context.weakLink !== null
    return times > 0 && meant && sessions > 0 ? [[id, Math.min(times, sessions)] as const] : []
  })
  return {
    wants: {
      ...Object.fromEntries(asked.filter(([id]) => met.has(id))),
      ...(sessions > 0 && met.has(EXPOSURE) ? { [EXPOSURE]: Math.min(MOST_EXPOSURES, sessions) } : {}),
    },
    dropped: asked.map(([id]) => id).filter(id => !met.has(id)),
  }
}
