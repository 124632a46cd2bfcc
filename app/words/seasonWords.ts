import type { EntryKind, SeasonPlan } from '~~/core/season'

export const ENTRY_NAME: Readonly<Record<EntryKind, string>> = {
  competition: 'competition', match: 'match', practice: 'team practice', closure: 'facility closed', school: 'school',
}
export const LOAD_NAME: Readonly<Record<SeasonPlan['loads'][number], string>> = {
  usual: 'loading week', deload: 'lighter week', taper: 'taper',
}
