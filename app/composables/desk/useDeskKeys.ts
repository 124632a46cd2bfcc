import { BREAK_POINTS } from '~~/core/assessment'
import { useSingleKeys } from '../useSingleKeys'
import { BREAK_KEYS, LANE_KEYS } from './lane'
import type { useTestDesk } from './useTestDesk'

/** Space and Enter press whatever button has the focus; only without one they mean the desk. */
const unlessOnButton = (run: () => void) => (): void => {
  const at = document.activeElement
  if (at instanceof HTMLButtonElement || at instanceof HTMLAnchorElement) at.click()
  else run()
}

type Desk = Pick<ReturnType<typeof useTestDesk>, 'press' | 'startAll' | 'end' | 'discard'>

/** The keys of (the desk). */
export function useDeskKeys(desk: Desk): void {
  useSingleKeys([
    ...LANE_KEYS.map((key, index) => ({
      keys: [key], text: `Start or stop athlete ${index + 1}`, run: () => desk.press(index),
    })),
    { keys: [' '], text: 'Start everybody who is ready', run: unlessOnButton(() => desk.startAll()) },
    ...BREAK_KEYS.map(([key, breakPoint]) => ({
      keys: [key], text: BREAK_POINTS[breakPoint],
      run: key === 'Enter' ? unlessOnButton(() => desk.end(breakPoint)) : () => desk.end(breakPoint),
    })),
    { keys: ['x'], text: 'Throw the measured time away', run: () => desk.discard() },
  ])
}
