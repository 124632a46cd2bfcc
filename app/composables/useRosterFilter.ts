import { computed, ref, type Ref } from 'vue'
import { SPORT_PROFILES } from '~~/core/programme'
import { flagFacts } from '~~/core/screening'
import type { Group, RosterRow } from '~~/shared/types'

/** Everything a coach might type to find somebody. */
function searchText(row: RosterRow, groups: readonly Group[]): string {
  const { athlete } = row
  return [
    athlete.name, SPORT_PROFILES[athlete.sport].name, athlete.position, athlete.goal,
    ...row.marks.map(mark => flagFacts(mark).name),
    ...groups.filter(group => athlete.groupIds.includes(group.id)).map(group => group.name),
    row.nextCompetition?.name ?? '',
  ].join(' ').toLowerCase()
}

/** Filters the athletes at hand as one types: every word must occur somewhere in the row. */
export function useRosterFilter(rows: Ref<RosterRow[]>, groups: Ref<Group[]>) {
  const text = ref('')
  const groupId = ref<string | null>(null)
  /** Made once for all the keys that are typed. */
  const texts = computed(() => rows.value.map(row => searchText(row, groups.value)))
  const shown = computed(() => {
    const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
    return rows.value.filter((row, i) =>
      !row.athlete.archived
      && (groupId.value === null || row.athlete.groupIds.includes(groupId.value))
      && words.every(word => texts.value[i]!.includes(word)))
  })
  return { text, groupId, shown }
}
