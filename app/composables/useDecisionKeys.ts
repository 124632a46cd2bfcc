import { computed, ref, type Ref } from 'vue'
import type { DecisionRow } from '~~/shared/types'
import { useSingleKeys } from './useSingleKeys'

interface Acts {
  readonly take: (row: DecisionRow) => void
  readonly acceptClear: () => void
}

/** Keys of the tray: j and k move, Enter takes, x leaves one for later, a takes the clear ones. */
export function useDecisionKeys(rows: Ref<readonly DecisionRow[]>, { take, acceptClear }: Acts) {
  const at = ref(0)
  /** What is taken moves the next one up: the place stays. */
  const here = computed(() => Math.min(at.value, rows.value.length - 1))
  const move = (by: number): void => {
    at.value = Math.max(0, Math.min(rows.value.length - 1, here.value + by))
  }
  useSingleKeys([
    { keys: ['j', 'ArrowDown'], text: 'Next', run: () => move(1) },
    { keys: ['k', 'ArrowUp'], text: 'Back', run: () => move(-1) },
    { keys: ['x'], text: 'Leave for later', run: () => move(1) },
    {
      keys: ['Enter'], text: 'Take it', yields: true,
      run: () => {
        const row = rows.value[here.value]
        if (row) take(row)
      },
    },
    { keys: ['a'], text: 'Accept the clear ones', run: acceptClear },
  ])
  return { here, enter: (index: number): void => { at.value = index } }
}
