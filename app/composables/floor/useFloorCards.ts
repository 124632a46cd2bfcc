import { computed, ref } from 'vue'
import { TICK_S } from '~~/core/floor'
import type { SessionRun } from '~~/shared/types'
import { blockOf, type BoardBlock } from './floorView'
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

  const cards = computed(() => people.value.flatMap((run): Card[] => {
    const block = blockOf(blocks.value, run.athleteId)
    if (!block) return []
    const secondsTo = (tick: number): number => (tick - clock.tick.value) * TICK_S
    return [{ run, block, inS: secondsTo(block.start), leftS: secondsTo(block.end) }]
  }))
  const shown = computed(() => [...cards.value]
    .sort((a, b) => Number(busy.value.has(b.run.athleteId)) - Number(busy.value.has(a.run.athleteId)) || a.inS - b.inS)
    .slice(0, MOST).map(card => card.run.athleteId))
  /** The digit of a card, in the order they stand in; none for one that is not shown. */
  function digitOf(id: string): string {
    const inSight = cards.value.filter(card => shown.value.includes(card.run.athleteId))
    const at = inSight.findIndex(card => card.run.athleteId === id)
    return at < 0 ? '' : String(at + 1)
  }
  const next = computed(() => [...cards.value].filter(card => card.inS > 0).sort((a, b) => a.inS - b.inS)[0])

  return { people, cards, shown, digitOf, next, setBusy }
}
