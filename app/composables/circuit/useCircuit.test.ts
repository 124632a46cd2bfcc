import { effectScope, computed, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { PrescribedItem, PrescribedSession, SessionRun, SetLogInput } from '~~/shared/types'
import { useRunner } from '../useRunner'
import { useCircuit } from './useCircuit'

const item = (id: string, over: Partial<PrescribedItem> = {}): PrescribedItem => ({
  id, variationId: `${id}.own`, name: id, sides: 'both', extraSetSide: null, setting: { loadKg: 5 }, circuit: 'c',
  dose: { sets: 2, amount: 20, unit: 'seconds', restS: 10 }, ...over,
} as unknown as PrescribedItem)
const session: PrescribedSession = {
  id: 's', day: '2026-03-04', minutes: 30, lifts: [],
  circuits: [{ id: 'c', rounds: 2, workS: 20, restS: 10, roundRestS: 30, sides: 'own' }],
  coolDown: [{ text: 'Stretch', seconds: 60, variationId: null }],
  items: [
    item('Plank', {
      options: [[{ variationId: 'Plank.own', name: 'Plank' }], [
        { variationId: 'long', name: 'Long plank' }, { variationId: 'Plank.own', name: 'Plank' },
      ]],
    }),
    item('Bridge'),
  ],
}

/** A circuit that runs in a test's own time; what it sends. */
function aCircuit(logs: SetLogInput[] = []) {
  const sent: SetLogInput[] = []
  const run = computed((): SessionRun => ({
    athleteId: 'a', athleteName: 'A', day: '2026-03-04', stop: null, effort: null, session,
    logs: logs as unknown as SessionRun['logs'],
  }))
  const scope = effectScope()
  const made = scope.run(() => {
    const runner = useRunner(run, ref([]), log => sent.push(log))
    return { runner, circuit: useCircuit(() => session, runner) }
  })!
  return { ...made, sent, scope }
}
const pass = async (s: number): Promise<void> => {
  for (let i = 0; i < s; i++) {
    await vi.advanceTimersByTimeAsync(1000)
    await nextTick()
  }
}
const plain = (logs: readonly SetLogInput[]) =>
  logs.map(log => [log.prescribedItemId, log.setNumber, log.amount, log.breakPoint])

describe('a circuit by its clock', () => {
  beforeEach(() => { vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date', 'performance'] }) })
  afterEach(() => { vi.useRealTimers() })

  it('logs each set as it ends, the harder option where that is asked, and ends after its cool-down', async () => {
    const { circuit, sent, runner, scope } = aCircuit()
    circuit.start()
    await pass(5 + 20)
    expect(plain(sent)).toEqual([['Plank', 1, 20, 'none']])
    expect(circuit.next.value?.word).toBe('Bridge')
    await pass(10 + 20 + 30 + 20)
    expect(plain(sent).slice(1)).toEqual([['Bridge', 1, 20, 'none'], ['Plank', 2, 20, 'none']])
    expect(sent.map(log => [log.variationId, log.setting])).toEqual([
      ['Plank.own', { loadKg: 5 }], [undefined, { loadKg: 5 }], ['long', {}],
    ])
    await pass(10 + 20)
    expect(runner.current.value).toBeNull()
    expect(circuit.circuit.value?.id).toBe('c')
    expect(circuit.timer.place.value?.phase.word).toBe('Stretch')
    await pass(61)
    expect(circuit.circuit.value).toBeNull()
    expect(sent).toHaveLength(4)
    scope.stop()
  })

  it('goes on with the clock when a set is stopped, and asks what ended it; unasked it ended by itself', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    await pass(5 + 12)
    circuit.stopSet()
    await pass(3)
    circuit.said('lowBack')
    await pass(5 + 10 + 7)
    circuit.stopSet()
    await pass(13 + 30 + 20)
    expect(plain(sent)).toEqual([
      ['Plank', 1, 12, 'lowBack'], ['Bridge', 1, 7, 'none'], ['Plank', 2, 20, 'none'],
    ])
    scope.stop()
  })

  it('loses no set that is stopped while another waits for what ended it; a second press is none', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    await pass(5 + 12)
    circuit.stopSet()
    await pass(2)
    circuit.stopSet()
    await pass(6 + 10 + 7)
    circuit.stopSet()
    circuit.said('shoulder')
    expect(plain(sent)).toEqual([['Plank', 1, 12, 'none'], ['Bridge', 1, 7, 'shoulder']])
    scope.stop()
  })

  it('goes on after a tap on pain that was none', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    await pass(5 + 8)
    circuit.hurt()
    circuit.notHurt()
    circuit.timer.hold(false)
    await pass(12)
    expect(plain(sent)).toEqual([['Plank', 1, 20, 'none']])
    scope.stop()
  })

  it('takes the easier option from the moment it is chosen', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    await pass(5 + 20 + 10 + 20 + 31)
    expect(circuit.options.value.map(one => one.name)).toEqual(['Long plank', 'Plank'])
    circuit.choose('Plank.own')
    await pass(20)
    expect(sent.at(-1)).toMatchObject({ prescribedItemId: 'Plank', setNumber: 2, variationId: 'Plank.own' })
    scope.stop()
  })

  it('stands still for pain; that drill is a rest from then on, the others go on', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    await pass(5 + 8)
    circuit.hurt()
    await pass(60)
    circuit.hurtAt('lowBack')
    expect(sent.at(-1)).toMatchObject({ breakPoint: 'pain', painAt: 'lowBack', amount: 8, setNumber: 1 })
    circuit.timer.hold(false)
    await pass(12 + 10 + 20 + 30 + 20 + 10 + 20)
    expect(plain(sent).slice(1)).toEqual([['Bridge', 1, 20, 'none'], ['Bridge', 2, 20, 'none']])
    scope.stop()
  })

  it('misses nothing that ended while the page was asleep', async () => {
    const { circuit, sent, scope } = aCircuit()
    circuit.start()
    vi.setSystemTime(Date.now() + 70_000)
    await pass(1)
    expect(plain(sent).map(([id]) => id)).toEqual(['Plank', 'Bridge'])
    circuit.leave()
    expect(circuit.circuit.value).toBeNull()
    scope.stop()
  })

  it('goes on where it was left', async () => {
    const first = aCircuit()
    first.circuit.start()
    await pass(5 + 20 + 4)
    first.circuit.finish()
    const second = aCircuit(first.sent)
    expect(second.circuit.set.value).toMatchObject({ id: 'Bridge', setNumber: 1 })
    second.circuit.start()
    await pass(5 + 20)
    expect(plain(second.sent)).toEqual([['Bridge', 1, 20, 'none']])
    first.scope.stop()
    second.scope.stop()
  })
})
