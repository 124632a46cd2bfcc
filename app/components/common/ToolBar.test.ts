import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ToolBar from './ToolBar.vue'

describe('a tool bar', () => {
  it('has a button for each tool, says its key, and does it once a press', async () => {
    const done: string[] = []
    const wrapper = mount(ToolBar, {
      props: {
        tools: [
          { text: 'Propose', key: 'p', look: 'main', run: () => done.push('propose') },
          { text: 'Undo', disabled: true, run: () => done.push('undo') },
        ],
      },
    })
    const [propose, undo] = wrapper.findAll('button')
    await propose?.trigger('click')
    await undo?.trigger('click')
    expect(done).toEqual(['propose'])
    expect([propose?.text(), undo?.find('kbd').exists(), undo?.attributes('disabled')])
      .toEqual(['Propose p', false, ''])
  })
})
