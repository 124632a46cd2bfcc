import { computed, ref, watch } from 'vue'
import { TICK_S } from '~~/core/floor'
import type { SessionRun } from '~~/shared/types'
import { blockOf, seated, type BoardBlock } from './floorView'
import type { useFloorBoard } from './useFloorBoard'

/** An athlete at the block of the moment, or on the way to it. */
interface Card {
  readonly run: SessionRun
  readonly block: BoardBlock
  /** Seconds until it begins; below 0 it has. */
  readonly inS: number
  readonly leftS: number
}

/** As many as one looks at: the digits of the keyboard, and no more than have room. */
const MOST = 8

/** Cards of whoever is at a block of (a board) or goes to one next, soonest first; those with a timer running stay. */
export function useFloorCards(board: ReturnType<typeof useFloorBoard>) {
  const { store, blocks, clock } = board
  const people = computed(() => (store.day?.runs ?? []).filter(run => run.session && !run.stop))
  const busy = ref<ReadonlySet<string>>(new Set())
  function setBusy(id: string, is: boolean): void {
    const next = new Set(busy.value)
    if (is) next.add(id)
    else next.delete(id)
    busy.value = next
  }

  const all = computed(() => people.value.flatMap((run): Card[] => {
    const block = blockOf(blocks.value, run.athleteId)
    if (!block) return []
    const secondsTo = (tick: number): number => (tick - clock.tick.value) * TICK_S
    return [{ run, block, inS: secondsTo(block.start), leftS: secondsTo(block.end) }]
  }))
  const isBusy = ({ run: { athleteId } }: Card): number => Number(busy.value.has(athleteId))
  const shown = computed(() => [...all.value].sort((a, b) => isBusy(b) - isBusy(a) || a.inS - b.inS)
    .slice(0, MOST).map(card => card.run.athleteId))
  const seats = ref<(string | null)[]>(Array.from({ length: MOST }, () => null))
  watch(shown, (ids) => {
    const now = seated(seats.value, ids)
    if (now.join() !== seats.value.join()) seats.value = now
  }, { immediate: true, flush: 'sync' })
  /** The digit of a card; none for one that is not shown. */
  const digitOf = (id: string): string => (seats.value.includes(id) ? String(seats.value.indexOf(id) + 1) : '')
  /** By their digits; what is not shown comes last. */
  const cards = computed(() => [...all.value].sort((a, b) =>
    (Number(digitOf(a.run.athleteId)) || MOST + 1) - (Number(digitOf(b.run.athleteId)) || MOST + 1)))
  const next = computed(() => [...all.value].filter(card => card.inS > 0).sort((a, b) => a.inS - b.inS)[0])

  return { people, cards, shown, digitOf, next, setBusy }
}
