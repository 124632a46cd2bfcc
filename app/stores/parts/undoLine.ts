import { shallowRef, type ShallowRef } from 'vue'

/** Steps before and after what is shown, the nearest in the middle. */
export interface Steps<T> {
  readonly past: readonly T[]
  readonly future: readonly T[]
}

/** The undo line of (what is shown): every step is shown by `show`, which also stores it. */
export function undoLine<T>(now: Readonly<ShallowRef<T>>, show: (step: T) => void) {
  const past = shallowRef<readonly T[]>([])
  const future = shallowRef<readonly T[]>([])

  /** What the last step was a part of: a slider that is dragged is one step, however often it moves. */
  let hand: string | null = null

  /** @param of the hand that makes it: steps of one hand, one after the other, are one step */
  function change(next: T, of: string | null = null): void {
    if (next === now.value) return
    if (of === null || of !== hand) past.value = [...past.value, now.value]
    hand = of
    future.value = []
    show(next)
  }

  function undo(): void {
    const before = past.value.at(-1)
    if (before === undefined) return
    hand = null
    past.value = past.value.slice(0, -1)
    future.value = [now.value, ...future.value]
    show(before)
  }

  function redo(): void {
    const [after, ...rest] = future.value
    if (after === undefined) return
    hand = null
    past.value = [...past.value, now.value]
    future.value = rest
    show(after)
  }

  /** Takes up a line that was kept; nothing: begins anew. */
  function takeUp(steps: Steps<T> = { past: [], future: [] }): void {
    hand = null
    past.value = steps.past
    future.value = steps.future
  }

  /** The same steps on other ground. */
  const rewrite = (edit: (step: T) => T): void =>
    takeUp({ past: past.value.map(edit), future: future.value.map(edit) })
  /** The nearest steps either way, to be kept. */
  const nearest = (count: number): Steps<T> => ({
    past: past.value.slice(-count), future: future.value.slice(0, count),
  })

  return { past, future, change, undo, redo, takeUp, rewrite, nearest }
}
