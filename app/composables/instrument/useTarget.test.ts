import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useTarget } from './useTarget'

describe('what is aimed at', () => {
  it.each(
    [
      ['cuff', '9.9', 'From 10 to 150 mmHg.'], ['cuff', '10', undefined], ['cuff', '150', undefined],
      ['cuff', '151', 'From 10 to 150 mmHg.'], ['force', '4', 'From 5 to 2000 N.'], ['force', '2000', undefined],
      ['force', 'ninety', 'From 5 to 2000 N.'], [null, ' 12,5 ', undefined],
    ] as const,
  )('on a %s, typed %j: %s', (kind, typed, problem) => {
    expect(useTarget(ref(typed), ref(kind)).targetProblem.value).toBe(problem)
  })

  it('keeps its band where nonsense is typed after it', async () => {
    const typed = ref('100')
    const { band, target } = useTarget(typed, ref<'force' | null>('force'))
    expect(band.value.map(Math.round)).toEqual([80, 110])
    typed.value = '1oo'
    await nextTick()
    expect(target.value).toBeNaN()
    expect(band.value.map(Math.round)).toEqual([80, 110])
  })
})
