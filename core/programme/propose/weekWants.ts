import { ACTION_FACTS, kindOf, TRUNK_ACTIONS, type PerAction, type Variation } from '../../catalogue'
import type { PhaseId } from '../../policy'
import { dayKindOf } from '../../rules'
import { SPORT_WANT_IDS, SPORT_WANTS, type SportWantId } from '../sport/wants'
import { sportOf } from '../sport/sportOf'
import type { PlanningContext } from '../week/context'
import type { PlannedSession } from '../week/week'
import { fullSetsOf, type Option } from './options'
import { EXPOSURE } from './plannerPlaces'

/** What a want is met by in one appearance, full sets: less is only a touch (ours). */
const A_TOUCH = 0.25

/**
 * Wants that one appearance of a drill meets: what a sport asks for that it is, and the planes it resists in with more
 * than a touch.
 *
 * @example
 * wantsMet(findVariation('carries.suitcase'), { antiLateralFlexion: 1 }, context) // => ['exposure', 'frontal', 'onFeet', 'carry']
 */
export function wantsMet(
  variation: Variation, fullSets: Partial<PerAction>, context: PlanningContext,
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
    ...context.decided?.[variation.id] ? [decidedWant(variation)] : [],
  ]
}

/** What a coach decided of a drill is to be in the week once. */
const decidedWant = ({ id }: Variation): string => `decided ${id}`

const isPlane = (id: SportWantId): boolean => ['sagittal', 'frontal', 'transverse'].includes(id)

/** Exposures a week that are asked for, where there are sessions for them (common practice, no source: 2-4). */
const MOST_EXPOSURES = 4

/** Where no season says another. */
export const USUAL_PHASE: PhaseId = 'offSeason'

/**
 * Sessions in which each want is to be met this week; a want that no open drill meets drops out, and is told once.
 *
 * @returns the wants, and those dropped because nothing that may be given meets them
 * @example
 * weekWants([], [], context).wants // => {}
 */
export function weekWants(
  options: readonly Option[], sessions: readonly PlannedSession[], context: PlanningContext,
): { readonly wants: Readonly<Record<string, number>>, readonly dropped: readonly SportWantId[] } {
  const phase = context.rules.block?.phase ?? USUAL_PHASE
  const sport = sportOf(context.sport, context.sports)
  const met = new Set(options.flatMap((option) => {
    const [fewest = 1] = option.sets
    return wantsMet(option.variation, fullSetsOf(option, fewest, context), context)
  }))
  const exposures = exposuresOf(sessions, context)
  const asked = SPORT_WANT_IDS.flatMap((id) => {
    const times = sport.times[id]?.[phase] ?? 0
    const meant = id === 'goal'
      ? context.goal.variationId !== null
      : id !== 'weakLink' || context.weakLink !== null
    return times > 0 && meant && exposures > 0 ? [[id, Math.min(times, exposures)] as const] : []
  })
  return {
    wants: {
      ...Object.fromEntries(asked.filter(([id]) => met.has(id))),
      ...Object.fromEntries(options.filter(({ variation: { id } }) => exposures > 0 && context.decided?.[id])
        .map(({ variation }) => [decidedWant(variation), 1])),
      ...(exposures > 0 && met.has(EXPOSURE) ? { [EXPOSURE]: Math.min(MOST_EXPOSURES, exposures) } : {}),
    },
    dropped: asked.map(([id]) => id).filter(id => !met.has(id)),
  }
}

/**
 * Sessions that may hold trunk work: those there are, without competition days, those for activation only, and what the
 * season keeps free.
 */
function exposuresOf(
  sessions: readonly PlannedSession[], { competitionDays, seasonDays }: PlanningContext,
): number {
  return sessions.filter(({ day }) =>
    !['competition', 'dayBefore'].includes(dayKindOf(day, competitionDays))
    && !['off', 'activation'].includes(seasonDays?.[day] ?? '')
  ).length
}
