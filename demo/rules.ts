import { NO_RULES, type PlanningRules } from '~~/core/policy'
import type { DemoCentre } from './centre'

/** What two squads have settled: the canoes bend little, judo trains by its own school. */
export function groupRules(
  { groups }: Pick<DemoCentre, 'groups'>,
): { readonly groupId: string, readonly rules: PlanningRules }[] {
  const settled: Readonly<Record<string, PlanningRules>> = {
    'Sprint canoe': { ...NO_RULES, lines: { flexion: 'limited' } },
    'Judo': { ...NO_RULES, school: 'highTension', lines: { flexion: 'allowed' } },
  }
  return groups.flatMap(({ id, name }) => (settled[name] ? [{ groupId: id, rules: settled[name] }] : []))
}
