import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import { liftFacts, slotText, type Place, type WeekPlan } from '~~/core/programme'
import { placeAt } from '~/drawing/stripLayout'

/** What a drag would do if it ended here. */
export interface DragPreview {
  readonly itemId: string
  /** Empty over an athlete. */
  readonly sessionId: string
  readonly place: Place
  /** Whose week it would be copied to. */
  readonly athleteId: string | null
  readonly text: string
  readonly x: number
  readonly y: number
}

/**
 * Dragging drills (elements with data-item) along and between strips (data-strip) inside `area`, and onto other
 * athletes (data-mate).
 */
export function useStripDrag(
  area: Ref<HTMLElement | null>, plan: () => WeekPlan, pxPerMinute: () => number, catalogue: () => Catalogue,
  drop: (itemId: string, sessionId: string, place: Place) => void, copy: (itemId: string, athleteId: string) => void,
) {
  const preview = ref<DragPreview | null>(null)
  /** From the first move to the drop, also while the hand is over nothing. */
  const dragging = ref(false)
  let unset: (() => void) | null = null

  function targetAt(itemId: string, x: number, y: number): DragPreview | null {
    const mate = document.elementsFromPoint(x, y).map(e => e.closest<HTMLElement>('[data-mate]')).find(Boolean)
    if (mate)
      return {
        itemId, sessionId: '', place: { slot: 'after', pairedWith: null }, athleteId: mate.dataset.mate!,
        text: `copy to ${mate.dataset.name}`, x, y,
      }
    const strip = document.elementsFromPoint(x, y).map(e => e.closest<HTMLElement>('[data-strip]')).find(Boolean)
    const session = plan().sessions.find(s => s.id === strip?.dataset.strip)
    if (!strip || !session) return null
    const minute = (x - strip.getBoundingClientRect().left) / pxPerMinute()
    const place = placeAt(session, minute, catalogue())
    const lift = session.lifts.find(l => l.id === place.pairedWith)
    const text = lift ? `between sets of ${liftFacts(lift.lift).name.toLowerCase()}` : slotText(place.slot, session)
    return { itemId, sessionId: session.id, place, athleteId: null, text, x, y }
  }

  onMounted(async () => {
    const { default: interact } = await import('interactjs')
    if (!area.value) return
    const draggables = interact('[data-item]', { context: area.value }).draggable({
      autoScroll: true,
      listeners: {
        start() {
          dragging.value = true
        },
        move(event: { target: HTMLElement, clientX: number, clientY: number }) {
          preview.value = targetAt(event.target.dataset.item!, event.clientX, event.clientY)
        },
        end(event: { target: HTMLElement, clientX: number, clientY: number }) {
          const at = targetAt(event.target.dataset.item!, event.clientX, event.clientY)
          preview.value = null
          dragging.value = false
          if (at?.athleteId) copy(at.itemId, at.athleteId)
          else if (at) drop(at.itemId, at.sessionId, at.place)
        },
      },
    })
    unset = () => draggables.unset()
  })
  onBeforeUnmount(() => unset?.())

  return { preview, dragging }
}
