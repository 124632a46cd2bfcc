import { useSingleKeys, type KeyAction } from '../useSingleKeys'
import type { EditedWeek } from './editedWeek'
import type { WeekDesk } from './useWeekSheet'
import type { WeekDialog } from '~/words/weekDialog'

/** Where keys of the sheet lead besides the sheet itself. */
interface KeysTo {
  readonly open: (dialog: WeekDialog) => void
  readonly addDrill: () => void
  readonly assign: () => void
}

/** The marked drills, or null for all of them. */
export const markedIds = (marked: ReadonlySet<string>): string[] | null => (marked.size > 0 ? [...marked] : null)

/** The single keys of (the week sheet): every edit without a mouse; editing ones only where it may be edited. */
export function useWeekKeys(
  week: WeekDesk, { undo, redo }: Pick<EditedWeek, 'undo' | 'redo'>, editable: () => boolean, to: KeysTo,
) {
  const whenEditable = (run: () => void) => (): void => { if (editable()) run() }
  const actions: readonly KeyAction[] = [
    { keys: ['p'], text: 'Propose trunk work for the week', run: whenEditable(() => void week.propose()) },
    { keys: ['ArrowDown', 'j'], text: 'Next drill', run: () => week.select(1) },
    { keys: ['ArrowUp', 'k'], text: 'Drill before', run: () => week.select(-1) },
    { keys: ['ArrowLeft'], text: 'Earlier along the line', run: whenEditable(() => week.nudge(-1)) },
    { keys: ['ArrowRight'], text: 'Later along the line', run: whenEditable(() => week.nudge(1)) },
    { keys: ['shift+ArrowUp'], text: 'To the session before', run: whenEditable(() => week.toNeighbour(-1)) },
    { keys: ['shift+ArrowDown'], text: 'To the next session', run: whenEditable(() => week.toNeighbour(1)) },
    { keys: ['+', '='], text: 'More: a rep, 5 s, 5 m', run: whenEditable(() => week.doseStep(1)) },
    { keys: ['-'], text: 'Less', run: whenEditable(() => week.doseStep(-1)) },
    { keys: [']'], text: 'One set more', run: whenEditable(() => week.setsStep(1)) },
    { keys: ['['], text: 'One set fewer', run: whenEditable(() => week.setsStep(-1)) },
    { keys: ['l'], text: 'Keep this drill here when proposing, or no longer', run: whenEditable(week.keepIt) },
    { keys: ['f'], text: 'Settle the conflict by its smallest step', run: whenEditable(() => week.mendIt()) },
    { keys: ['o'], text: 'Take the better week around your edits', run: whenEditable(week.takeOffer) },
    {
      keys: ['x'],
      text: 'Mark this drill, or no longer: what follows is done to all marked',
      run: () => week.mark(week.selectedId.value),
    },
    { keys: ['Escape'], text: 'Nothing marked', run: () => week.mark(null) },
    {
      keys: ['e'], text: 'Look through the week: known mistakes, single changes',
      run: () => to.open({ kind: 'review' }),
    },
    {
      keys: ['c'], text: 'Copy marked drills, or all, to others',
      run: whenEditable(() => to.open({ kind: 'apply', itemIds: markedIds(week.marked.value) })),
    },
    { keys: ['1', '2', '3', '4', '5'], text: 'Swap for that alternative', run: () => undefined },
    { keys: ['a'], text: 'Add a drill', run: whenEditable(to.addDrill) },
    { keys: ['Delete', 'Backspace'], text: 'Leave the drill out', run: whenEditable(week.remove) },
    { keys: ['ctrl+z', 'z'], text: 'Undo', run: whenEditable(undo) },
    { keys: ['ctrl+y', 'ctrl+shift+z', 'shift+z'], text: 'Redo', run: whenEditable(redo) },
    { keys: ['ctrl+Enter'], text: 'Assign the week', run: whenEditable(() => to.assign()) },
    { keys: ['?'], text: 'These keys', run: () => to.open({ kind: 'keys' }) },
  ]
  const swapKeys: KeyAction[] = [1, 2, 3, 4, 5].map(n =>
    ({ keys: [String(n)], text: '', run: whenEditable(() => week.swap(n - 1)) }))
  const { on } = useSingleKeys([...swapKeys, ...actions])
  return { actions, on }
}
