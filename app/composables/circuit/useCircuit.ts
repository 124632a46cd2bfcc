import { computed, watch } from 'vue'
import type { PhaseSet } from '~~/core/timer'
import type { PrescribedSession } from '~~/shared/types'
import type { Runner } from '../useRunner'
import { useTimer } from '../useTimer'
import { useCircuitPhases } from './useCircuitPhases'
import { useCircuitSets } from './useCircuitSets'

/** The circuit that is next in a session, gone through by one clock. */
export function useCircuit(session: () => PrescribedSession | null, runner: Runner) {
  const way = useCircuitPhases(session, runner)
  const { circuit, items, phases } = way
  const timer = useTimer(() => phases.value)
  const { place, goneS, hold } = timer
  const sets = useCircuitSets(way, runner, place, goneS)
  const { early, hurts, stopSet, said, hurtAt, notHurt } = sets

  /** The set of the phase, or of the next one that has a set. */
  const set = computed((): PhaseSet | null =>
    phases.value.slice(place.value?.index ?? 0).find(phase => phase.set)?.set ?? null)
  const item = computed(() => way.itemOf(set.value))
  const option = computed(() => way.optionOf(set.value))
  const options = computed(() => way.optionsOf(set.value))
  const next = computed(() => phases.value.slice((place.value?.index ?? 0) + 1).find(({ kind }) => kind === 'work'))
  const choose = (variationId: string): void => way.choose(set.value, variationId)

  watch(goneS, (now) => {
    if (way.running.value === null) return
    sets.take(now)
    if (place.value?.over) finish()
  })

  function start(): void {
    way.begin()
    sets.begin()
    timer.start()
  }
  /** Ends the clock: by itself after the last phase, or before that, to be gone on with. */
  function finish(): void {
    sets.take(timer.end())
    said('none')
    way.end()
  }
  /** Pain stands the clock still. */
  function hurt(): void {
    sets.hurt()
    hold(true)
  }
  function leave(): void {
    finish()
    runner.skipDrill(items.value.map(({ id }) => id))
  }

  return {
    circuit, items, timer, set, item, option, options, next, early, hurts, start, finish, stopSet, said, hurt, hurtAt,
    notHurt, leave, choose,
  }
}
