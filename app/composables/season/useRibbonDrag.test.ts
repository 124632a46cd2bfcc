import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useRibbonDrag } from './useRibbonDrag'

const did = vi.fn()
let canDrag = true
const opened = () => useRibbonDrag({
  dayPx: () => 10, canDrag: () => canDrag, open: id => did('open', id), move: (id, days) => did('move', id, days),
  start: (phase, weeks) => did('start', phase, weeks),
})
const at = (clientX: number, button = 0) =>
  ({ clientX, button, pointerId: 1, currentTarget: { setPointerCapture: vi.fn() } }) as unknown as PointerEvent

beforeEach(() => {
  did.mockReset()
  canDrag = true
})

describe('a drag along the season', () => {
  it.each([[100, 'open', ['open', 'e']], [104, 'a click with a shaking hand', ['open', 'e']],
    [126, 'three days on', ['move', 'e', 3]], [80, 'two days back', ['move', 'e', -2]]] as const)(
    'of a flag let go at %i is %s',
    (to, _, what) => {
      const { grab, pull, drop } = opened()
      grab(at(100), 'entry', 'e')
      pull(at(to))
      drop()
      expect(did.mock.calls).toEqual([what])
    },
  )

  it('of a phase goes by whole weeks, and back where it was is nothing', () => {
    const { grab, pull, drop, drag } = opened()
    grab(at(0), 'phase', '2')
    pull(at(150))
    drop()
    grab(at(0), 'phase', '2')
    pull(at(20))
    drop()
    expect([did.mock.calls, drag.value]).toEqual([[['start', 2, 2]], null])
  })

  it('shows how far it would go, and only begins with the main button where one may', () => {
    const { grab, pull, drop, shiftDays } = opened()
    grab(at(0, 2), 'entry', 'e')
    pull(at(50))
    expect(shiftDays.value).toBe(0)
    canDrag = false
    grab(at(0), 'entry', 'e')
    drop()
    canDrag = true
    grab(at(0), 'entry', 'e')
    pull(at(52))
    expect([shiftDays.value, did.mock.calls]).toEqual([5, []])
  })
})
