import type { Variation } from '../../catalogue'
import { dayKindOf, isFixed, itemConflicts, SESSION_RULES } from '../../rules'
import { isAdmissible, removals, type Screen } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem } from '../week/week'

/** Ladder of the brace steps. */
const BRACE = 'brace'
/** Names that are told of what a step opens. */
const MOST_NAMES = 3

/** Drills other than the brace's own, as far as their step lets them be given. */
const others = (screen: Screen, braceStep: number): Variation[] =>
  screen.catalogue.variations.filter(v => v.ladder !== BRACE && isAdmissible(v, { ...screen, braceStep }))

/**
 * Whether an athlete is still on the course: the brace step, and nothing else, keeps every drill of every other ladder
 * away.
 *
 * @example
 * isOnCourse({ ...context.screen, braceStep: 1 }) // => true
 */
export function isOnCourse(screen: Screen): boolean {
  return others(screen, screen.braceStep).length === 0 && others(screen, 7).length > 0
}

/**
 * What the next brace steps open, in words: the first step above the present one that opens a drill of another ladder.
 *
 * @example
 * opensNext({ ...context.screen, braceStep: 1, rungs: {} }) // => 'Brace step 3 opens: plank at the wall; back flat to the wall, standing; hands and knees, leg reach.'
 */
export function opensNext(screen: Screen): string {
  for (let step = screen.braceStep + 1; step <= 7; step++) {
    const opened = others({ ...screen, rungs: {} }, step).slice(0, MOST_NAMES).map(v => v.name.toLowerCase())
    if (opened.length === 0) continue
    return `Brace step ${step} opens: ${opened.join('; ')}.`
  }
  return ''
}

/**
 * The sessions of an athlete on the course: in each the brace drill of the present step, before anything else, nothing
 * counted against targets that are for later.
 *
 * @example
 * courseSessions([], context) // => []
 */
export function courseSessions(sessions: readonly PlannedSession[], context: PlanningContext): PlannedSession[] {
  return sessions.map((session) => {
    const fixed = session.items.filter(item => isFixed(item) || item.kept)
    const drill = presentDrill(screenOn(context, session.day))
    if (
      !drill || dayKindOf(session.day, context.competitionDays) === 'competition'
      || context.seasonDays?.[session.day] === 'off'
    ) return { ...session, items: fixed }
    const rest = fixed.filter(one => one.variationId !== drill.id)
    const item = [...drill.doses].reverse().map((dose): TrunkItem => ({
      id: `${session.id}/${drill.id}`, variationId: drill.id, dose, slot: 'activation', pairedWith: null,
      extraSetSide: null, setting: {}, why: `The brace course: ${drill.purpose}`,
    })).find(one => isKept({ ...session, items: [...rest, one] }, one, context))
    return { ...session, items: item ? [...rest, item] : fixed }
  })
}

/** Whether an item breaks nothing in its session, and the session nothing with it. */
function isKept(session: PlannedSession, item: TrunkItem, context: PlanningContext): boolean {
  return itemConflicts(item, session, context).length === 0
    && SESSION_RULES.every(rule => rule.breaks({ session, context }).every(({ itemId }) => itemId !== null))
}

/** The highest brace drill that may be given. */
function presentDrill(screen: Screen): Variation | null {
  const open = screen.catalogue.variations.filter(v => v.ladder === BRACE && removals(v, screen).length === 0)
  return open.reduce<Variation | null>((best, v) => (best === null || v.rung > best.rung ? v : best), null)
}
