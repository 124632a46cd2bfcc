import { computed, reactive } from 'vue'
import { expandSets } from '~~/core/dose'
import type { Catalogue } from '~~/core/catalogue'
import type { FloorEvent } from '~~/core/floor'
import { messageOf } from '~~/shared/errors'
import { floorRoom, type FloorWays, type RunningFloor } from '~~/shared/floorRoom'
import type { SetLogInput } from '~~/shared/types'
import { useFloorStore } from '~/stores/floor'
import { useTold } from '../useTold'
import { boardBlocks, lanesOf, type BoardBlock } from './floorView'
import { useFloorClock } from './useFloorClock'

/** Milliseconds within which a device learns that another has gone on with the floor. */
const LOOK_MS = 4000
const USUAL: FloorWays = { coachAtOnce: 3, order: 'strict' }

/** A squad's floor: planned, started, mended while it runs; its blocks with what is done of them. */
export function useFloorBoard(catalogue: () => Catalogue, logs: () => readonly SetLogInput[]) {
  const store = useFloorStore()
  const clock = useFloorClock(() => store.floor)
  const attempt = reactive({ busy: false, problem: '', said: '' })

  const names = computed(() => new Map((store.day?.runs ?? []).map(run => [run.athleteId, run.athleteName])))
  const nameOf = (id: string): string => names.value.get(id) ?? id
  const items = computed(() => new Map((store.day?.runs ?? []).flatMap(run =>
    (run.session?.items ?? []).map(item => [item.id, item] as const))))
  const doneSets = computed(() => setsDone(logs()))
  const isDone = (ids: readonly string[]): boolean => ids.every((id) => {
    const item = items.value.get(id)
    const asked = item ? expandSets(item.dose, item.sides, item.extraSetSide).length : 0
    return (doneSets.value.get(id) ?? 0) >= asked
  })
  const drillOf = (itemId: string): string => items.value.get(itemId)?.name.toLowerCase() ?? ''
  const isStation = (itemId: string): boolean => items.value.get(itemId)?.circuit !== undefined
  const blocks = computed((): BoardBlock[] =>
    (store.floor ? boardBlocks(store.floor, drillOf, isDone, isStation) : []))
  const lanes = computed(() => (store.floor ? lanesOf(blocks.value, store.floor) : []))
  const running = computed(() => store.floor !== null && store.floor.startedAt !== null)
  useTold({
    topic: 'floor', subject: () => store.day?.group.id ?? null, look: () => void store.look(), everyMs: LOOK_MS,
    while: () => running.value,
  })

  async function tried(work: () => Promise<string>): Promise<void> {
    Object.assign(attempt, { busy: true, problem: '', said: '' })
    try {
      attempt.said = await work()
    }
    catch (error) {
      attempt.problem = messageOf(error)
    }
    finally {
      attempt.busy = false
    }
  }

  const plan = (ways = store.floor?.ways ?? USUAL): Promise<void> => tried(async () => {
    if (store.day) await store.plan(floorRoom(store.day, catalogue(), ways), ways)
    return ''
  })
  const happened = (events: readonly FloorEvent[]): Promise<void> => tried(async () => {
    const said = await store.happened(Math.ceil(clock.tick.value), events)
    // What the clock has begun for somebody who is not there is not done by anybody.
    const gone = events.flatMap(event => (event.kind === 'absent' ? [event.athlete] : []))
    const theirs = blocks.value.filter(block => gone.includes(block.athleteId)).map(block => block.id)
    if (theirs.length > 0) change(floor => ({ ...floor, done: [...floor.done, ...theirs] }))
    return said
  })

  function change(of: (floor: RunningFloor) => RunningFloor): void {
    if (store.floor) store.set(of(store.floor))
  }
  const start = (): void => change(is => ({ ...is, startedAt: Date.now() }))
  const hold = (is: boolean): void => change(floor => clock.held(floor, is))
  const over = (id: string): void => change(floor => ({ ...floor, done: [...floor.done, id] }))

  return { store, clock, attempt, nameOf, drillOf, blocks, lanes, running, plan, happened, start, hold, over }
}

/** Sets by drill; pain ends one. */
function setsDone(logs: readonly SetLogInput[]): Map<string, number> {
  const sets = new Map<string, number>()
  for (const { prescribedItemId, breakPoint } of logs)
    sets.set(prescribedItemId, (sets.get(prescribedItemId) ?? 0) + (breakPoint === 'pain' ? Infinity : 1))
  return sets
}
