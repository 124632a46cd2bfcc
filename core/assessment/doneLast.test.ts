import { describe, expect, it } from 'vitest'
import { STANDARD } from '../catalogue'
import { doneLast } from './doneLast'
import type { SetLog } from './setLog'

const log = (variationId: string, day: string, over: Partial<SetLog> = {}): SetLog => ({
  prescribedItemId: 'p', variationId, day, setNumber: 1, side: null, amount: 20, unit: 'seconds', tempo: null,
  breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, ...over,
})
const [low, high] = STANDARD.variations.filter(({ branch }) => branch === 'side-plank')
const last = (logs: SetLog[]) => doneLast(high!.id, '2026-03-10', logs, STANDARD)

describe('a drill as it was done last', () => {
  it('is the very drill of the latest day: its best set, its sets a side, what ended it, how hard', () => {
    expect(last([
      log(high!.id, '2026-03-02', { amount: 40 }), log(high!.id, '2026-03-04', { side: 'left', effort: 6 }),
      log(high!.id, '2026-03-04', { side: 'right', amount: 25 }),
      log(high!.id, '2026-03-04', { side: 'left', setNumber: 2, amount: 12, breakPoint: 'shoulder', effort: 8 }),
      log(low!.id, '2026-03-09'), log(high!.id, '2026-03-10', { amount: 99 }),
    ])).toEqual({
      day: '2026-03-04', variationId: high!.id, rungs: 0, sets: 2, amount: 25, unit: 'seconds', tempo: null,
      setting: {}, broke: 'shoulder', effort: 8,
    })
  })

  it('else the rung of its branch that was done last, and how far below it stood', () => {
    expect(last([log(low!.id, '2026-03-09'), log('press-out.standing', '2026-03-09')])).toMatchObject({
      variationId: low!.id, rungs: high!.rung - low!.rung,
    })
    expect(doneLast(low!.id, '2026-03-10', [log(high!.id, '2026-03-09')], STANDARD)!.rungs).toBeLessThan(0)
  })

  it('is none where nothing of the branch was done before', () => {
    expect(last([log('press-out.standing', '2026-03-09'), log(high!.id, '2026-03-10')])).toBeNull()
  })
})
