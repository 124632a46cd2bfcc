import { computed, nextTick, onMounted, ref } from 'vue'
import { addDays, mondayOf } from '~~/core/calendar'
import { sportOf } from '~~/core/programme'
import { calendarTable } from '~/files/calendarTable'
import { saveAsFile } from '~/files/saveAsFile'
import { useExchangeStore } from '~/stores/exchange'
import { useSeasonStore } from '~/stores/season'
import { useSportsStore } from '~/stores/sports'
import type { SeasonDialog } from '~/words/seasonDialog'
import { useAttempt } from '../useAttempt'
import { ANY_YEAR } from './firstShape'
import { useSeasonDraft } from './useSeasonDraft'
import { useSeasonEdits } from './useSeasonEdits'
import { useSeasonFocus } from './useSeasonFocus'
import { useSeasonKeys } from './useSeasonKeys'
import { useSeasonView } from './useSeasonView'

/** The season line as a room: whose it is, the change while it is made, where one looks, what is asked in dialogs. */
export function useSeasonRoom() {
  const store = useSeasonStore()
  const exchange = useExchangeStore()
  const focused = useSeasonFocus()
  const { all, focus, groupId, today, squadEditable, editable, sport, firstDay } = focused
  const sports = useSportsStore()
  const usual = computed(() => (focused.athletes.value.length > 0
    ? sportOf(sport.value, sports.stored.edits).character.season
    : ANY_YEAR))
  const draft = useSeasonDraft(all, focus, today, usual)
  const edits = useSeasonEdits(draft, groupId, computed(() => all.value?.timeZone ?? 'UTC'))
  const view = useSeasonView(draft, sport, firstDay)
  const sending = useAttempt()
  const dialog = ref<SeasonDialog | null>(null)

  onMounted(async () => {
    store.last = null
    await Promise.all([store.load(), focused.load(), sports.load()])
  })

  const coming = computed(() => draft.entries.value.filter(e => e.kind === 'competition' && e.lastDay >= today))
  const shut = computed(() => (all.value?.shut ?? []).filter(g => g.groupId === groupId.value))
  const zones = computed(() => [...new Set([all.value?.timeZone ?? 'UTC', ...Intl.supportedValuesOf('timeZone')])])

  function addEntry(): void {
    const entry = edits.newEntry(view.chosenDay.value ?? addDays(view.startsOn.value, 5))
    dialog.value = { kind: 'entry', entry, isNew: true, day: null }
  }
  function openEntry(id: string): void {
    const entry = draft.entries.value.find(e => e.id === id)
    if (entry && squadEditable.value) dialog.value = { kind: 'entry', entry, isNew: false, day: view.chosenDay.value }
  }
  function openFeeds(): void {
    dialog.value = { kind: 'feeds' }
    void sending.attempt(exchange.open)
  }
  function openReader(): void {
    exchange.found = null
    dialog.value = { kind: 'read' }
  }

  /** Moves the competition of the selected week, or else the next one. */
  function nudge(by: number): void {
    const entry = coming.value.find(e => mondayOf(e.day) === view.startsOn.value) ?? coming.value[0]
    if (!squadEditable.value || !entry) return
    draft.moveEntry(entry.id, by)
    view.show(view.weekOf(addDays(entry.day, by)))
    // The keyboard goes along, so that Enter is the repair's and not of what was pressed before.
    void nextTick(() => document.getElementById('repair')?.focus({ preventScroll: true }))
  }
  const accept = () => sending.attempt(async () => {
    if (focus.value.athleteId) await store.changeAthlete(focus.value.athleteId, draft.athleteChange())
    else await store.change(groupId.value, draft.groupChange())
    draft.discard()
  })
  const saveTable = async (): Promise<void> =>
    saveAsFile('calendar.csv', await calendarTable(draft.entries.value), 'text/csv')

  const keys = useSeasonKeys(view, draft, today, editable, {
    nudge, accept, addEntry: () => { if (squadEditable.value) addEntry() },
    help: () => { dialog.value = { kind: 'keys' } },
  })

  return {
    ...focused, ...sending, store, exchange, draft, edits, view, dialog, coming, shut, zones, addEntry, openEntry,
    openFeeds, openReader, accept, saveTable, actions: keys.actions, keysOn: keys.on,
  }
}
