import { mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { computed, defineComponent, h, ref } from 'vue'
import type { BenchRung } from '~/words/reckon'
import { useBenchKeys } from './useBenchKeys'

it('the arrows go along the rungs and stop at both ends', () => {
  const rung = (id: string) => ({ variation: { id } }) as BenchRung
  const rungs = ['a', 'b'].map(rung)
  const at = ref('a')
  const choose = vi.fn((id: string) => { at.value = id })
  const team = ref(false)
  const page = mount(defineComponent({
    setup() {
      const nothing = (): void => undefined
      useBenchKeys(
        { rungs: computed(() => rungs), live: computed(() => rung(at.value)), choose, findHarder: nothing } as never,
        { team, forces: ref(false), compare: nothing, put: nothing, week: nothing },
      )
      return () => h('p')
    },
  }))
  const press = (key: string) => window.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
  press('ArrowLeft')
  expect(at.value).toBe('a')
  press('ArrowRight')
  press('ArrowRight')
  expect([at.value, choose.mock.calls.length]).toEqual(['b', 1])
  press('t')
  expect(team.value).toBe(true)
  page.unmount()
})
