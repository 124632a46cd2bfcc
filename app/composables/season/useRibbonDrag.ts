import { computed, ref } from 'vue'

/** What (a ribbon) does with a drag; days and weeks are how far the hand went. */
interface RibbonDrag {
  readonly dayPx: () => number
  readonly canDrag: () => boolean
  /** It was let go where it was taken: a click. */
  readonly open: (entryId: string) => void
  readonly move: (entryId: string, days: number) => void
  readonly start: (phase: number, weeks: number) => void
}

/** A drag of a flag goes by days, of a phase's start by weeks; until the hand lets go only the ghost moves. */
export function useRibbonDrag({ dayPx, canDrag, open, move, start }: RibbonDrag) {
  const drag = ref<{ kind: 'entry' | 'phase', id: string, from: number, dx: number } | null>(null)
  const shiftDays = computed(() => (drag.value ? Math.round(drag.value.dx / dayPx()) : 0))

  function grab(event: PointerEvent, kind: 'entry' | 'phase', id: string): void {
    if (!canDrag() || event.button !== 0) return
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    drag.value = { kind, id, from: event.clientX, dx: 0 }
  }
  function pull(event: PointerEvent): void {
    if (drag.value) drag.value = { ...drag.value, dx: event.clientX - drag.value.from }
  }
  function drop(): void {
    const held = drag.value
    const days = shiftDays.value
    drag.value = null
    if (!held) return
    if (held.kind === 'entry') {
      if (days === 0) open(held.id)
      else move(held.id, days)
      return
    }
    const weeks = Math.round(held.dx / (7 * dayPx()))
    if (weeks !== 0) start(Number(held.id), weeks)
  }

  return { drag, shiftDays, grab, pull, drop }
}
