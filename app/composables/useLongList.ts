import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { computed, type ComponentPublicInstance, type Ref } from 'vue'

/** Rows drawn above and below what is in sight, so that a quick hand sees no gap. */
const OVER = 6

/**
 * A list that is longer than a window: only the rows in sight are drawn. Rows may have any height and change it; each
 * is measured once it is there.
 *
 * @param list the element that holds the rows; it stands where it stands in the page
 * @param keys of the rows, in their order
 * @param aboutPx height of a row before it is measured
 */
export function useLongList(list: Ref<HTMLElement | null>, keys: () => readonly string[], aboutPx: number) {
  const margin = computed(() => list.value?.offsetTop ?? 0)
  const virtual = useWindowVirtualizer(computed(() => {
    const all = keys()
    return {
      count: all.length, estimateSize: () => aboutPx, overscan: OVER, scrollMargin: margin.value,
      getItemKey: (index: number) => all[index] ?? index,
      // Before the page has a window: as many as a large one shows.
      initialRect: { width: 1280, height: 1000 },
    }
  }))
  const rows = computed(() => virtual.value.getVirtualItems()
    .map(({ index, start }) => ({ index, start: start - margin.value })))
  const height = computed(() => virtual.value.getTotalSize())
  const measure = (row: Element | ComponentPublicInstance | null): void => {
    if (row instanceof Element) virtual.value.measureElement(row)
  }
  function scrollTo(key: string): void {
    const index = keys().indexOf(key)
    if (index >= 0) virtual.value.scrollToIndex(index, { align: 'start' })
  }
  return { rows, height, measure, scrollTo }
}
