import { describe, expect, it } from 'vitest'
import { STANDARD, VARIATIONS } from '../../catalogue'
import { LIFT_IDS, liftFacts } from '..'
import { pasteRoutine } from './pasteRoutine'

const SIT_UPS = `Mon 60 min
Back squat 4x5 @ 80 %
Crunch, arms on the chest 3 x 25
Reverse crunch 3x20
Thu
Bench press 5x5 @ 75%
Crunch behind the ears 3 x 25
Dragon wings 3 x 8`

describe('a pasted routine', () => {
  const { plan, unread } = pasteRoutine(SIT_UPS, STANDARD)

  it('is read line by line: days, minutes, lifts with their load, drills by their words', () => {
    expect(plan.sessions.map(s => [s.day, s.minutes, s.lifts.length, s.items.length])).toEqual([[0, 60, 1, 2], [
      3, 60, 1, 1,
    ]])
    expect(plan.sessions[0]!.lifts[0]).toMatchObject({ lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 80 })
    expect(plan.sessions[0]!.items[1]).toMatchObject({
      variationId: 'flexion.reverse-crunch', dose: { sets: 3, amount: 20, unit: 'reps' }, slot: 'after',
    })
  })

  it('tells the line it does not know and guesses nothing', () => {
    expect(unread.map(u => [u.line, u.text])).toEqual([[8, 'Dragon wings 3 x 8']])
  })

  it.each(
    [
      ['Tue: Side plank 3 x 20 s', 'side-plank.feet', 20, 'seconds'],
      ['Suitcase carry 3 × 20 m', 'carries.suitcase', 20, 'metres'],
      ['3x8 suitcase carry', 'carries.suitcase', 8, 'reps'],
    ] as const,
  )('reads %s', (text, id, amount, unit) => {
    expect(pasteRoutine(text, STANDARD).plan.sessions[0]!.items[0]).toMatchObject({
      variationId: id, dose: { amount, unit },
    })
  })

  it('reads every name of the catalogue as that drill, and every lift as that lift', () => {
    const lifts = new Set(LIFT_IDS.map(id => liftFacts(id).name))
    for (const v of VARIATIONS.filter(one => !lifts.has(one.name))) {
      expect(pasteRoutine(`${v.name} 2 x 8`, STANDARD).plan.sessions[0]!.items[0]?.variationId, v.name).toBe(
        VARIATIONS.find(one => one.name === v.name)!.id,
      )
    }
    for (const id of LIFT_IDS)
      expect(pasteRoutine(`${liftFacts(id).name} 3 x 5`, STANDARD).plan.sessions[0]!.lifts[0]?.lift).toBe(id)
  })

  it.each(['', '\n\n', '- - -', '3 x 10', 'Front plank', '????? 3 x 3', 'Back squat 4x99 @ 80 %', 'Mon Mon Mon'])(
    'makes no drill out of %j',
    (text) => {
      expect(pasteRoutine(text, STANDARD).plan.sessions.flatMap(s => [...s.items, ...s.lifts])).toEqual([])
    },
  )
})
