import { perAction, TRUNK_ACTIONS, type PerAction, type TrunkAction } from '../catalogue'
import type { Effort } from '../capacity'
import { doseSessionS } from '../dose'
import { must } from '../errors'
import { planWeek, type AnnealBudget, type LinearSolver, type PlannedWeek, type PlannerItem } from '../planner'
import type { PhaseId } from '../policy'
import { redFlags } from '../screening'
import { placeOf } from '../programme/propose/plannerPlaces'
import { sportOf } from '../programme/sport/sportOf'
import type { PlannedSession, TrunkItem } from '../programme/week/week'
import { doseOf, effortInstance } from './effortInstance'
import { effortMeans, effortOptions, type EffortOption, type EffortRequest } from './effortOptions'
import { droppedText, effortReason, mostServed, wantingText } from './effortReason'
import { effortTargets, type FullSetBand } from './effortTargets'
import { weekWants } from './effortWants'
import { liftFullSets } from './liftFullSets'
import { wakeUp } from './wakeUp'
import { workKind, type WorkKind } from './workKind'

/** A drill of the week with what it is worth to the athlete. */
export interface EffortItem {
  readonly item: TrunkItem
  readonly kind: WorkKind | 'activation' | 'mobility'
  readonly effort: Effort | null
  /** Of all its sets, by action. */
  readonly fullSets: Partial<PerAction>
}

/** A week proposed by effort: what it holds, what it adds up to, what is wanting. */
export interface EffortWeek {
  readonly sessions: readonly { readonly session: PlannedSession, readonly items: readonly EffortItem[] }[]
  readonly ledger: Readonly<Record<TrunkAction, FullSetBand & { readonly lifts: number, readonly drills: number }>>
  /** Fast repeats of the week. */
  readonly contacts: number
  /** Trunk work beside the lifts, minutes. */
  readonly minutes: number
  readonly wanting: readonly string[]
  readonly proof: Pick<PlannedWeek, 'proven' | 'bound'> & { readonly goal: number }
}

/** Enough for a page that waits. */
const BUDGET: AnnealBudget = { steps: 10_000, restarts: 3, preferenceSteps: 5_000 }
/**
 * How far into its bands a week is filled, as a part of their lower ends. A base goes beyond what is wanted and a taper
 * keeps to the lower end, so that what a week must hold does not turn the order of the phases round.
 */
const FILL: Readonly<Record<PhaseId, number>> = { offSeason: 1.4, preSeason: 1.1, inSeason: 1, taper: 1, transition: 1 }
/** Further, where that takes next to no time: on to the upper ends. */
const FURTHER = [1.25, 1.5] as const
/** Trunk work that a week of so many sessions holds at least, minutes (common practice, no source). */
const LEAST_MINUTES: Readonly<Record<PhaseId, number>> = {
  offSeason: 28, preSeason: 28, inSeason: 17, taper: 8, transition: 8,
}
const USUAL_SESSIONS = 3
/** Where no season says another. */
const USUAL_PHASE: PhaseId = 'offSeason'

/**
 * The best week that can be found for an athlete, its work counted in full sets: setting, amount and sets of every
 * drill are chosen for this trunk. A red flag leaves no week.
 *
 * @throws DomainError when a lift, a setting or a tempo cannot be reckoned.
 * @example
 * proposeByEffort({ context, trunk: { sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 }, evidence: { trials: [], sets: [] }, today: '2026-03-02', school: null, before: null }, []).sessions // => []
 */
export function proposeByEffort(
  request: EffortRequest, sessions: readonly PlannedSession[], solver?: LinearSolver,
): EffortWeek {
  const { context, before } = request
  const sport = sportOf(context.sport, context.sports)
  const phase = context.rules.block?.phase ?? USUAL_PHASE
  const targets = effortTargets({
    sport, position: context.position, sessions: sessions.length, phase, load: context.rules.block?.load ?? 1,
    trainingAgeYears: context.trainingAgeYears, weakLink: context.weakLink,
  })
  if (redFlags(context.screen.flags).length > 0) return nothing(sessions, targets)
  const means = effortMeans(request)
  const options = effortOptions(request, means, sessions.map(s => s.day))
  const { wants, dropped } = weekWants(options, sport, phase, context, sessions.length)
  const byId = new Map(options.map(option => [option.variation.id, option]))
  const planned = (fill: number) => {
    const found = planWeek(effortInstance({ context, sessions, options, targets, wants, sport, before, fill }), {
      budget: BUDGET, start: again(request, options, sessions), explained: false, ...(solver ? { solver } : {}),
    })
    const filled = sessions.map((session, turn) => {
      const woken = wakeUp(session, context, turn, means)
      const items = found.plan.filter(one => one.session === session.id)
        .map(one => asItem(one, must(byId.get(one.variation)), request, phase))
      return { session, items: inOrder([...(woken ? [asWakeUp(woken, request)] : []), ...items], context.weakLink) }
    })
    return { found, filled, sums: totals(filled, targets, request) }
  }
  // A week that meets its bands in next to no time is filled further into them.
  const enough = LEAST_MINUTES[phase] / USUAL_SESSIONS * Math.min(USUAL_SESSIONS, sessions.length)
  let { found, filled, sums } = planned(FILL[phase])
  for (const further of FURTHER) {
    if (sums.minutes >= enough) break
    ;({ found, filled, sums } = planned(FILL[phase] * further))
  }
  return {
    sessions: filled, ...sums,
    wanting: [
      ...dropped.map(droppedText),
      ...sums.minutes < enough ? [`What may be given fills ${Math.round(sums.minutes)} minutes of the week.`] : [],
      ...found.evaluation.relaxations.filter(one => one.want === 'plane').map(one => wantingText(one.of, one.by)),
    ],
    proof: { goal: found.evaluation.goal, bound: found.bound, proven: found.proven },
  }
}

function nothing(sessions: readonly PlannedSession[], targets: ReturnType<typeof effortTargets>): EffortWeek {
  return {
    sessions: sessions.map(session => ({ session, items: [] })),
    ledger: Object.fromEntries(
      TRUNK_ACTIONS.map(a => [a, { ...targets[a], lifts: 0, drills: 0 }]),
    ) as EffortWeek['ledger'],
    contacts: 0, minutes: 0, wanting: ['A red flag: refer first, no programme.'],
    proof: { goal: 0, bound: 0, proven: true },
  }
}

/** Where the search begins: last week on the same days. */
function again(
  { before }: EffortRequest, options: readonly EffortOption[], sessions: readonly PlannedSession[],
): PlannerItem[] {
  const last = (day: number): readonly TrunkItem[] => before?.sessions.find(s => s.day === day)?.items ?? []
  return sessions.flatMap(session => last(session.day).flatMap((item) => {
    const option = options.find(one => one.variation.id === item.variationId)
    if (!option || item.slot === 'activation' || !option.sets.includes(item.dose.sets)) return []
    const lift = session.lifts.find(one => one.id === item.pairedWith)
    const slot = item.pairedWith === null ? item.slot : lift ? `${item.slot}:${lift.id}` : 'after'
    return [{ variation: item.variationId, session: session.id, slot, sets: item.dose.sets }]
  }))
}

function asItem(
  { variation, session, slot, sets }: PlannerItem, option: EffortOption, { context }: EffortRequest, phase: PhaseId,
): EffortItem {
  const { effort, setting } = option
  return {
    item: {
      id: `${session}/${variation}`, variationId: variation, dose: doseOf(option, sets), ...placeOf(slot),
      extraSetSide: null, setting, why: effortReason(option, context, phase),
    },
    kind: must(workKind(option.variation)), effort,
    fullSets: Object.fromEntries(Object.entries(effort.fullSets).map(([a, worth]) => [a, worth * sets])),
  }
}

function asWakeUp(item: TrunkItem, { context }: EffortRequest): EffortItem {
  const { kind } = must(context.screen.catalogue.find(item.variationId))
  return { item, kind: kind === 'mobility' ? 'mobility' : 'activation', effort: null, fullSets: {} }
}

/** Waking up first, then what is fast and fresh, then the weak link, then the rest as it was found. */
function inOrder(items: readonly EffortItem[], weakLink: TrunkAction | null): EffortItem[] {
  const rank = ({ kind, fullSets }: EffortItem): number => {
    if (kind === 'activation' || kind === 'mobility') return 0
    if (kind === 'fast') return 1
    return weakLink !== null && mostServed(fullSets) === weakLink ? 2 : 3
  }
  return items.map((one, at) => ({ one, at })).sort((a, b) => rank(a.one) - rank(b.one) || a.at - b.at)
    .map(({ one }) => one)
}

function totals(
  filled: EffortWeek['sessions'], targets: ReturnType<typeof effortTargets>, { context }: EffortRequest,
): Pick<EffortWeek, 'ledger' | 'contacts' | 'minutes'> {
  const [lifts, drills] = [perAction(0), perAction(0)]
  let [contacts, seconds] = [0, 0]
  for (const { session, items } of filled) {
    for (const lift of session.lifts) {
      const full = liftFullSets(lift)
      for (const action of TRUNK_ACTIONS) lifts[action] += full[action]
    }
    for (const { item, kind, fullSets } of items) {
      const { sides } = must(context.screen.catalogue.find(item.variationId))
      for (const action of TRUNK_ACTIONS) drills[action] += fullSets[action] ?? 0
      if (kind === 'fast') contacts += item.dose.sets * item.dose.amount * (sides === 'each' ? 2 : 1)
      // In the rests of a lift half of the time is the lift's own.
      seconds += doseSessionS(item.dose, sides, null) * (item.pairedWith === null ? 1 : 0.5)
    }
  }
  return {
    contacts, minutes: seconds / 60,
    ledger: Object.fromEntries(TRUNK_ACTIONS.map(a =>
      [a, { ...targets[a], lifts: lifts[a], drills: drills[a] }])) as unknown as EffortWeek['ledger'],
  }
}
