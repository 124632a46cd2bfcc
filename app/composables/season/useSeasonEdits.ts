import type { Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import type { SeasonShape } from '~~/core/season'
import type { EntryInput, FoundEntry } from '~~/shared/types'
import { dayMonth } from '~/words/inWords'
import type { useSeasonDraft } from './useSeasonDraft'

type Draft = ReturnType<typeof useSeasonDraft>

/** What a coach does to a season, each said in words that the squad will read. */
export function useSeasonEdits(draft: Draft, groupId: Ref<string>, timeZone: Ref<string>) {
  function newEntry(day: string): EntryInput {
    return {
      id: newKey(), groupId: groupId.value, kind: 'competition', name: '', day, lastDay: day, importance: 'B',
      travelBefore: 0, travelAfter: 0, weeklyUntil: null, except: [], startsAt: null, minutes: null,
      timeZone: timeZone.value, sourceUid: null,
    }
  }
  function put(entry: EntryInput): void {
    const was = draft.entries.value.find(one => one.id === entry.id)
    const text = !was
      ? `${entry.name} comes in on ${dayMonth(entry.day)}`
      : was.day === entry.day
      ? `${entry.name} is changed`
      : `${entry.name} moves from ${dayMonth(was.day)} to ${dayMonth(entry.day)}`
    draft.putEntry(entry, text)
  }
  const cancelDay = (entry: EntryInput, day: string): void =>
    draft.putEntry({ ...entry, except: [...entry.except, day] }, `${entry.name} is called off on ${dayMonth(day)}`)
  function take(list: readonly FoundEntry[]): void {
    for (const { state, entry } of list) {
      if (state === 'gone') draft.cancelEntry(entry.id)
      else draft.putEntry(
          entry,
          list.length > 3 ? `${list.length} entries come from a calendar` : `${entry.name} comes from a calendar`,
        )
    }
  }
  const setShape = (next: SeasonShape): void => draft.setShape(next, 'The season’s shape is changed')
  function startPhase(index: number, from: number): void {
    const { shape } = draft
    const phases = shape.value.phases.map((phase, i) => (i === index ? { ...phase, start: from } : phase))
    draft.setShape(
      { ...shape.value, phases },
      `The ${PHASES[phases[index]!.phase].name.toLowerCase()} begins ${
        dayMonth(addDays(shape.value.startsOn, 7 * from))
      }`,
    )
  }
  return { newEntry, put, cancelDay, take, setShape, startPhase }
}
