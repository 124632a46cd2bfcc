import { describe, expect, it } from 'vitest'
import { AppError } from '~~/shared/errors'
import { useAttempt } from './useAttempt'

describe('work that a person waits for', () => {
  it('is done once, however often it is asked for', async () => {
    const { busy, attempt } = useAttempt()
    let done = 0
    let finish = (): void => undefined
    const first = attempt(() => new Promise<void>((resolve) => { finish = () => { done += 1; resolve() } }))
    expect([busy.value, await attempt(async () => { done += 10 })]).toEqual([true, false])
    finish()
    expect([await first, busy.value, done]).toEqual([true, false, 1])
  })

  it('says what went wrong, beside its field where it has one, and forgets it on the next try', async () => {
    const { problem, fields, attempt } = useAttempt()
    expect(
      await attempt(async () => {
        throw new AppError('badInput', 'Not so.', { until: 'It ends before it begins.' })
      }),
    ).toBe(false)
    expect([problem.value, fields.value]).toEqual(['Not so.', { until: 'It ends before it begins.' }])
    expect(await attempt(async () => undefined)).toBe(true)
    expect([problem.value, fields.value]).toEqual(['', {}])
  })
})
