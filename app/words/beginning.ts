import type { Beginning } from '~~/shared/types'

/** One piece of what everything else rests on. */
export interface BeginningStep {
  readonly key: 'squad' | 'equipment' | 'sport' | 'roster' | 'lifts' | 'invitations'
  readonly title: string
  /** What it is for. */
  readonly why: string
  /** The room it is done in; none: here. */
  readonly room: { readonly to: string, readonly name: string } | null
  /** Null: to be read, and there is nothing to tell it is done by. */
  readonly done: boolean | null
}

/** The beginning of an organisation in the order of the work. */
export function beginningSteps({ groups, equipment, athletes, weeks, invited }: Beginning): BeginningStep[] {
  return [
    {
      key: 'squad', title: 'Squads', done: groups > 0, room: null,
      why: 'Seasons, rules and floors belong to a squad, and coaches see the squads that are theirs.',
    },
    {
      key: 'equipment', title: 'Equipment', done: equipment > 0, room: { to: '/facility', name: 'Facility' },
      why: 'How many there are of each and which weights: only what is there is planned, and floors are drawn by it.',
    },
    {
      key: 'sport', title: 'Sport', done: null, room: { to: '/sports', name: 'Sports' },
      why: 'What your sport asks of a trunk, line by line with its sources. A head coach may settle it otherwise.',
    },
    {
      key: 'roster', title: 'Roster', done: athletes > 0, room: { to: '/athletes/table', name: 'Bring athletes in' },
      why: 'Paste a table, or type one by one. Each is screened before a week is assigned.',
    },
    {
      key: 'lifts', title: 'Lifts and the first week', done: weeks > 0, room: { to: '/squad-week', name: 'Squad week' },
      why: 'Lift days typed once for all; the trunk work is proposed around them, for each on the own rung.',
    },
    {
      key: 'invitations', title: 'Invitations', done: invited > 0, room: { to: '/staff', name: 'Staff' },
      why: 'Coaches by squad; athletes from their own page, to run their sessions on the phone.',
    },
  ]
}

/** What comes next; null where all of it is done. */
export const nextStep = (steps: readonly BeginningStep[]): BeginningStep | null =>
  steps.find(({ done }) => done === false) ?? null
