import type { EntryInput } from '~~/shared/types'

/** An event as a file or feed says it; null where it says nothing. */
export interface ReadEvent {
  readonly uid: string | null
  readonly name: string
  readonly cancelled: boolean
  readonly day: string
  readonly lastDay: string
  readonly startsAt: string | null
  readonly minutes: number | null
  readonly timeZone: string | null
  readonly kind: EntryInput['kind'] | null
  readonly importance: EntryInput['importance']
  readonly travelBefore: number | null
  readonly travelAfter: number | null
  readonly weeklyUntil: string | null
}

export interface ReadCalendar {
  /** What tells this calendar from another. */
  readonly source: string
  readonly events: readonly ReadEvent[]
  readonly problems: readonly string[]
}
