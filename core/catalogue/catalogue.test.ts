import { describe, expect, it } from 'vitest'
import {
  ACTION_FACTS, checkVariation, findVariation, LADDERS, mainFacts, MODES, neighboursOf, PLANES, planesOf, schoolDose,
  SCHOOLS, STANDARD, TRUNK_ACTIONS, VARIATIONS, type SchoolId,
} from '.'
import { checkDose } from '../dose'

describe('the catalogue', () => {
  it('holds at least 170 variations on seventeen ladders, each one whole', () => {
    expect(VARIATIONS.length).toBeGreaterThanOrEqual(170)
    expect(LADDERS).toHaveLength(17)
    VARIATIONS.forEach(checkVariation)
  })

  it('covers every action, plane and mode', () => {
    for (const action of TRUNK_ACTIONS)
      expect(VARIATIONS.some(v => mainFacts(v.shares) === ACTION_FACTS[action]), action).toBe(true)
    for (const plane of PLANES) expect(VARIATIONS.some(v => planesOf(v.shares).includes(plane)), plane).toBe(true)
    for (const mode of Object.keys(MODES)) expect(VARIATIONS.some(v => v.mode === mode), mode).toBe(true)
    expect(VARIATIONS.some(v => v.insideLift)).toBe(true)
  })

  it('has at least four ladders of four rungs or more, each branch numbered from the ground', () => {
    expect(LADDERS.filter(ladder => ladder.rungs.length >= 4).length).toBeGreaterThanOrEqual(4)
    for (const { id, branches, rungs } of LADDERS) {
      expect(branches[0]!.id).toBe(id)
      expect(rungs.every(rung => rung.ladder === id)).toBe(true)
      for (const branch of branches) {
        expect(branch.rungs.map(v => [v.branch, v.rung])).toEqual(branch.rungs.map((_, i) => [branch.id, i + 1]))
        expect(branch.name).not.toBe('')
      }
    }
    expect(new Set(LADDERS.flatMap(l => l.branches).map(b => b.id)).size).toBe(LADDERS.flatMap(l => l.branches).length)
  })

  it('blocks no strength by mobility, no throw by folding, and stops a swing before it throws', () => {
    // What must be reached before a drill, however far back: common practice, no source.
    const before = (id: string): string[] =>
      findVariation(id)!.after.flatMap(one => [one, ...before(one)])
    const opening = STANDARD.branch('rotation')!.rungs.map(v => v.id)
    for (const id of ['rotation.chop-standing', 'rotation.throw-to-wall', 'rotation.band-turn-braking'])
      expect(before(id).filter(one => opening.includes(one)), id).toEqual([])
    expect(before('flexion.overhead-slam')).not.toContain('flexion.hanging-pike')
    expect(before('levers.side-lever')).not.toContain('levers.full')
    expect(before('inside-lift.front-loaded-squat')).toEqual([])
    expect(before('rotation.throw-to-wall')).toContain('rotation.pendulum-stop')
  })

  it('asks brace step 7 before the trunk makes anything fast, and step 6 before it stops anything', () => {
    const fast = VARIATIONS.filter(v => v.mode === 'ballistic' && v.ladder !== 'brace')
    for (const v of fast)
      expect(v.braceStep, v.id).toBeGreaterThanOrEqual(mainFacts(v.shares)?.resists ? 6 : 7)
    expect(fast.length).toBeGreaterThanOrEqual(6)
  })

  it('names every variation and gives it an id once', () => {
    expect(new Set(VARIATIONS.map(v => v.id)).size).toBe(VARIATIONS.length)
    expect(new Set(VARIATIONS.map(v => v.name)).size).toBe(VARIATIONS.length)
  })

  it('names only prerequisites that it holds', () => {
    for (const id of VARIATIONS.flatMap(v => v.prerequisites ?? [])) expect(findVariation(id), id).toBeDefined()
  })

  it('holds more drills that resist than drills that make movement', () => {
    const main = VARIATIONS.flatMap(v => mainFacts(v.shares) ?? [])
    expect(main.filter(facts => facts.resists).length).toBeGreaterThan(main.length / 2)
  })

  it('leaves a drill for every resisting action on a bare floor with a wall', () => {
    const floor = VARIATIONS.filter(v => v.equipment.every(need => need.includes('wall')))
    for (const action of TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].resists)) {
      expect(floor.some(v => (v.shares[action] ?? 0) >= 0.4), action).toBe(true)
    }
  })

  it('leaves a drill for every action on the bare floor, whatever else a room has', () => {
    const bare = VARIATIONS.filter(v => v.equipment.length === 0)
    for (const action of TRUNK_ACTIONS) expect(bare.some(v => (v.shares[action] ?? 0) >= 0.4), action).toBe(true)
  })

  it('asks at every gate for an amount of its own rung\'s dose, not below the lightest', () => {
    for (const { id, gate, doses } of VARIATIONS) {
      expect(gate.amount, id).toBeGreaterThanOrEqual(doses[0]!.amount)
      expect(gate.seen.length, id).toBeGreaterThan(5)
    }
  })

  it('goes round in no circle of prerequisites and neighbours', () => {
    const before = (v: typeof VARIATIONS[number]): string[] =>
      [neighboursOf(v, STANDARD).easier?.id, ...(v.prerequisites ?? [])].filter(Boolean) as string[]
    const done = new Set<string>()
    const visit = (id: string, path: readonly string[]): void => {
      expect(path, `${path.join(' > ')} > ${id}`).not.toContain(id)
      if (done.has(id)) return
      for (const next of before(findVariation(id)!)) visit(next, [...path, id])
      done.add(id)
    }
    VARIATIONS.forEach(v => visit(v.id, []))
  })

  it('gives every rung an easier neighbour, or is the ground', () => {
    for (const v of VARIATIONS) expect(neighboursOf(v, STANDARD).easier === null, v.id).toBe(v.after.length === 0)
  })

  it('names drills by what they are: no proper name stands in a name', () => {
    const capitals = VARIATIONS.flatMap(v => v.name.split(/[ -]/).slice(1).filter(word => /^[A-Z]./.test(word)))
    expect(capitals).toEqual([])
  })

  it('has a sound dose for every drill in every school', () => {
    for (const variation of VARIATIONS) {
      for (const school of Object.keys(SCHOOLS) as SchoolId[]) {
        const dose = schoolDose(variation, school)
        expect(() => checkDose(dose), `${variation.id} ${school}`).not.toThrow()
        expect(dose.unit).toBe(variation.doses[0]!.unit)
      }
    }
  })

  const good = VARIATIONS[0]!
  it.each([
    ['shares', { ...good, shares: { antiExtension: 0.5 } }],
    ['shares', { ...good, shares: { antiExtension: 1.5, rotation: -0.5 } }],
    ['id', { ...good, id: 'No Id' }],
    ['name', { ...good, name: '' }],
    ['faults', { ...good, faults: [] }],
    ['equipment', { ...good, equipment: [[]] }],
    ['braceStep', { ...good, braceStep: 8 }],
    ['doses', { ...good, doses: [] }],
    ['doses', { ...good, doses: [{ sets: 1, amount: 5, unit: 'reps' as const, restS: 0 }, good.doses[0]!] }],
    ['gate', { ...good, gate: { ...good.gate, sets: 0 } }],
  ])('refuses a variation whose %s is wrong', (field, variation) => {
    expect(() => checkVariation(variation)).toThrow(expect.objectContaining({ field }))
  })
})
