import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { item, lift, session } from '../../testing/fixtures'
import {
  addItem, addSession, changeItem, findItem, liftsOnly, moveItem, moveToNeighbour, nudgeItem, putLift, removeItem,
  removeLift, removeSession, type WeekPlan,
} from '..'

const second = { ...session, id: 't', day: 2, lifts: [] }
const plan: WeekPlan = { sessions: [{ ...session, items: [item] }, second] }
const at = (p: WeekPlan): string => {
  const found = findItem(p, 'i')!
  return `${found.session.id}:${found.item.slot}:${found.item.pairedWith ?? '-'}`
}

describe('editing a week', () => {
  it('moves an item to any place of any session', () => {
    expect(at(moveItem(plan, 'i', 's', { slot: 'paired', pairedWith: 'squat' }))).toBe('s:paired:squat')
    expect(at(moveItem(plan, 'i', 't', { slot: 'finisher', pairedWith: null }))).toBe('t:finisher:-')
  })

  it('puts what was to be paired with a missing lift after the lifts', () => {
    expect(at(moveItem(plan, 'i', 't', { slot: 'paired', pairedWith: 'squat' }))).toBe('t:after:-')
  })

  it('nudges along the line from one end to the other and stops there', () => {
    const stations: string[] = []
    let now = plan
    for (let i = 0; i < 6; i++) now = nudgeItem(now, 'i', -1)
    for (let i = 0; i < 7; i++) {
      stations.push(at(now))
      now = nudgeItem(now, 'i', 1)
    }
    expect(stations).toEqual([
      's:activation:-', 's:paired:squat', 's:inside:squat', 's:after:-', 's:finisher:-', 's:home:-', 's:home:-',
    ])
  })

  it('nudges past a neighbour before it leaves the place', () => {
    const two = addItem(plan, 's', { ...item, id: 'j' })
    const after = nudgeItem(two, 'i', 1)
    expect(after.sessions[0]!.items.map(x => x.id)).toEqual(['j', 'i'])
    expect(at(after)).toBe('s:after:-')
  })

  it('carries an item to the neighbouring session and not over the edge', () => {
    expect(at(moveToNeighbour(plan, 'i', 1))).toBe('t:after:-')
    expect(moveToNeighbour(plan, 'i', -1)).toBe(plan)
  })

  it('never loses or doubles an item, whatever is done', () => {
    const step = fc.constantFrom<(p: WeekPlan) => WeekPlan>(
      p => nudgeItem(p, 'i', 1), p => nudgeItem(p, 'i', -1), p => moveToNeighbour(p, 'i', 1),
      p => moveToNeighbour(p, 'i', -1),
      p => moveItem(p, 'j', 't', { slot: 'activation', pairedWith: null }),
      p => nudgeItem(p, 'j', 1), p => nudgeItem(p, 'j', -1),
    )
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        const end = steps.reduce((p, change) => change(p), addItem(plan, 's', { ...item, id: 'j' }))
        expect(end.sessions.flatMap(s => s.items.map(x => x.id)).sort()).toEqual(['i', 'j'])
      }),
      { seed: 51 },
    )
  })

  it('leaves a week as it was when the item is not in it', () => {
    for (const edited of [removeItem(plan, 'x'), changeItem(plan, 'x', i => i), nudgeItem(plan, 'x', 1)])
      expect(edited).toEqual(plan)
  })

  it('keeps paired work when its lift goes', () => {
    const paired = moveItem(plan, 'i', 's', { slot: 'paired', pairedWith: 'squat' })
    expect(at(removeLift(paired, 's', 'squat'))).toBe('s:after:-')
  })

  it('puts lifts in and changes them', () => {
    expect(putLift(plan, 't', lift).sessions[1]!.lifts).toEqual([lift])
    expect(putLift(plan, 's', { ...lift, sets: 9 }).sessions[0]!.lifts).toEqual([{ ...lift, sets: 9 }])
  })

  it('adds sessions in the order of days and takes them out', () => {
    const more = addSession(plan, { ...second, id: 'u', day: 1 })
    expect(more.sessions.map(s => s.id)).toEqual(['s', 'u', 't'])
    expect(removeSession(more, 'u')).toEqual(plan)
    expect(liftsOnly(plan).sessions[0]).toEqual({ ...session, items: [] })
  })
})
