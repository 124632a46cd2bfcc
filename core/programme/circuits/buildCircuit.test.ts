import { describe, expect, it } from 'vitest'
import { findVariation, STANDARD } from '../../catalogue'
import { context, item, session } from '../../testing/fixtures'
import { buildCircuit } from './buildCircuit'
import { CIRCUIT_WAYS, type CircuitWay } from './circuitWays'
import { circuitS, itemFullSets, layOutSession, meansOf, proposeWeek, type TrunkItem } from '..'
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

  it('is done in each of its ways within its minutes, and nothing of it is refused', () => {
    for (const [id, way] of Object.entries<CircuitWay>(CIRCUIT_WAYS)) {
      const minutes = way.whole ? way.whole.minutes - way.whole.warmUpMinutes - way.whole.coolDownMinutes : 20
      const built = buildCircuit({ ...session, lifts: [] }, { id, ...way.wish }, minutes, context)!
      const day = { ...session, lifts: [], items: built.items, circuits: [built.circuit] }
      const stations = built.items.filter(i => !i.between)
      expect([id, stations.length]).toEqual([id, 4])
      expect(circuitS(built.circuit, built.items, STANDARD)).toBeLessThanOrEqual(minutes * 60)
      expect(weekConflicts({ sessions: [day] }, context).filter(c => c.blocks)).toEqual([])
      expect(stations.map(i => i.dose.sets)).toEqual(stations.map(() =>
        built.circuit.rounds * (built.circuit.times ?? 1)))
    }
  })

  it('of a fighter is three minutes of work, and a crawl in the minute after all rounds but the last', () => {
    const { circuit: fight, items } = buildCircuit(
      { ...session, lifts: [] }, { id: 'f', ...CIRCUIT_WAYS.fighter.wish }, 20, context)!
    const [crawl, ...more] = items.filter(i => i.between)
    expect(more).toEqual([])
    expect(findVariation(crawl!.variationId)).toMatchObject({ ladder: 'quadruped', mode: 'locomotor' })
    expect(crawl!.dose).toEqual({ sets: fight.rounds - 1, amount: 60, unit: 'seconds', restS: 0 })
    expect(fight.workS * (items.length - 1)).toBe(180)
    // Three rounds of three minutes, two minutes between them, and the way there.
    expect(circuitS(fight, items, STANDARD)).toBe(3 * 180 + 2 * 60 + 20)
  })

  it('is work for this athlete: no breathing, no rung that was left, nothing that goes past the limit', () => {
    const { effortOf, landing } = meansOf(context)
    for (const [id, way] of Object.entries<CircuitWay>(CIRCUIT_WAYS)) {
      const { items } = buildCircuit({ ...session, lifts: [] }, { id, ...way.wish }, 22, context)!
      for (const { variationId, dose, setting, between } of items) {
        const drill = findVariation(variationId)!
        const { kind, effort } = effortOf(drill, { ...dose, sets: 1 }, setting)
        expect([variationId, kind, effort <= landing.limit]).toEqual([variationId, 'work', true])
        const isEasy = between || ['balance', 'locomotor'].includes(drill.mode)
        if (!isEasy) expect([variationId, effort >= 0.3]).toEqual([variationId, true])
      }
    }
  })

  it('crawls nowhere where no crawl is open: that is a rest', () => {
    const hurt = { ...context, screen: { ...context.screen, flags: ['wrist' as const] } }
    const built = buildCircuit({ ...session, lifts: [] }, { id: 'f', ...CIRCUIT_WAYS.fighter.wish }, 20, hurt)
    expect(built!.items.some(i => i.between)).toBe(false)
  })

  it('does a station twice in a row, harder the second time where that is open', () => {
    const { items } = buildCircuit({ ...session, lifts: [] }, { id: 't', ...CIRCUIT_WAYS.twice.wish }, 20, context)!
    for (const { dose, rounds, variationId } of items) {
      expect(dose.sets).toBe(2)
      if (rounds) expect(rounds).toEqual([{ variationId: rounds[0]!.variationId, fallbackId: variationId }])
    }
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
