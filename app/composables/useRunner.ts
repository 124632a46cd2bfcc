import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import { expandSets, type SetSlot } from '~~/core/dose'
import type { SettingValues } from '~~/core/catalogue'
import type { PrescribedItem, SessionRun, SetLogInput } from '~~/shared/types'

/** What one set came to, as the athlete enters it. */
export type SetOutcome = Pick<
  SetLogInput,
  'amount' | 'breakPoint' | 'setting' | 'feltAt' | 'effort' | 'painAt' | 'note'
>

export interface Step extends SetSlot {
  readonly item: PrescribedItem
  readonly key: string
}

const keyOf = (itemId: string, side: SetSlot['side'], setNumber: number): string =>
  `${itemId}/${side ?? 'both'}/${setNumber}`

/** Steps through a session of (run, sets still waiting to be sent): what is next, what is done, what was stopped. */
export function useRunner(
  run: ComputedRef<SessionRun>, waiting: Ref<readonly SetLogInput[]>, send: (log: SetLogInput) => void,
) {
  const skipped = ref<ReadonlySet<string>>(new Set())
  const restS = ref(0)

  const steps = computed((): Step[] => (run.value.session?.items ?? []).filter(item => !item.stopped).flatMap(item =>
    expandSets(item.dose, item.sides, item.extraSetSide)
      .map(slot => ({ ...slot, item, key: keyOf(item.id, slot.side, slot.setNumber) }))))
  const logs = computed(() => {
    const ids = new Set(steps.value.map(step => step.item.id))
    const stored = new Set(run.value.logs.map(log => log.id))
    return [...run.value.logs, ...sent.value.filter(log => !stored.has(log.id)),
      ...waiting.value.filter(log => !stored.has(log.id) && !sent.value.some(s => s.id === log.id))]
      .filter(log => ids.has(log.prescribedItemId))
  })
  /** Sets logged in this visit: the page does not ask the server again after each one. */
  const sent = ref<SetLogInput[]>([])
  const done = computed(() => new Set(logs.value.map(log => keyOf(log.prescribedItemId, log.side, log.setNumber))))
  /** Pain ends a drill for the day. */
  const stopped = computed(() =>
    new Set(logs.value.filter(log => log.breakPoint === 'pain').map(log => log.prescribedItemId))
  )
  const current = computed(() =>
    steps.value.find(step =>
      !done.value.has(step.key) && !stopped.value.has(step.item.id) && !skipped.value.has(step.item.id)
    ) ?? null
  )
  /** The setting of the last set of this drill: most sets are done with the same one. */
  const lastSetting = computed((): SettingValues => {
    const itemId = current.value?.item.id
    return logs.value.filter(log => log.prescribedItemId === itemId).at(-1)?.setting ?? current.value?.item.setting
      ?? {}
  })

  function log(outcome: SetOutcome): void {
    const step = current.value
    if (!step) return
    const entry: SetLogInput = {
      ...outcome, id: newKey(), prescribedItemId: step.item.id, day: run.value.day,
      performedAt: new Date().toISOString(), setNumber: step.setNumber, side: step.side,
    }
    sent.value = [...sent.value, entry]
    restS.value = step.restAfter && outcome.breakPoint !== 'pain' ? step.item.dose.restS : 0
    send(entry)
  }

  function skipDrill(): void {
    if (current.value) skipped.value = new Set([...skipped.value, current.value.item.id])
    restS.value = 0
  }

  return { steps, logs, done, stopped, current, lastSetting, restS, log, skipDrill }
}
