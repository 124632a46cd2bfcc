import { drillSessions, place, type SetLog } from '../assessment'
import { addDays, type IsoDay } from '../calendar'
import { kindOf, neighboursOf, ownUnit, type Variation } from '../catalogue'
import { must } from '../errors'
import type { PlanningContext } from '../programme'
import type { Given } from '../prescription'
import {
  closedUntil, closedWindow, formLost, gateShown, roomForMore, type ProgressAsked, type SeasonAround,
} from '../rules'
import { isAdmissible, removals } from '../screening'
import { confidenceOf } from './confidence'
import type { Decision, DecisionKind, OtherWay, Step } from './decision'
import { basis, type DecideRequest } from './request'
import { stopped } from './stopped'
import { anotherSet, asStep, givenLast, isSameStep, moreOf, rungUp, shorter, stepBack } from './steps'

/** What was done so many days ago or less is decided on; unlogged weeks decide nothing (common practice, no source). */
const LATELY_DAYS = 14

/**
 * One decision for each branch on which something was done of late: up, more, stay, down, another drill, or to be seen.
 * The gravest first; the same evidence always gives the same decisions.
 *
 * @throws DomainError `tempo` when one cannot be read.
 * @example
 * decide({ context, prescribed: [], logs: [], season: { today: '2026-03-02', phase: null, phaseEndsOn: null, competitions: [] } }) // => []
 */
export function decide(request: DecideRequest): Decision[] {
  const { context: { screen: { catalogue } }, logs, season: { today } } = request
  const lately = logs.filter(log => log.day <= today && log.day > addDays(today, -LATELY_DAYS))
  const done = [...new Set(lately.map(log => log.variationId))].flatMap(id => catalogue.find(id) ?? [])
  const branches = [...new Set(done.map(variation => variation.branch))].sort()
  const waking = new Set(request.prescribed.filter(item => item.wakes).map(item => item.itemId))
  // What wakes up decides nothing, nor do stations of a circuit that are counted in what no gate is.
  const isEvidence = (log: SetLog): boolean => {
    const variation = catalogue.find(log.variationId)
    return !waking.has(log.prescribedItemId) && variation !== undefined && log.unit === ownUnit(variation)
  }
  const work = { ...request, logs: logs.filter(isEvidence) }
  const worked = lately.filter(isEvidence)
  const decisions = branches.flatMap((branch) => {
    const own = done.filter(variation => variation.branch === branch)
    const given = own.filter(variation => worked.some(log => log.variationId === variation.id))
    return stopped(own, request) ?? (given.length > 0 ? decided(latest(given, worked), work) : [])
  })
  return decisions.sort((a, b) => GRAVITY[a.kind] - GRAVITY[b.kind])
}

const GRAVITY: Readonly<Record<DecisionKind, number>> = { refer: 0, swap: 1, down: 2, up: 3, more: 4, stay: 5 }

/** The drill of a branch that was done last; of several the highest. */
function latest(drills: readonly Variation[], logs: readonly SetLog[]): Variation {
  const lastDay = ({ id }: Variation): IsoDay =>
    must(logs.filter(log => log.variationId === id).map(log => log.day).sort().at(-1))
  return must(
    [...drills].sort((a, b) => lastDay(b).localeCompare(lastDay(a)) || b.rung - a.rung || a.id.localeCompare(b.id))[0],
  )
}

/** What differs from decision to decision. */
type Verdict = Pick<Decision, 'kind' | 'why' | 'to' | 'others'> & { readonly waits?: Decision['waits'] }

/** What is decided of a drill that may be given; nothing of one that is no work. */
function decided(variation: Variation, request: DecideRequest): Decision[] {
  if (kindOf(variation) !== 'work') return []
  const { context, prescribed, logs, season } = request
  const sessions = drillSessions(variation.id, prescribed, logs.filter(log => log.day <= season.today))
  const last = givenLast(sessions, prescribed)
  const from = asStep(variation, last, context)
  const asked: Asked = {
    variation, sessions, last, massKg: context.screen.massKg ?? null, shorter: shorter(variation, last, context),
  }
  const verdict = down(asked, request) ?? upOrMore(asked, request)
  return [{
    ...basis(variation, sessions), from, waits: null,
    ...confidenceOf(variation, sessions, request), ...verdict,
  }]
}

interface Asked extends ProgressAsked {
  readonly last: Given
  readonly shorter: Step | null
}

function down(asked: Asked, request: DecideRequest): Verdict | null {
  const why = formLost.breaks(asked)
  if (why.length === 0) return null
  const { variation, sessions, last } = asked
  const to = stepBack(variation, sessions, last, cameFrom(variation, request), request.context)
  return {
    kind: 'down', why, to,
    others: [
      ...otherWay('down', 'shorter sets', asked.shorter, to), { kind: 'stay', text: 'stay, I saw it', to: null },
    ],
  }
}

function upOrMore(asked: Asked, request: DecideRequest): Verdict {
  const { variation, last } = asked
  const { context, season } = request
  const against = roomForMore.breaks(asked)
  const stands = variation.rung >= (context.screen.rungs[variation.branch] ?? 1)
  const gate = stands ? gateShown.breaks(asked) : ['The athlete stands higher on this branch.']
  const tested = stands && gate.length > 0 ? testedPast(variation, request) : []
  const ahead = tested.length > 0 ? [] : gate
  const above = against.length === 0 && ahead.length === 0 ? upFrom(variation, context) : { to: null, why: ahead }
  const byAmount = moreOf(variation, last, 'amount', context)
  const byLoad = moreOf(variation, last, 'load', context)
  if (above.to) {
    return {
      kind: 'up', to: above.to, waits: waitsFor(season), why: tested.length > 0 ? tested : ['The gate is met, clean.'],
      others: [...otherWay('more', 'more load first', byLoad, null), STAY],
    }
  }
  const more = byAmount ?? anotherSet(variation, last, context)
  if (against.length === 0 && more) {
    return {
      kind: 'more', to: more, why: ['Clean, as long as planned, and room to the limit.'],
      others: [...otherWay('more', 'more load instead', byLoad, more), STAY],
    }
  }
  return {
    kind: 'stay', to: null,
    why: [...against, ...against.length === 0 ? ['It goes as far as a set is to go.'] : [], ...above.why],
    others: otherWay('down', 'shorter sets', asked.shorter, null),
  }
}

/** The tests that speak for more than the drill's gate, in words; empty where none does. */
function testedPast(
  { branch, rung }: Variation, { context: { screen }, trials = [], season: { today } }: DecideRequest,
): readonly string[] {
  const ladder = screen.catalogue.branch(branch)
  const placed = ladder && place(ladder, screen, trials, [], today)
  return placed && placed.rung > rung ? placed.evidence : []
}

const STAY: OtherWay = { kind: 'stay', text: 'stay one more week', to: null }

/** Another step, where there is one and it is not the one that is proposed. */
function otherWay(kind: DecisionKind, text: string, step: Step | null, proposed: Step | null): OtherWay[] {
  return step && !(proposed && isSameStep(step, proposed)) ? [{ kind, text, to: step }] : []
}

/** The rung above, or why there is none for this athlete now. */
function upFrom(
  variation: Variation, context: PlanningContext,
): { readonly to: Step | null, readonly why: readonly string[] } {
  const { screen } = context
  const { harder } = neighboursOf(variation, screen.catalogue)
  if (!harder) return { to: null, why: ['The top of its branch.'] }
  const barred = removals(harder, { ...screen, rungs: { ...screen.rungs, [harder.branch]: harder.rung } })
  if (barred.length > 0) return { to: null, why: barred.map(({ text }) => `${harder.name}: ${text}`) }
  const to = rungUp(variation, context)
  return { to, why: to ? [] : [`${harder.name} would go past where a set is to land.`] }
}

function waitsFor(season: SeasonAround): Decision['waits'] {
  const [why] = closedWindow.breaks(season)
  return why === undefined ? null : { until: closedUntil(season)?.until ?? null, why }
}

/** The rung below, where it was done before this one was begun and may still be given. */
function cameFrom(variation: Variation, { context, logs }: DecideRequest): Variation | null {
  const { easier } = neighboursOf(variation, context.screen.catalogue)
  return easier && isAdmissible(easier, context.screen) && logs.some(log => log.variationId === easier.id)
    ? easier
    : null
}
