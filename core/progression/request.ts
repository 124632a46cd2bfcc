import type { DrillSession, Prescribed, SetLog, Trial } from '../assessment'
import type { IsoDay } from '../calendar'
import type { Variation } from '../catalogue'
import { must } from '../errors'
import type { PlanningContext } from '../programme'
import type { SeasonAround } from '../rules'
import type { Decision, DecisionKind, Dot } from './decision'

/** Everything that decisions on one athlete rest on. */
export interface DecideRequest {
  /** The athlete in the week that the decisions are for. */
  readonly context: PlanningContext
  readonly prescribed: readonly Prescribed[]
  readonly logs: readonly SetLog[]
  /** Tests speak for a gate as sets do. */
  readonly trials?: readonly Trial[]
  readonly season: SeasonAround
  /** What a coach decided otherwise before, newest first. */
  readonly overruled?: readonly Overruled[]
}

/** A decision that a coach took another way. */
export interface Overruled {
  readonly variationId: string
  readonly day: IsoDay
  readonly kind: DecisionKind
  readonly took: DecisionKind
  readonly reason: string
}

/** Sessions that are shown as evidence. */
const SHOWN = 6

/** What every decision shows of its drill. */
export const basis = (
  variation: Variation, sessions: readonly DrillSession[],
): Pick<Decision, 'branch' | 'variationId' | 'gateAmount' | 'evidence'> => ({
  branch: variation.branch, variationId: variation.id, gateAmount: variation.gate.amount,
  evidence: sessions.slice(-SHOWN).map((session): Dot => ({
    day: session.day, amount: session.least, planned: session.planned, broke: session.broke, hurt: session.hurt,
    hurtAt: session.sets.find(set => set.painAt !== null)?.painAt ?? null, effort: session.effort,
    setting: must(session.sets[0]).setting,
  })),
})
