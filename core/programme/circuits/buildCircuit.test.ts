import { describe, expect, it } from 'vitest'
import { findVariation, STANDARD } from '../../catalogue'
import { context, item, session } from '../../testing/fixtures'
import { buildCircuit } from './buildCircuit'
import { circuitS, itemFullSets, layOutSession, proposeWeek, type TrunkItem } from '..'
import { weekConflicts } from '../../rules'

describe('a circuit', () => {
  const circuit = { id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' as const }

  it('takes what is reckoned by hand: two rounds of four stations at 30 s and 30 s, 60 s between, 20 s first', () => {
    const four = ['front-plank.elbows', 'side-plank.feet', 'press-out.standing', 'balance.hinge-bent'].map((
      variationId, i,
    ): TrunkItem => ({ ...item, id: String(i), variationId, circuit: 'c' }))
    expect(circuitS(circuit, four, STANDARD)).toBe(2 * (4 * 30 + 3 * 30) + 60 + 20)
  })

  it('is built of different blocks and ladders within the minutes, and stays through a proposal', () => {
    const built = buildCircuit({ ...session, lifts: [] }, circuit, 10, context)!
    const ladders = built.items.map(i => findVariation(i.variationId)!.ladder)
    expect(new Set(ladders).size).toBe(4)
    const day = { ...session, lifts: [], items: built.items, circuits: [built.circuit] }
    expect(layOutSession(day, STANDARD).totalS).toBeLessThanOrEqual(604)
    expect(weekConflicts({ sessions: [day] }, context).filter(c => c.blocks)).toEqual([])
    expect(proposeWeek({ context, sessions: [day] }).plan.sessions[0]!.items.filter(i => i.circuit === 'c')).toEqual(
      built.items,
    )
  })

  it('takes fewer rounds where the minutes do not reach, and none where not even one fits', () => {
    expect(buildCircuit({ ...session, lifts: [] }, circuit, 5, context)!.circuit.rounds).toBe(1)
    expect(buildCircuit({ ...session, lifts: [] }, circuit, 1, context)).toBeNull()
  })

  it('counts each round’s own drill: a harder second round gives its own shares', () => {
    const two: TrunkItem = {
      ...item, variationId: 'front-plank.elbows', dose: { sets: 2, amount: 30, unit: 'seconds', restS: 30 },
      rounds: [{ variationId: 'side-plank.feet', fallbackId: 'front-plank.elbows' }],
    }
    const first = { ...two, dose: { ...two.dose, sets: 1 }, rounds: [] }
    const [once, both] = [first, two].map(one => itemFullSets(one, context))
    const second = itemFullSets({
      ...two, variationId: 'side-plank.feet', dose: { ...two.dose, sets: 1 }, rounds: [],
    }, context)
    expect(both!.antiExtension).toBeCloseTo(once!.antiExtension + second.antiExtension, 9)
    expect(both!.antiLateralFlexion).toBeCloseTo(once!.antiLateralFlexion + second.antiLateralFlexion, 9)
    expect([once!.antiExtension, second.antiLateralFlexion].every(worth => worth > 0)).toBe(true)
  })

  it('refuses a later round that may not be given', () => {
    const rounds = [{ variationId: 'front-plank.long-lever', fallbackId: null }]
    const low = { ...context, screen: { ...context.screen, rungs: { 'front-plank': 5 } } }
    const found = weekConflicts({
      sessions: [{ ...session, items: [{ ...item, variationId: 'front-plank.elbows', rounds }] }],
    }, low)
    expect(found.some(c => c.blocks && c.text.startsWith(findVariation('front-plank.long-lever')!.name))).toBe(true)
  })
})
