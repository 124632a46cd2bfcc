import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { describe, expect, it } from 'vitest'
import { useSingleKeys } from './useSingleKeys'

describe('a layer of single keys', () => {
  const pressed: string[] = []
  const page = mount({
    setup: () =>
      useSingleKeys([{ keys: ['p', ' ', '['], text: 'Does it', run: key => pressed.push(key) }, {
        keys: ['Enter'], text: 'Accepts', yields: true, run: key => pressed.push(key),
      }]),
    template:
      '<div><input id="words"><input id="box" type="checkbox"><button id="other">x</button><div role="dialog" '
      + 'v-if="open"><button id="inside">y</button></div></div>',
    data: () => ({ open: false }),
  }, { attachTo: document.body })
  const press = async (id: string, key: string, over: KeyboardEventInit = {}): Promise<string[]> => {
    pressed.length = 0
    document.querySelector(id)!.dispatchEvent(
      new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...over }),
    )
    await nextTick()
    return [...pressed]
  }

  it('acts from the page and from a ticked box, and says which key it was', async () => {
    await nextTick()
    expect([await press('#other', 'p'), await press('#box', 'p'), await press('#other', '[')]).toEqual([['p'], ['p'], [
      '[',
    ]])
  })

  it('lets a button that has the keyboard go first where it is asked to', async () => {
    expect([await press('#other', 'Enter'), await press('#box', 'Enter')]).toEqual([[], ['Enter']])
  })

  it('acts once for a finger that rests unless the key is for holding, and never while composing', async () => {
    expect([
      await press('#other', 'p', { repeat: true }), await press('#other', '[', { repeat: true }),
      await press('#other', 'p', { isComposing: true }),
    ]).toEqual([[], ['['], []])
  })

  it('leaves typing, the box’s own key, other keys with it and open dialogs alone', async () => {
    expect([
      await press('#words', 'p'), await press('#box', ' '), await press('#other', 'p', { altKey: true }),
      await press('#other', 'p', { ctrlKey: true }),
    ]).toEqual([[], [], [], []])
    await page.setData({ open: true })
    expect([await press('#inside', 'p'), await press('#other', 'p')]).toEqual([[], []])
  })
})
