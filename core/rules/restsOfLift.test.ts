import { expect, it } from 'vitest'
import { itemDurationS, liftDurationS } from '../programme'
import { able, day, drill, forSession, squat } from '../testing/handMade'
import { restsOfLift } from './restsOfLift'

const paired = (sets: number) => drill('press-out.standing', {
  slot: 'paired', pairedWith: 'squat', dose: { sets, amount: 10, unit: 'reps', tempo: '2-0-2-0', restS: 10 },
})

it('allows what is no longer than the lift, and marks the last drill beyond it', () => {
  for (let sets = 1; sets <= 20; sets += 1) {
    const one = paired(sets)
    const found = restsOfLift.breaks(forSession(day([one], { lifts: [squat] })))
    const over = itemDurationS(one, able.screen.catalogue) > liftDurationS(squat)
    expect(found.map(b => b.itemId), `${sets} sets`).toEqual(over ? [one.id] : [])
  }
})
