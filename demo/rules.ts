import { addDays } from '~~/core/calendar'
import { NO_RULES, USUAL_LOADS, type PlanningRules } from '~~/core/policy'
import type { DemoCentre } from './centre'

/** What two squads have settled: the canoes are in the third week of a block, judo trains by its own school. */
export function groupRules({ groups }: Pick<DemoCentre, 'groups'>, monday: string): { readonly groupId: string, readonly rules: PlanningRules }[] {
  const settled: Readonly<Record<string, PlanningRules>> = {
    'Sprint canoe': { ...NO_RULES, blocks: [{ startsOn: addDays(monday, -14), phase: 'preSeason', loads: USUAL_LOADS }] },
    'Judo': { ...NO_RULES, school: 'highTension', lines: { flexion: 'allowed' } },
  }
  return groups.flatMap(({ id, name }) => (settled[name] ? [{ groupId: id, rules: settled[name] }] : []))
}
