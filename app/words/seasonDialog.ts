import type { EntryInput } from '~~/shared/types'

/** What the season page asks in dialogs. */
export type SeasonDialog =
  { kind: 'entry', entry: EntryInput, isNew: boolean, day: string | null }
  | { kind: 'shape' } | { kind: 'read' } | { kind: 'feeds' } | { kind: 'keys' }
