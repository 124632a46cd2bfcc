import { must } from '../errors'
import { addDays, daysBetween, mondayOf, type IsoDay } from '../calendar'
import type { SeasonPlan } from './instance'
import type { PhaseOpening, SeasonShape } from './shape'

/** What an athlete brings to the opening of a phase. */
export interface OpeningState {
  readonly braceStep: number
  /** Share, 0-1, of planned sets done, by Monday of the week; a week without plan is not there. */
  readonly doneByWeek: Readonly<Record<IsoDay, number>>
}

/** Below this share of its sets a week counts as missed and is done again (common practice, no source). */
export const MISSED_SHARE = 0.5

/** The next phase, and what keeps it shut. */
export interface ShutPhase {
  /** Number of the phase that waits. */
  readonly phase: number
  /** First week it is open in. */
  readonly opens: number
  readonly reasons: readonly string[]
}

/**
 * Whether the next phase may open when it is planned to. Weeks of the present phase that were missed come again; what
 * is not there yet holds the phase shut until the week after the present one. Null: nothing stands against it.
 *
 * @param today a day of the season
 * @example
 * shutPhase({ startsOn: '2026-03-02', weeks: 1, weekdays: [], hardDays: [], deloadEvery: 0, phases: [] }, { days: [], phases: [0], loads: ['usual'] }, { braceStep: 1, doneByWeek: {} }, '2026-03-02') // => null
 */
export function shutPhase(shape: SeasonShape, plan: SeasonPlan, state: OpeningState, today: IsoDay): ShutPhase | null {
  const now = Math.floor(daysBetween(shape.startsOn, mondayOf(today)) / 7)
  if (now < 0 || now >= plan.phases.length) return null
  const index = must(plan.phases[now])
  const planned = plan.phases.indexOf(index + 1)
  if (planned < 0) return null
  const first = plan.phases.indexOf(index)
  const reasons: string[] = []
  const missed = Array.from({ length: now - first }, (_, i) => first + i).filter(week =>
    (state.doneByWeek[addDays(shape.startsOn, 7 * week)] ?? 1) < MISSED_SHARE
  )
  if (missed.length > 0)
    reasons.push(
      `${missed.length === 1 ? 'A week was' : `${missed.length} weeks were`} missed and ${
        missed.length === 1 ? 'comes' : 'come'
      } again.`,
    )
  const shut = shutBy(must(shape.phases[index]).opening, state, addDays(shape.startsOn, 7 * now))
  // It is said when the phase is about to open, not months ahead.
  const closed = planned === now + 1 ? shut : []
  const opens = Math.min(shape.weeks, Math.max(planned + missed.length, closed.length > 0 ? now + 2 : 0))
  return opens > planned ? { phase: index + 1, opens, reasons: [...reasons, ...closed] } : null
}

function shutBy({ braceStep, done }: PhaseOpening, state: OpeningState, monday: IsoDay): string[] {
  const before = [-7, -14].flatMap(
    days => state.doneByWeek[addDays(monday, days)] ?? [],
  )
  const share = before.reduce((sum, s) => sum + s, 0) / before.length
  return [
    ...(braceStep !== null && state.braceStep < braceStep
      ? [`Brace step ${state.braceStep}; it asks for ${braceStep}.`]
      : []),
    ...(done !== null && before.length > 0 && share < done
      ? [`${Math.round(share * 100)} % of the sets of two weeks done; it asks for ${Math.round(done * 100)} %.`]
      : []),
  ]
}
