import { shallowRef } from 'vue'
import type { Choices } from '~~/core/merge'
import { storedFirst } from '~~/shared/errors'

/** A field two people changed differently, with both values in words. */
export interface ClashRow {
  readonly key: string
  readonly what: string
  readonly mine: string
  readonly theirs: string
}

/** What clashes between mine and what somebody else stored, and what comes of a choice. */
export interface Clash<Input> {
  readonly who: string
  readonly rows: readonly ClashRow[]
  /** What they changed besides, in words: it is taken in. */
  readonly others: readonly string[]
  readonly version: number
  readonly theirs: Input
  readonly chosen: (choices: Choices) => Input
}

/**
 * Stores (what a form holds) over the version it started from. Where somebody else stored first, what does not clash
 * is taken in and stored; what does waits in `clash` for a choice.
 */
export function useVersionedEdit<Input, Stored>(
  store: (input: Input, version: number) => Promise<unknown>,
  meet: (start: Input, mine: Input, current: Stored) => Clash<Input>,
) {
  const clash = shallowRef<Clash<Input> | null>(null)

  /** True when it is stored, false when a choice is waited for. */
  async function save(mine: Input, start: Input, version: number): Promise<boolean> {
    try {
      await store(mine, version)
      return true
    }
    catch (error) {
      const current = storedFirst<Stored>(error)
      if (!current) throw error
      const met = meet(start, mine, current)
      // Theirs is the ground now: a third write that comes first meets this one in turn.
      if (met.rows.length === 0) return save(met.chosen({}), met.theirs, met.version)
      clash.value = met
      return false
    }
  }

  async function choose(choices: Choices): Promise<boolean> {
    const met = clash.value
    if (!met) return false
    clash.value = null
    return save(met.chosen(choices), met.theirs, met.version)
  }

  return { clash, save, choose }
}
