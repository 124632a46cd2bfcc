import { computed, type ComputedRef, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import { placeOfSet, setKey } from '~~/shared/sameSet'
import type { SetLogInput } from '~~/shared/types'
import type { LoggedStep, SetOutcome, Step } from './runSteps'

/** What a person told of a set, without what the server has added to it. */
const toldOf = ({
  id, prescribedItemId, day, performedAt, setNumber, side, amount, breakPoint, setting, feltAt, effort, painAt, note,
  quality,
}: SetLogInput): SetLogInput => ({
  id, prescribedItemId, day, performedAt, setNumber, side, amount, breakPoint, setting, feltAt, effort, painAt, note,
  ...quality === undefined ? {} : { quality },
})

/** The set that was logged last in this visit (sent), as it counts now (logs): it can be put right. */
export function useLastSet(
  sent: Ref<SetLogInput[]>, logs: ComputedRef<readonly SetLogInput[]>, steps: ComputedRef<readonly Step[]>,
  send: (log: SetLogInput) => void,
) {
  const last = computed((): LoggedStep | null => {
    const place = sent.value.at(-1)
    const log = place && logs.value.find(one => setKey(one) === setKey(place))
    const step = log && steps.value.find(({ key }) => key === placeOfSet(log))
    return log && step ? { log, step } : null
  })

  /** What was not said of it, or otherwise, is said now. */
  function putRight(outcome: Partial<SetOutcome>): void {
    if (!last.value) return
    const { log: { variationId }, step } = last.value
    const before = toldOf(last.value.log)
    const option = step.item.options && variationId !== undefined ? { variationId } : {}
    const entry: SetLogInput = { ...before, ...option, ...outcome, id: newKey(), corrects: before.id }
    sent.value = [...sent.value, entry]
    send(entry)
  }

  return { last, putRight }
}
