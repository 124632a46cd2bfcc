import { onScopeDispose, watch, type ComputedRef } from 'vue'
import { meansOf, openDrills, type PlanningContext } from '~~/core/programme'

/** Where a browser has no idle time of its own to give. */
const SOON_MS = 30
const whenIdle = (work: () => void): void => {
  if (typeof requestIdleCallback === 'function') requestIdleCallback(work)
  else setTimeout(work, SOON_MS)
}

/**
 * Prescribes the open drills of (a context) one by one while nobody waits, so that a proposal finds them done. What was
 * begun for a context that is gone is let go.
 *
 * @param context null: not read yet
 */
export function useWarmMeans(context: ComputedRef<PlanningContext | null>, days: () => readonly number[]): void {
  let turn = 0
  watch(context, (asked) => {
    const own = ++turn
    if (!asked) return
    const { rungs } = asked.screen
    const waiting = openDrills(asked, days()).filter(({ branch, rung }) => {
      const present = rungs[branch] ?? 1
      return rung === present || rung === present - 1
    })
    const next = (): void => {
      const drill = own === turn ? waiting.shift() : undefined
      if (!drill) return
      meansOf(asked).prescribed(drill)
      whenIdle(next)
    }
    whenIdle(next)
  }, { immediate: true })
  onScopeDispose(() => { turn += 1 })
}
