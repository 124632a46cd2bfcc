import { describe, expect, it } from 'vitest'
import { context, item, session, variation } from '../../testing/fixtures'
import { asPlannerItems, asSessions } from './asSessions'
import { doseOf, optionsFor } from './options'

const option = {
  dose: variation.doses[0]!, extraSetSide: 'left' as const, setting: { loadKg: 5 },
}
const fourSets = { ...option, dose: { ...item.dose, sets: 4 } }
const options = new Map([[`${variation.id}/1`, option], [`${variation.id}/2`, fourSets]])
const planned = { variation: variation.id, session: session.id, slot: 'paired:squat', sets: 1 }

describe('a plan of the planner as a week', () => {
  it('has each item in its place and dose, home work where it was, the rest gone', () => {
    const home = { ...item, id: 'h', slot: 'home' as const }
    const [found] = asSessions([planned], [{ ...session, items: [home, item] }], { options, kept: new Map() })
    expect(found?.items).toEqual([home, {
      id: `${session.id}/${variation.id}`, variationId: variation.id, dose: option.dose, slot: 'paired',
      pairedWith: 'squat', extraSetSide: 'left', setting: { loadKg: 5 }, why: '',
    }])
  })

  it('has a kept item as the coach made it', () => {
    const own = { ...item, id: 'own', note: 'slowly', kept: true as const }
    const kept = new Map([[`${session.id}/${variation.id}/1`, own]])
    expect(asSessions([planned], [session], { options, kept })[0]?.items).toEqual([own])
  })

  it('gives no item the name of one that is kept', () => {
    const own = { ...item, id: `${session.id}/${variation.id}`, kept: true as const }
    const kept = new Map([['elsewhere/x/1', own]])
    expect(asSessions([planned], [session], { options, kept })[0]?.items[0]?.id).toBe(`${session.id}/${variation.id}+`)
  })

  it('is read back by its doses; what the planner does not know is left out', () => {
    const stood = { ...session, items: [4, 9].map(sets => ({ ...item, id: `i${sets}`, dose: { ...item.dose, sets } })) }
    expect(asPlannerItems([stood], { options })).toEqual([{ ...planned, slot: 'after', sets: 2 }])
  })

  it('comes back as it was for every option there is', () => {
    const map = new Map(optionsFor(context, [0]).flatMap(one =>
      one.sets.map(sets => [`${one.variation.id}/${sets}`, { ...one, dose: doseOf(one, sets) }] as const)
    ))
    expect(map.size).toBeGreaterThan(40)
    for (const key of map.keys()) {
      const [id, sets] = key.split('/') as [string, string]
      const plan = [{ variation: id, session: session.id, slot: 'after', sets: Number(sets) }]
      const sessions = asSessions(plan, [session], { options: map, kept: new Map() })
      expect(asPlannerItems(sessions, { options: map })).toEqual(plan)
    }
  })
})
