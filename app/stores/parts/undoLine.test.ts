import fc from 'fast-check'
import { expect, it } from 'vitest'
import { shallowRef } from 'vue'
import { undoLine } from './undoLine'

function lineOf(start: number) {
  const now = shallowRef(start)
  const line = undoLine(now, (step) => { now.value = step })
  return { now, ...line }
}

it('goes back over every step and forward again, and ends at both ends', () => {
  fc.assert(fc.property(fc.array(fc.integer(), { maxLength: 8 }), (steps) => {
    const { now, change, undo, redo, past } = lineOf(0)
    steps.forEach(step => change(step))
    const made = past.value.length
    for (let i = 0; i <= made; i++) undo()
    expect([now.value, past.value.length]).toEqual([0, 0])
    for (let i = 0; i <= made; i++) redo()
    expect(now.value).toBe(steps.at(-1) ?? 0)
  }), { seed: 2 })
})

it('forgets what was undone as soon as something else is done; the same again is no step', () => {
  const { now, change, undo, redo, past, future } = lineOf(1)
  change(2)
  change(2)
  expect(past.value).toEqual([1])
  undo()
  change(3)
  redo()
  expect([now.value, future.value]).toEqual([3, []])
})

it('takes steps of one hand, one after the other, as one', () => {
  const { now, change, undo, past } = lineOf(0)
  ;[1, 2, 3].forEach(step => change(step, 'slider'))
  change(4, 'another')
  expect(past.value).toEqual([0, 3])
  undo()
  // After going back the same hand begins anew.
  change(5, 'another')
  expect(past.value).toEqual([0, 3])
  undo()
  undo()
  expect(now.value).toBe(0)
})

it('keeps the nearest steps, takes them up again, and carries them to other ground', () => {
  const { change, undo, nearest, takeUp, rewrite, past, future } = lineOf(0)
  ;[1, 2, 3, 4].forEach(step => change(step))
  undo()
  expect(nearest(2)).toEqual({ past: [1, 2], future: [4] })
  takeUp(nearest(2))
  rewrite(step => step * 10)
  expect([past.value, future.value]).toEqual([[10, 20], [40]])
  takeUp()
  expect([past.value, future.value]).toEqual([[], []])
})
