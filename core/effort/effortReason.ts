import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '../catalogue'
import type { Effort } from '../capacity'
import { PHASES, type PhaseId } from '../policy'
import { SPORT_WANTS, type SportWantId } from '../programme/sport/wants'
import type { PlanningContext } from '../programme/week/context'
import type { EffortOption } from './effortOptions'

/** The action a set gives most to; null where it gives none. */
export function mostServed(fullSets: Effort['fullSets']): TrunkAction | null {
  const served = TRUNK_ACTIONS.filter(a => (fullSets[a] ?? 0) > 0)
  const more = (a: TrunkAction, b: TrunkAction): boolean => (fullSets[b] ?? 0) > (fullSets[a] ?? 0)
  return served.reduce<TrunkAction | null>((a, b) => (a === null || more(a, b) ? b : a), null)
}

/**
 * Why a drill is here and why so heavy, in a line a coach would say aloud.
 *
 * @example
 * effortReason({ variation: findVariation('carries.suitcase'), effort: { effort: 0.6, fullSets: { antiLateralFlexion: 0.6 } }, setting: { loadKg: 40 } }, { ...context, screen: { ...context.screen, rungs: {} } }, 'preSeason') // => 'To resist side bend. One set with 40 kg goes about 60 % of the way to the own limit.'
 */
export function effortReason(
  { variation, effort, setting }: Pick<EffortOption, 'variation' | 'effort' | 'setting'>, context: PlanningContext,
  phase: PhaseId,
): string {
  const serves = mostServed(effort.fullSets)
  if (!serves) return `Fast and fresh: few, as fast as it goes. ${PHASES[phase].name}.`
  const weak = serves === context.weakLink ? ', the weak link' : ''
  const load = setting.loadKg !== undefined
    ? ` with ${setting.loadKg} kg`
    : setting.bandN !== undefined ? ` against ${setting.bandN} N` : ''
  const way = `One set${load} goes about ${Math.round(effort.effort * 10) * 10} % of the way to the own limit.`
  const below = (context.screen.rungs[variation.branch] ?? variation.rung) - variation.rung
  return `To ${ACTION_FACTS[serves].label}${weak}. ${way}${below > 0 ? ' One rung below the present one.' : ''}`
}

const WANT_WORDS: Readonly<Partial<Record<SportWantId, string>>> = {
  sagittal: 'the sagittal plane', frontal: 'the frontal plane', transverse: 'the transverse plane',
}

/**
 * What could not be asked for, told once: nothing that may be given by rungs, flags and equipment does it.
 *
 * @example
 * droppedText('carry') // => 'Nothing that may be given now, by rungs, flags and equipment, is a loaded carry.'
 */
export function droppedText(want: SportWantId): string {
  const what = WANT_WORDS[want] ?? SPORT_WANTS[want].name
  return `Nothing that may be given now, by rungs, flags and equipment, is ${what}.`
}

/**
 * A want that the week does not meet often enough, in words.
 *
 * @example
 * wantingText('weakLink', 1) // => 'The weak link: once less than wanted.'
 */
export function wantingText(want: string, missing: number): string {
  const name = WANT_WORDS[want as SportWantId]
    ?? (want in SPORT_WANTS ? SPORT_WANTS[want as SportWantId].name : 'trunk work in a session')
  const times = missing === 1 ? 'once' : `${missing} times`
  return `${name.replace(/^./, c => c.toUpperCase())}: ${times} less than wanted.`
}
