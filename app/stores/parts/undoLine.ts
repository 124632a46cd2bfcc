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

  function change(next: T): void {
    if (next === now.value) return
    past.value = [...past.value, now.value]
    future.value = []
    show(next)
  }

  function undo(): void {
    const before = past.value.at(-1)
    if (before === undefined) return
    past.value = past.value.slice(0, -1)
    future.value = [now.value, ...future.value]
    show(before)
  }

  function redo(): void {
    const [after, ...rest] = future.value
    if (after === undefined) return
    past.value = [...past.value, now.value]
    future.value = rest
    show(after)
  }

  /** Takes up a line that was kept; nothing: begins anew. */
  function takeUp(steps: Steps<T> = { past: [], future: [] }): void {
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
