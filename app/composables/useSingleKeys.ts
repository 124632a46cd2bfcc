import { onMounted, ref } from 'vue'
import { useEventListener, useStorage } from '@vueuse/core'

/** A key with what it does, as the help shows it. */
export interface KeyAction {
  readonly keys: readonly string[]
  readonly text: string
  /** Given the key that was pressed, for actions with several. */
  readonly run: (key: string) => void
  /** A button or link that has the keyboard goes first: Enter on it is its own. */
  readonly yields?: boolean
}

const TYPING =
  'input, textarea, select, [contenteditable], [role="dialog"] *, [role="combobox"], [role="listbox"], [role="menu"] *'

/** Keys that are held down on purpose: the others act once, however long a finger rests. */
const HELD = /Arrow|^[-+=[\]jk]$/

/** What Enter presses by itself. */
const PRESSED = 'button, a, summary, [role="button"]'

/** "ctrl+z", "shift+ArrowUp", "p": how a key event is written in a list of actions. */
function nameOf(event: KeyboardEvent): string {
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  const shift = event.shiftKey && (event.key.length > 1 || /[a-z]/i.test(event.key)) ? 'shift+' : ''
  return `${event.ctrlKey || event.metaKey ? 'ctrl+' : ''}${shift}${key}`
}

/** Taken by something else already, part of a letter being composed, or a finger that rests. */
const isTaken = (event: KeyboardEvent): boolean =>
  event.defaultPrevented || event.isComposing || event.altKey || (event.repeat && !HELD.test(nameOf(event)))

/** Typed somewhere, or meant for an open dialog. */
function isMeantElsewhere(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  // A box that was ticked has the keyboard, but only its own key is typing.
  const typing = target?.closest?.(TYPING) && !(target.matches('input[type="checkbox"]') && event.key !== ' ')
  // Focus falls to the page when what had it in a dialog is gone: an open dialog still has the keyboard.
  return Boolean(typing) || document.querySelector('[role="dialog"]') !== null
}

/** A layer of single keys over a page; off while typing, and switched off for good by whoever wants it so. */
export function useSingleKeys(actions: readonly KeyAction[]) {
  const on = useStorage('keen-anchor-keys', true)
  const ready = ref(false)
  onMounted(() => { ready.value = true })

  useEventListener('keydown', (event) => {
    if (!ready.value || isTaken(event) || isMeantElsewhere(event)) return
    if (!on.value && !event.ctrlKey && !event.metaKey) return
    const action = actions.find(({ keys }) => keys.includes(nameOf(event)))
    if (!action || (action.yields && (event.target as HTMLElement | null)?.closest?.(PRESSED))) return
    event.preventDefault()
    action.run(nameOf(event))
  })

  return { on }
}
