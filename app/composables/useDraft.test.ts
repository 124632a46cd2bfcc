import { beforeEach, describe, expect, it } from 'vitest'
import { effectScope, nextTick, reactive, ref } from 'vue'
import { keepFor, kept } from '~/device/kept'
import { useDraft } from './useDraft'

beforeEach(() => {
  localStorage.clear()
  keepFor('coach')
})
const opened = (key = 'draft/form/1') => effectScope().run(() => {
  const [name, list] = [ref(''), ref<string[]>([])]
  const words = reactive({ name, list })
  return { name, list, draft: useDraft(key, words) }
})!

describe('what is typed', () => {
  it('is there again after a reload, as often as it is opened', async () => {
    const first = opened()
    first.name.value = 'Ana'
    first.list.value = ['a', 'b']
    await nextTick()
    for (const again of [opened(), opened()]) {
      expect([again.name.value, again.list.value, again.draft.restored.value]).toEqual(['Ana', ['a', 'b'], true])
    }
    expect(first.draft.restored.value).toBe(false)
  })

  it('is another person’s own, and another version’s own', async () => {
    opened().name.value = 'Ana'
    await nextTick()
    expect(opened('draft/form/2').name.value).toBe('')
    keepFor('assistant')
    expect(opened().name.value).toBe('')
  })

  it('is gone when it was sent, begun anew, or typed back', async () => {
    for (const end of [
      (one: ReturnType<typeof opened>) => one.draft.sent(),
      (one: ReturnType<typeof opened>) => one.draft.startOver(),
      (one: ReturnType<typeof opened>) => { one.name.value = '' },
    ]) {
      const one = opened()
      one.name.value = 'Ana'
      await nextTick()
      expect(kept('draft/form/1')).not.toBeNull()
      end(one)
      await nextTick()
      expect(kept('draft/form/1')).toBeNull()
    }
  })
})
