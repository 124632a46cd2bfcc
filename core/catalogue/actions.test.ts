import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { askOf, pathOf, poseOf, type Direction } from '../mechanics'
import { MAN } from '../testing/poses'
import { ARGUED_ACTIONS } from './arguedActions'
import { VARIATIONS } from './catalogue'
import { kindOf } from './kind'
import { ACTION_FACTS, type TrunkAction } from './trunkAction'
import type { Variation } from './variation'

const OF: Readonly<Record<TrunkAction, Direction>> = {
  antiExtension: 'arch', flexion: 'arch', antiFlexion: 'fold', extension: 'fold', antiLateralFlexion: 'side',
  lateralFlexion: 'side', antiRotation: 'turn', rotation: 'turn',
}
const DIRECTIONS: Direction[] = ['arch', 'fold', 'side', 'turn']
const body = bodyOf(MAN)

/** What the positions of a repeat ask by direction, together one. */
function computed(drill: Variation): Record<Direction, number> {
  const sums = { arch: 0, fold: 0, side: 0, turn: 0 }
  for (const position of pathOf(drill, body, {})) {
    for (const direction of DIRECTIONS) sums[direction] += askOf(position)[direction]
  }
  const all = DIRECTIONS.reduce((sum, direction) => sum + sums[direction], 0)
  for (const direction of DIRECTIONS) sums[direction] /= all
  return sums
}

const authored = (drill: Variation, direction: Direction): number =>
  Object.entries(drill.shares).reduce((sum, [action, share]) =>
    sum + (OF[action as TrunkAction] === direction ? share : 0), 0)

const loads = (drill: Variation): boolean => Object.keys(drill.shares).length > 0
const computable = VARIATIONS.filter(v => poseOf(v) && loads(v) && !Object.hasOwn(ARGUED_ACTIONS, v.id))

describe('actions of drills', () => {
  it.each(computable.map(v => [v.id, v] as const))('%s asks for what its positions ask for', (_, drill) => {
    const asked = computed(drill)
    // Parts under 15 % are left out and the rest told in steps of 5 %: that is as near as words can be.
    for (const direction of DIRECTIONS) {
      expect(Math.abs(authored(drill, direction) - asked[direction])).toBeLessThan(0.15)
      if (asked[direction] < 0.02) expect(authored(drill, direction)).toBe(0)
    }
    const main = DIRECTIONS.reduce((a, b) => (asked[b] > asked[a] ? b : a))
    const told = DIRECTIONS.reduce((a, b) => (authored(drill, b) > authored(drill, a) ? b : a))
    expect(asked[main] - asked[told], `${told} told, ${main} asked`).toBeLessThan(0.03)
  })

  it('of all other drills are argued in a sentence, once each and for no drill besides', () => {
    const others = VARIATIONS.filter(v => loads(v) && !computable.includes(v)).map(v => v.id)
    expect(Object.keys(ARGUED_ACTIONS).sort()).toEqual(others.sort())
    for (const why of Object.values(ARGUED_ACTIONS)) expect(why).toMatch(/^[A-Z].{20,}\.$/)
  })

  it('of what wakes, breathes or loosens never resist anything', () => {
    for (const drill of VARIATIONS) {
      const kind = kindOf(drill)
      if (kind === 'activation' || kind === 'brace') expect([drill.id, drill.shares]).toEqual([drill.id, {}])
      if (kind === 'mobility') {
        const resists = Object.keys(drill.shares).filter(action => ACTION_FACTS[action as TrunkAction].resists)
        expect([drill.id, resists]).toEqual([drill.id, []])
      }
    }
  })

  it('are none where a position asks next to nothing: that is activation, not work', () => {
    const idle = VARIATIONS.filter((v) => {
      const path = pathOf(v, body, {})
      return kindOf(v) === 'work' && path.length > 0 && !Object.hasOwn(ARGUED_ACTIONS, v.id)
        && Math.max(...path.flatMap(p => Object.values(askOf(p)))) < 0.05
    })
    expect(idle.map(v => v.id)).toEqual([])
  })
})
