import type { Ref } from 'vue'
import { useSingleKeys, type KeyAction } from '../useSingleKeys'
import type { useSeasonDraft } from './useSeasonDraft'
import type { useSeasonView } from './useSeasonView'

/** Where keys of the season lead besides the line itself. */
interface KeysTo {
  readonly nudge: (days: number) => void
  readonly accept: () => unknown
  readonly addEntry: () => void
  readonly help: () => void
}

/** The single keys of (the season line). */
export function useSeasonKeys(
  { week, weekday, show, weekOf, zoom }: ReturnType<typeof useSeasonView>,
  { dirty, togglePin, discard }: ReturnType<typeof useSeasonDraft>,
  today: string, editable: Ref<boolean>, to: KeysTo,
) {
  const actions: readonly KeyAction[] = [
    { keys: ['ArrowLeft'], text: 'Week before', run: () => show(week.value - 1) },
    { keys: ['ArrowRight'], text: 'Week after', run: () => show(week.value + 1) },
    { keys: ['t'], text: 'This week', run: () => show(weekOf(today)) },
    { keys: ['z'], text: 'Days or weeks', run: zoom },
    {
      keys: ['1', '2', '3', '4', '5', '6', '7'], text: 'Choose a day of the week',
      run: (key) => { weekday.value = Number(key) - 1 },
    },
    {
      keys: ['p'], text: 'Pin the chosen day',
      run: () => { if (weekday.value !== null && editable.value) togglePin(7 * week.value + weekday.value) },
    },
    // Brackets are hard to reach on some keyboards: comma and stop do the same.
    {
      keys: ['[', ']', ',', '.'],
      text: 'The competition of this week, or the next one: a day earlier, a day later',
      run: key => to.nudge('[,'.includes(key) ? -1 : 1),
    },
    { keys: ['{', '}', '<', '>'], text: 'The same by a week', run: key => to.nudge('{<'.includes(key) ? -7 : 7) },
    { keys: ['a'], text: 'Add to the calendar', run: to.addEntry },
    {
      keys: ['Enter'], text: 'Accept the repair', yields: true,
      run: () => { if (dirty.value && editable.value) void to.accept() },
    },
    { keys: ['Escape'], text: 'Leave it as it was', run: discard },
    { keys: ['?'], text: 'This help', run: to.help },
  ]
  const { on } = useSingleKeys(actions)
  return { actions, on }
}
