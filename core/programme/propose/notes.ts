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
  return WANT_WORDS[want as SportWantId]
    ?? (want in SPORT_WANTS ? SPORT_WANTS[want as SportWantId].name : 'trunk work in every session')
}

/**
 * What could not be asked for, told once: nothing that may be given by rungs, flags and equipment does it.
 *
 * @example
 * droppedText('carry') // => 'Nothing that may be given now, by rungs, flags and equipment, is a loaded carry.'
 */
export function droppedText(want: SportWantId): string {
  return `Nothing that may be given now, by rungs, flags and equipment, is ${wantText(want)}.`
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
 * One sentence on what is to blame for what is wanting, in the coach's words.
 *
 * @example
 * whyText({ relaxation: { want: 'over', of: 'flexion', by: 1 }, kind: 'drill', says: '' }) // => []
 */
export function whyText({ relaxation: { want, of }, kind, says }: Explanation): string[] {
  if (kind === 'notProven' || want === 'over') return []
  const what = want === 'short' ? ACTION_FACTS[of as TrunkAction].label : want === 'plane' ? wantText(of) : of
  if (kind === 'noDrill') return [`Nothing that may be given now, by rungs, flags and equipment, serves it: ${what}.`]
  return [`Why ${what} is not met: ${says.replace(of, what)}`]
}
