import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { expandSets, type Dose } from '~~/core/dose'
import type { Step } from '~/composables/useRunner'
import SetTimer from './SetTimer.vue'

const timer = (dose: Partial<Dose>, slots: ReturnType<typeof expandSets> = []) => {
  const whole: Dose = { sets: 4, amount: 10, unit: 'seconds', restS: 60, ...dose }
  const step = { item: { id: 'i', dose: whole, sides: 'both' }, setNumber: 1, side: null, key: 'k', restAfter: true }
  return mount(SetTimer, { props: { step: step as unknown as Step, slots } })
}
const face = (of: ReturnType<typeof timer>): string => of.get('[role=timer]').attributes('aria-label')!
const pass = async (ms: number): Promise<void> => {
  await vi.advanceTimersByTimeAsync(ms)
  await nextTick()
}
const press = (of: ReturnType<typeof timer>, text: string): Promise<void> =>
  of.findAll('button').find(one => one.text().startsWith(text))!.trigger('click')

describe('the timer of a set', () => {
  beforeEach(() => { vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date', 'performance'] }) })
  afterEach(() => { vi.useRealTimers() })

  it('gives five seconds to take hold, counts a hold down, and goes on past its end', async () => {
    const hold = timer({})
    expect(face(hold)).toBe('10 s')
    await press(hold, 'Start')
    await pass(2000)
    expect(face(hold)).toBe('3 get ready')
    await pass(6000)
    expect(face(hold)).toBe('7 of 10 s')
    await pass(9000)
    expect(face(hold)).toBe('+2 done')
    await press(hold, 'Stop')
    expect(hold.emitted('ended')).toEqual([[12, 0, false]])
  })

  it('paces each part of a repeat', async () => {
    const reps = timer({ amount: 6, unit: 'reps', tempo: '3-0-3-0' })
    expect(face(reps)).toBe('6 reps at 3-0-3-0')
    await press(reps, 'Start')
    await pass(5000 + 6000 + 1000)
    expect(face(reps)).toBe('2 of 6 · out, 2 s left')
    await pass(3000)
    expect(face(reps)).toBe('2 of 6 · back, 2 s left')
  })

  it('runs through a cluster of short holds, and says how many were whole', async () => {
    const dose = { restS: 5 }
    const cluster = timer(dose, expandSets({ sets: 4, amount: 10, unit: 'seconds', restS: 5 }, 'both', null))
    await press(cluster, 'Start')
    await pass(5000 + 15_000 + 4000)
    expect(face(cluster)).toBe('6 hold 2 of 4')
    await press(cluster, 'Stop')
    expect(cluster.emitted('ended')).toEqual([[4, 1, false]])
  })

  it('is held, and time that passes meanwhile is none of its own', async () => {
    const hold = timer({})
    await press(hold, 'Start')
    await pass(8000)
    await press(hold, 'Hold')
    await pass(30_000)
    expect(face(hold)).toBe('7 of 10 s')
    await press(hold, 'Go on')
    await pass(2000)
    expect(face(hold)).toBe('5 of 10 s')
  })

  it('is ended by pain in one tap, also before it began', async () => {
    const hold = timer({})
    await press(hold, 'It hurts')
    expect(hold.emitted('ended')).toEqual([[0, 0, true]])
  })
})
