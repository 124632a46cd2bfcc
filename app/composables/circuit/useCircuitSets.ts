import { ref, type ComputedRef } from 'vue'
import type { BodyPlace, BreakPoint } from '~~/core/assessment'
import { setsEnded, type PhaseSet, type TimerPlace } from '~~/core/timer'
import type { SetOutcome } from '../runSteps'
import type { Runner } from '../useRunner'
import { keyOfSet, type CircuitPhases } from './useCircuitPhases'

/** A set that was stopped before its end, until somebody says what ended it. */
interface Early {
  readonly set: PhaseSet
  readonly amount: number
}

/**
 * The sets of a circuit as its clock (place, seconds gone) goes over them: each is logged as it comes to its end, whole
 * unless it was stopped before.
 */
export function useCircuitSets(
  { phases, itemOf, optionOf }: CircuitPhases, runner: Runner, place: ComputedRef<TimerPlace | null>,
  goneS: ComputedRef<number>,
) {
  const early = ref<Early | null>(null)
  const hurts = ref<PhaseSet | null>(null)
  let lookedS = 0
  const isEarly = (set: PhaseSet): boolean => early.value !== null && keyOfSet(early.value.set) === keyOfSet(set)
  const begin = (): void => { lookedS = 0 }

  /** Logs what came to its end by a second of the clock. What nobody said an end of ended by itself. */
  function take(byS: number): void {
    if (byS < lookedS) return
    for (const ended of setsEnded(phases.value, lookedS, byS)) {
      if (isEarly(ended)) continue
      said('none')
      log(ended, null)
    }
    lookedS = byS
  }

  function log(set: PhaseSet, seconds: number | null, breakPoint: BreakPoint = 'none', painAt?: BodyPlace): void {
    const item = itemOf(set)
    const option = optionOf(set)
    if (!item || !option) return
    const outcome: SetOutcome = {
      amount: seconds ?? item.dose.amount, breakPoint, feltAt: [], effort: null, painAt: painAt ?? null, note: '',
      setting: option.variationId === item.variationId ? item.setting : {},
      ...item.options ? { variationId: option.variationId } : {},
    }
    runner.logSet(set, outcome)
  }

  /** Form broke, or enough: this set is over, the clock goes on. One that nobody said an end of is over too. */
  function stopSet(): void {
    const phase = place.value?.phase
    if (!phase?.set || isEarly(phase.set)) return
    said('none')
    early.value = { set: phase.set, amount: Math.floor(goneS.value - phase.from) }
  }
  function said(breakPoint: BreakPoint): void {
    if (early.value) log(early.value.set, early.value.amount, breakPoint)
    early.value = null
  }

  /** Pain: the drill of this set, of the one just done, or of the first one, is over for the day. */
  function hurt(): void {
    const now = place.value?.index ?? 0
    hurts.value = early.value?.set ?? phases.value.slice(0, now + 1).findLast(phase => phase.set)?.set
      ?? phases.value.find(phase => phase.set)?.set ?? null
  }
  /** A tap that was none. */
  function notHurt(): void {
    hurts.value = null
  }
  function hurtAt(painAt: BodyPlace): void {
    const ended = hurts.value
    hurts.value = null
    if (!ended) return
    const phase = place.value?.phase
    const isNow = phase?.set !== undefined && keyOfSet(phase.set) === keyOfSet(ended)
    const seconds = isEarly(ended) ? early.value!.amount : isNow ? Math.floor(goneS.value - phase.from) : 0
    early.value = null
    if (runner.done.value.has(keyOfSet(ended))) runner.putRight({ breakPoint: 'pain', painAt })
    else log(ended, seconds, 'pain', painAt)
  }

  return { early, hurts, begin, take, stopSet, said, hurt, hurtAt, notHurt }
}
