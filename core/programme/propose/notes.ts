import { ACTION_FACTS, type TrunkAction } from '../../catalogue'
import type { Explanation, Relaxation } from '../../planner'
import { dayKindOf } from '../../rules'
import { flagFacts, redFlags } from '../../screening'
import { SPORT_WANTS, type SportWantId } from '../sport/wants'
import { screenOn, type PlanningContext } from '../week/context'
import type { Ledger } from '../week/ledger'
import type { PlannedSession, WeekPlan } from '../week/week'
import { isOnCourse, opensNext } from './braceCourse'

/** Less than this is no shortfall that a coach would act on, full sets. */
const LEAST_SHORT = 0.1
const WANT_WORDS: Readonly<Partial<Record<SportWantId, string>>> = {
  sagittal: 'the sagittal plane', frontal: 'the frontal plane', transverse: 'the transverse plane',
}

/**
 * Whether nothing at all may be given: a red flag stands on every day there is a session on, or on the Monday of a week
 * without one.
 *
 * @example
 * isRefused({ ...context, screen: { ...context.screen, flags: ['chestPain'] } }, []) // => true
 */
export function isRefused(context: PlanningContext, sessions: readonly Pick<PlannedSession, 'day'>[]): boolean {
  const screens = sessions.length === 0 ? [context.screen] : sessions.map(({ day }) => screenOn(context, day))
  return screens.every(screen => redFlags(screen.flags).length > 0)
}

/**
 * What a coach must know about a plan, in sentences.
 *
 * @example
 * notesOn(weekLedger({ sessions: [] }, weeklyTargets({ ...context, sessions: 1 }), context), { sessions: [] }, context)[0] // => 'Resist arching is 0.6 full sets short.'
 */
export function notesOn(ledger: Ledger, plan: WeekPlan, context: PlanningContext): string[] {
  const screens = [context.screen, ...plan.sessions.map(({ day }) => screenOn(context, day))]
  const stop = [...new Set(screens.flatMap(screen => redFlags(screen.flags)))]
    .map(id => `${flagFacts(id).name}: refer to a clinician; no programme until it is cleared.`)
  if (isRefused(context, plan.sessions)) return stop
  if (isOnCourse(context.screen)) {
    return [
      ...stop,
      `Brace step ${context.screen.braceStep}: the course comes first, a few minutes in every session and as homework.`,
      opensNext(context.screen),
    ].filter(text => text !== '')
  }
  const short = ledger.lines.filter(line => line.short >= LEAST_SHORT)
    .map(line => `${capital(ACTION_FACTS[line.action].label)} is ${line.short.toFixed(1)} full sets short.`)
  const free = plan.sessions.some(({ items, day }) =>
    items.length === 0 && dayKindOf(day, context.competitionDays) === 'competition')
  return [...stop, ...short, ...free ? ['Competition day is kept free.'] : []]
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/**
 * What a want of the week is called.
 *
 * @example
 * wantText('frontal') // => 'the frontal plane'
 */
export function wantText(want: string): string {
  if (want.startsWith('decided ')) return 'what was decided'
  return WANT_WORDS[want as SportWantId]
    ?? (want in SPORT_WANTS ? SPORT_WANTS[want as SportWantId].name : 'trunk work in every session')
}

/**
 * A want that the week does not meet often enough, in words.
 *
 * @example
 * wantingText({ want: 'plane', of: 'weakLink', by: 1 }) // => 'The weak link: once less than wanted.'
 */
export function wantingText({ of, by }: Pick<Relaxation, 'of' | 'by' | 'want'>): string {
  return `${capital(wantText(of))}: ${by === 1 ? 'once' : `${by} times`} less than wanted.`
}

/**
 * What is to blame for what is wanting, in the coach's words: what has one and the same reason is told once.
 *
 * @param dropped wants that could not even be asked for
 * @example
 * whyTexts([], ['carry', 'fast']) // => ['By rungs, flags, equipment and days nothing may be given now for a loaded carry or fast work.']
 */
export function whyTexts(explanations: readonly Explanation[], dropped: readonly SportWantId[]): string[] {
  const told = explanations.filter(one => isTold(one.relaxation))
  const named = (kind: Explanation['kind']): string[] => told.filter(one => one.kind === kind).map(nameOf)
  const unserved = [...new Set([...dropped.map(wantText), ...named('noDrill')])]
  const outweighed = named('tradeOff')
  return [
    ...unserved.length > 0
      ? [`By rungs, flags, equipment and days nothing may be given now for ${oneOf(unserved)}.`]
      : [],
    ...outweighed.length > 0
      ? [`${capital(oneOf(outweighed))} could be met, but something else would fall shorter by more.`]
      : [],
    ...told.filter(one => one.kind === 'rules').map(one => `Why ${nameOf(one)} is not met: ${one.says}`),
  ]
}

/**
 * Whether a coach is told why: what was too much, and which of last week's drills went, can be seen.
 *
 * @example
 * isTold({ want: 'over' }) // => false
 */
export const isTold = ({ want }: Pick<Relaxation, 'want'>): boolean => want === 'short' || want === 'plane'

const nameOf = ({ relaxation: { want, of } }: Explanation): string =>
  (want === 'short' ? ACTION_FACTS[of as TrunkAction].label : wantText(of))

const oneOf = (names: readonly string[]): string =>
  [names.slice(0, -1).join(', '), ...names.slice(-1)].filter(text => text !== '').join(' or ')
