import { computed, ref } from 'vue'
import type { SetLogInput } from '~~/shared/types'
import { blockOf, type Waiting } from './floorView'
import type { useFloorBoard } from './useFloorBoard'

/** Ticks past its planned end after which a block waits for a word. */
const OVERRUN_TICKS = 2

/** What waits for the coach on (a board, with the sets logged): pain, and blocks that go on past their end. */
export function useFloorWaiting(board: ReturnType<typeof useFloorBoard>, logs: () => readonly SetLogInput[]) {
  const { store, clock, blocks, running, nameOf, drillOf, happened } = board
  const leftAlone = ref<ReadonlySet<string>>(new Set())
  function leave(key: string): void {
    leftAlone.value = new Set([...leftAlone.value, key])
  }

  const pains = computed(() => logs().filter(log => log.breakPoint === 'pain').map((log): Waiting => {
    const run = store.day?.runs.find(one => one.session?.items.some(item => item.id === log.prescribedItemId))
    const key = `pain/${log.id}`
    return {
      key, who: run?.athleteName ?? '', text: `has pain at the ${drillOf(log.prescribedItemId)}: it is over for today`,
      action: 'I looked', act: () => leave(key),
    }
  }))
  const overruns = computed(() => (running.value ? blocks.value : []).filter(one =>
    !one.done && one.end + OVERRUN_TICKS <= clock.tick.value && blockOf(blocks.value, one.athleteId) === one
  ).map((one): Waiting => ({
    key: `late/${one.id}/${one.end}`, who: nameOf(one.athleteId), text: `is still at the ${one.what.toLowerCase()}`,
    action: 'Plan the rest anew', act: () => void happened([
      { kind: 'takes', block: one.id, ticks: Math.ceil(clock.tick.value) - one.start + OVERRUN_TICKS },
    ]),
  })))
  const waiting = computed(() => [...pains.value, ...overruns.value].filter(one => !leftAlone.value.has(one.key)))

  return { waiting, leave }
}
