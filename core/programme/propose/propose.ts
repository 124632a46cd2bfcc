import { must } from '../../errors'
import { ACTION_FACTS, mainAction, mainFacts, planesOf, type Plane } from '../../catalogue'
import { dayKindOf, isFixed, SESSION_RULES, WEEK_RULES } from '../../rules'
import { redFlags, flagFacts } from '../../screening'
import { candidates, keepsRules, optionsFor, type Candidate, type Option } from './candidates'
import { screenOn, type PlanningContext } from '../week/context'
import { reasonFor } from './reason'
import { courseSessions, isOnCourse, opensNext } from './braceCourse'
import { weekLedger, type Ledger } from '../week/ledger'
import { weeklyTargets, type Targets } from '../week/targets'
import type { PlannedSession, WeekPlan } from '../week/week'
import { inOrder } from './inOrder'

/** What a proposer is asked: the athlete and the sessions with their lifts; trunk items in them are replaced. */
export interface ProposalRequest {
  readonly context: PlanningContext
  readonly sessions: readonly PlannedSession[]
}

export interface WeekProposal {
  readonly plan: WeekPlan
  readonly targets: Targets
  readonly ledger: Ledger
  /** What a coach must know about the proposal: what falls short and why it is empty. */
  readonly notes: readonly string[]
  /** Set when a red flag forbids any programme. */
  readonly refused: boolean
  /** What is known about better plans; null from a proposer that does not know. */
  readonly proof: PlanProof | null
}

/** How good a plan is, and how far that is known. */
export interface PlanProof {
  /** Weighted seconds wanting; 0: nothing is. */
  readonly goal: number
  /** No plan has less. */
  readonly bound: number
  readonly proven: boolean
  /** A wall of time ended the search for a proof. */
  readonly walled: boolean
}

/** Anything that proposes a week; the rules below are the first, an optimiser takes their place. */
export type Proposer = (request: ProposalRequest) => WeekProposal

/** How much a plane not yet trained this week is worth, in seconds of shortfall. */
const PLANE_WORTH_S = 120
/** Share of a drill's work that must meet something still short. */
const LEAST_SERVED = 0.25
/** Work past the band counts against a drill this much. */
const EXCESS_WEIGHT = 0.5
/** Each second of session time costs this much. */
const TIME_WEIGHT = 0.05
const WEAK_LINK_WEIGHT = 1.5
/** Of two drills that serve alike the higher rung asks more. */
const RUNG_WORTH_S = 5
/** Spreading work over the week: worth of the first drill of a session and cost of each one already there. */
const EMPTY_SESSION_WORTH_S = 40
const CROWDING_COST_S = 8
/** A lifting day is better begun with something that wakes the trunk. */
const ACTIVATION_WORTH_S = 35
/** Left to the end the weak link stays weak. */
const LATE_WEAK_LINK_COST_S = 40

/**
 * Proposes a week by readable rules: first what resists, largest gain in missing seconds per time spent,
 * planes not yet trained first; then what makes movement, as long as resisting stays ahead.
 * Deterministic: ties go to the earlier session, place and catalogue entry.
 *
 * @throws DomainError when a lift's load is out of range.
 * @example
 * proposeWeek({ context, sessions: [] }).plan.sessions // => []
 */
export const proposeWeek: Proposer = ({ context, sessions }) => {
  const targets = weeklyTargets({ ...context, sessions: sessions.length })
  let current: PlannedSession[] = sessions.map(session => ({ ...session, items: session.items.filter(isFixed) }))
  const refused = isRefused(context, sessions)
  const course = !refused && isOnCourse(context.screen)
  if (course) current = courseSessions(sessions, context)
  else if (!refused) {
    const options = optionsFor(context, sessions.map(s => s.day))
    const kind = (resists: boolean): Option[] =>
      options.filter(({ variation }) => (mainFacts(variation.shares)?.resists ?? false) === resists)
    current = fill(kind(true), current, targets, context)
    current = fill(kind(false), current, targets, context)
  }
  const plan: WeekPlan = { sessions: current.map(session => inOrder(session, context)) }
  const ledger = weekLedger(plan, targets, context.screen.catalogue)
  return { plan, targets, ledger, refused, proof: null, notes: notesOn(ledger, plan, context) }
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

/** Adds the best candidate again and again until none is worth its time. */
function fill(
  options: readonly Option[], sessions: PlannedSession[], targets: Targets, context: PlanningContext,
): PlannedSession[] {
  let current = sessions
  for (;;) {
    const ledger = weekLedger({ sessions: current }, targets, context.screen.catalogue)
    let best: Candidate | null = null
    let bestWorth = 0
    const standing = brokenInWeek(current, context)
    const served = new Map(options.map(option => [option, serviceOf(option, ledger, context)]))
    for (const candidate of candidates(options, current)) {
      const worth = worthOf(candidate, must(served.get(candidate.option)), context)
      if (worth > bestWorth + 1e-9 && keepsRules(candidate, context) && fits(candidate, current, standing, context))
        [best, bestWorth] = [candidate, worth]
    }
    if (!best) return current
    const { session, item, option: { variation } } = best
    const added = { ...item, why: reasonFor(item, variation, session, ledger, context) }
    current = current.map(s => (s.id === session.id ? { ...s, items: [...s.items, added] } : s))
  }
}

/** Rules about a whole week that it breaks as it stands. */
const brokenInWeek = (sessions: readonly PlannedSession[], context: PlanningContext): number =>
  WEEK_RULES.reduce((sum, rule) => sum + rule.breaks({ plan: { sessions }, context }).length, 0)
const brokenIn = (session: PlannedSession, context: PlanningContext): number =>
  SESSION_RULES.reduce((sum, rule) => sum + rule.breaks({ session, context }).length, 0)

/** Whether session and week break nothing more with the candidate in them; a session that is too long takes nothing. */
function fits(
  { session, item }: Candidate, sessions: readonly PlannedSession[], standing: number, context: PlanningContext,
): boolean {
  const trial = { ...session, items: [...session.items, item] }
  const overfull = SESSION_RULES.some(rule =>
    rule.breaks({ session: trial, context }).some(({ itemId }) => itemId === null)
  )
  return !overfull && brokenIn(trial, context) <= brokenIn(session, context)
    && brokenInWeek(sessions.map(s => (s.id === session.id ? trial : s)), context) <= standing
}

/** What an option does for the week as it stands, wherever it is put. */
interface Service {
  /** Missing seconds met, weighted, less excess. */
  readonly worth: number
  /** Share of its work that meets something missing. */
  readonly share: number
  readonly newPlanes: number
  /** Movement made would overtake movement resisted. */
  readonly overtakes: boolean
}

function serviceOf({ variation, gain }: Option, ledger: Ledger, context: PlanningContext): Service {
  let [worth, metS, totalS, making, resisting] = [0, 0, 0, ledger.makingS, ledger.resistingS]
  for (const line of ledger.lines) {
    const gainS = gain[line.action]
    totalS += gainS
    if (ACTION_FACTS[line.action].resists) resisting += gainS
    else making += gainS
    metS += Math.min(gainS, line.shortS)
    worth += (line.action === context.weakLink ? WEAK_LINK_WEIGHT : 1) * Math.min(gainS, line.shortS)
    const doneS = line.liftsS + line.drillsS
    worth -= EXCESS_WEIGHT * Math.max(0, doneS + gainS - Math.max(doneS, line.band.highS))
  }
  const newPlanes = planesOf(variation.shares).filter(plane => ledger.planes[plane] === 0).length
  return { worth, share: metS / totalS, newPlanes, overtakes: making >= resisting }
}

/** Worth of a candidate in seconds of shortfall; 0 when it has no business there. */
function worthOf({ session, item, option }: Candidate, service: Service, context: PlanningContext): number {
  const { variation, durationS } = option
  // A drill earns its place by what is missing, by a plane that is missing, or by opening a session.
  const needed = service.share >= LEAST_SERVED || service.newPlanes > 0 || session.items.length === 0
  if (service.overtakes || !needed) return 0
  let worth = service.worth + PLANE_WORTH_S * service.newPlanes
  // The present rung is the work; the rungs below it are for warming up.
  const present = context.screen.rungs[variation.branch] ?? 1
  worth += item.slot === 'activation' ? 0 : RUNG_WORTH_S * variation.rung - 12 * (present - variation.rung)
  if (session.items.length === 0) worth += EMPTY_SESSION_WORTH_S
  if (item.slot === 'activation' && session.lifts.length > 0 && !session.items.some(i => i.slot === 'activation')) {
    worth += ACTIVATION_WORTH_S
  }
  if (mainAction(variation.shares) === context.weakLink && item.slot === 'finisher') worth -= LATE_WEAK_LINK_COST_S
  return worth - CROWDING_COST_S * session.items.length - TIME_WEIGHT * durationS * (item.slot === 'paired' ? 0.5 : 1)
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/**
 * What a coach must know about a plan, in sentences.
 *
 * @example
 * notesOn(weekLedger({ sessions: [] }, weeklyTargets({ ...context, sessions: 0 }), STANDARD), { sessions: [] }, context).length // => 3
 */
export function notesOn(ledger: Ledger, plan: WeekPlan, context: PlanningContext): string[] {
  const red = [
    ...new Set([
      context.screen,
      ...plan.sessions.map(({ day }) => screenOn(context, day)),
    ].flatMap(screen => redFlags(screen.flags))),
  ]
  const stop = red.map(id => `${flagFacts(id).name}: refer to a clinician; no programme until it is cleared.`)
  if (isRefused(context, plan.sessions)) return stop
  if (isOnCourse(context.screen)) {
    return [
      ...stop,
      `Brace step ${context.screen.braceStep}: the course comes first, a few minutes in every session and as homework.`,
      opensNext(context.screen),
    ].filter(text => text !== '')
  }
  const notes = ledger.lines
    .filter(line => line.shortS >= 5)
    .map(line => `${capital(ACTION_FACTS[line.action].label)} is ${Math.round(line.shortS)} s short.`)
  const missing = (['sagittal', 'frontal', 'transverse'] as Plane[]).filter(plane => ledger.planes[plane] === 0)
  for (const plane of missing) notes.push(`No drill in the ${plane} plane fits this week.`)
  for (const session of plan.sessions) {
    if (session.items.length === 0 && dayKindOf(session.day, context.competitionDays) === 'competition') {
      notes.push('Competition day is kept free.')
    }
  }
  return [...stop, ...notes]
}
