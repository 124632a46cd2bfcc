import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { VARIATIONS } from '../catalogue'
import { MAN } from '../testing/poses'
import { drillFigures } from './drillFigures'
import { poseOf } from './links'
import { DRILL_PICTURES } from './pictures'

const BODIES = [
  MAN, { sex: 'female', heightM: 1.5, massKg: 45 }, { sex: 'female', heightM: 1.68, massKg: 62 },
  { sex: 'male', heightM: 2.05, massKg: 130 },
] as const
const MOVES = ['dynamic', 'limbMoving', 'balance']

describe('the figure of a drill', () => {
  it('is there for every drill and every body, computed or marked as a picture', () => {
    for (const size of BODIES) {
      for (const drill of VARIATIONS) {
        const found = drillFigures(drill, bodyOf(size))
        expect(found, `${drill.id} ${size.heightM}`).not.toBeNull()
        expect(found?.isPicture, drill.id).toBe(poseOf(drill) === null)
        const { left, right, bottom, top } = found!.end.box
        expect([right - left > 0.1, top - bottom > 0.1, right - left < 3], drill.id).toEqual([true, true, true])
      }
    }
  })

  it('is declared for every drill without a pose, and for no other', () => {
    const without = VARIATIONS.filter(v => !poseOf(v)).map(v => v.id)
    expect(Object.keys(DRILL_PICTURES).sort()).toEqual(without.sort())
  })

  it('shows both ends of what moves, and they differ', () => {
    for (const drill of VARIATIONS.filter(v => MOVES.includes(v.mode))) {
      const found = drillFigures(drill, bodyOf(MAN))!
      const link = poseOf(drill) ?? DRILL_PICTURES[drill.id]!
      if (!link.from) continue
      expect(found.start, drill.id).not.toBeNull()
      expect(JSON.stringify(found.start), drill.id).not.toBe(JSON.stringify(found.end))
    }
  })

  it('of a hold has one end', () => {
    expect(drillFigures({ id: 'front-plank.elbows' }, bodyOf(MAN))?.start).toBeNull()
  })

  it('is none for a drill of one’s own without a pose', () => {
    expect(drillFigures({ id: 'own-x.own-y' }, bodyOf(MAN))).toBeNull()
  })
})
