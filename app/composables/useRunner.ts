import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import { expandSets, type SetSlot } from '~~/core/dose'
import type { SettingValues } from '~~/core/catalogue'
import { nextSet, type NextSet } from '~~/core/progression'
import { isCluster, type PhaseSet } from '~~/core/timer'
import { placeOfSet, settleSets } from '~~/shared/sameSet'
import type { SessionRun, SetLogInput } from '~~/shared/types'
import type { SetOutcome, Step } from './runSteps'
import { useLastSet } from './useLastSet'

export type { SetOutcome, Step } from './runSteps'

/** A set that is asked for now: its item with the amount that the sets before it leave, and why it is another. */
export interface CurrentStep extends Step {
  readonly why: string
}

const keyOf = (prescribedItemId: string, side: SetSlot['side'], setNumber: number): string =>
  placeOfSet({ prescribedItemId, side, setNumber })

/** A step as the sets before it on the same side leave it, by the declared rules of the next set. */
function afterSets(step: Step, logs: readonly SetLogInput[]): CurrentStep {
  const { item: { dose } } = step
  const before = logs.filter(log => log.prescribedItemId === step.item.id && log.side === step.side
    && log.setNumber < step.setNumber).sort((a, b) => a.setNumber - b.setNumber)
  const { amount, why } = before.reduce<NextSet>(
    (asked, { amount: done, breakPoint, effort }) =>
      nextSet({ unit: dose.unit, asked: asked.amount, done, broke: breakPoint !== 'none', effort }),
    { amount: dose.amount, why: '' },
  )
  return { ...step, item: { ...step.item, dose: { ...dose, amount } }, why }
}

const entryOf = ({ item, setNumber, side }: Step, outcome: SetOutcome, day: string): SetLogInput => ({
  ...outcome, id: newKey(), prescribedItemId: item.id, day, performedAt: new Date().toISOString(), setNumber, side,
})

/** Steps through a session of (run, sets still waiting to be sent): what is next, what is done, what was stopped. */
export function useRunner(
  run: ComputedRef<SessionRun>, waiting: Ref<readonly SetLogInput[]>, send: (log: SetLogInput) => void,
) {
  const skipped = ref<ReadonlySet<string>>(new Set())
  const restS = ref(0)

  const steps = computed((): Step[] => (run.value.session?.items ?? []).filter(item => !item.stopped).flatMap(item =>
    expandSets(item.dose, item.sides, item.extraSetSide)
      .map(slot => ({ ...slot, item, key: keyOf(item.id, slot.side, slot.setNumber) }))))
  /** Sets logged in this visit: the page does not ask the server again after each one. */
  const sent = ref<SetLogInput[]>([])
  const logs = computed(() => {
    const ids = new Set(steps.value.map(step => step.item.id))
    const here = waiting.value.filter(log => !sent.value.some(({ id }) => id === log.id))
    return settleSets([...run.value.logs, ...here, ...sent.value]).filter(log => ids.has(log.prescribedItemId))
  })
  const done = computed(() => new Set(logs.value.map(log => keyOf(log.prescribedItemId, log.side, log.setNumber))))
  /** Pain ends a drill for the day. */
  const stopped = computed(() =>
    new Set(logs.value.filter(log => log.breakPoint === 'pain').map(log => log.prescribedItemId))
  )
  const current = computed((): CurrentStep | null => {
    const step = steps.value.find(({ key, item }) =>
      !done.value.has(key) && !stopped.value.has(item.id) && !skipped.value.has(item.id))
    return step ? afterSets(step, logs.value) : null
  })
  /** The setting of the last set of this drill: most sets are done with the same one. */
  const lastSetting = computed((): SettingValues =>
    logs.value.filter(log => log.prescribedItemId === current.value?.item.id).at(-1)?.setting
    ?? current.value?.item.setting ?? {})

  const { last, putRight } = useLastSet(sent, logs, steps, send)

  /** Sets of a cluster of short holds that run through from here, the present one first. */
  const inOneGo = computed((): readonly SetSlot[] => {
    const step = current.value
    if (!step || !isCluster(step.item.dose) || step.why !== '') return []
    return steps.value.filter(one => one.item.id === step.item.id && !done.value.has(one.key))
  })

  /** Logs the present set; of a cluster after as many whole ones as came before it. */
  function log(outcome: SetOutcome, whole = 0): void {
    for (let i = 0; i < whole; i++) logOne({
      amount: current.value?.item.dose.amount ?? 0, breakPoint: 'none', setting: outcome.setting, feltAt: [],
      effort: null, painAt: null, note: '',
    })
    logOne(outcome)
  }

  function logOne(outcome: SetOutcome): void {
    const step = current.value
    if (!step) return
    logStep(step, outcome)
    restS.value = step.restAfter && outcome.breakPoint !== 'pain' ? step.item.dose.restS : 0
  }

  /** Logs a set out of its turn, by the clock of a circuit; one that is logged already stays. */
  function logSet({ id, side, setNumber }: PhaseSet, outcome: SetOutcome): void {
    const step = steps.value.find(({ key }) => key === keyOf(id, side, setNumber))
    if (step && !done.value.has(step.key) && !stopped.value.has(id)) logStep(step, outcome)
  }

  function logStep(step: Step, outcome: SetOutcome): void {
    const entry = entryOf(step, outcome, run.value.day)
    sent.value = [...sent.value, entry]
    send(entry)
  }

  /** Leaves drills out in this visit; the present one where none are named. */
  function skipDrill(ids: readonly string[] = current.value ? [current.value.item.id] : []): void {
    skipped.value = new Set([...skipped.value, ...ids])
    restS.value = 0
  }

  return { steps, logs, done, stopped, current, last, inOneGo, lastSetting, restS, log, logSet, putRight, skipDrill }
}

export type Runner = ReturnType<typeof useRunner>
