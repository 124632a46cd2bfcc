import { computed, ref } from 'vue'
import { intervalPhases, type PhaseSet } from '~~/core/timer'
import { circuitItems, intervalOf, itemOfSet, optionsAt, optionTaken } from '~~/shared/intervalOf'
import { placeOfSet } from '~~/shared/sameSet'
import type { DrillOption, PrescribedItem, PrescribedSession } from '~~/shared/types'
import type { Runner } from '../useRunner'

export const keyOfSet = ({ id, side, setNumber }: PhaseSet): string =>
  placeOfSet({ prescribedItemId: id, side, setNumber })

/** The circuit that is next in a session, its phases from where it was left, and the options that are taken in it. */
export function useCircuitPhases(session: () => PrescribedSession | null, runner: Runner) {
  /** The circuit that the clock is in: its last set is logged before its cool-down is over. */
  const running = ref<string | null>(null)
  const doneBefore = ref<ReadonlySet<string>>(new Set())
  const taken = ref<Readonly<Record<string, string>>>({})

  const circuit = computed(() => session()?.circuits?.find(({ id }) =>
    id === (running.value ?? runner.current.value?.item.circuit)) ?? null)
  const items = computed(() => (circuit.value ? circuitItems(session()!, circuit.value) : []))
  const phases = computed(() => {
    if (!circuit.value) return []
    const done = running.value ? doneBefore.value : runner.done.value
    return intervalPhases(intervalOf(session()!, circuit.value, taken.value), {
      isDone: set => done.has(keyOfSet(set)), out: runner.stopped.value,
    })
  })

  /** From here on the phases stay as they are, whatever is logged. */
  function begin(): void {
    doneBefore.value = runner.done.value
    running.value = circuit.value?.id ?? null
  }
  function end(): void {
    running.value = null
  }

  const itemOf = (set: PhaseSet | null): PrescribedItem | null => {
    const now = session()
    return set && now ? itemOfSet(now, set) : null
  }
  const optionOf = (set: PhaseSet | null): DrillOption | null => {
    const item = itemOf(set)
    return item && set ? optionTaken(item, set.setNumber, taken.value) : null
  }
  const optionsOf = (set: PhaseSet | null): readonly DrillOption[] => {
    const item = itemOf(set)
    return item && set ? optionsAt(item, set.setNumber) : []
  }
  function choose(set: PhaseSet | null, variationId: string): void {
    if (set) taken.value = { ...taken.value, [set.id]: variationId }
  }

  return { circuit, items, phases, running, begin, end, itemOf, optionOf, optionsOf, choose }
}

export type CircuitPhases = ReturnType<typeof useCircuitPhases>
