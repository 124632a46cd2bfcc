import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { VARIATIONS } from '../catalogue'
import { MAN } from '../testing/poses'
import { poseOf } from './links'
import { pathOf, pathSettings, POSITIONS_OF_PATH } from './path'
import { POSE_LINKS } from './poseLinks'

const body = bodyOf(MAN)
const MOVES = ['dynamic', 'limbMoving', 'ballistic', 'balance']

describe('the path of a repeat', () => {
  it('is there for every drill that moves and has a pose, or the data say why it needs none', () => {
    const without = VARIATIONS.filter(v => MOVES.includes(v.mode)).filter((v) => {
      const link = poseOf(v)
      return link && !link.from && !link.steady
    })
    expect(without.map(v => v.id)).toEqual([])
  })

  it('belongs to no hold', () => {
    const held = VARIATIONS.filter(v => v.mode === 'isometric' && pathSettings(v, body, {}).length > 1)
    expect(held.map(v => v.id)).toEqual([])
  })

  it('names settings its model has, other than where it ends', () => {
    for (const [id, link] of Object.entries(POSE_LINKS)) {
      if (!('model' in link) || !link.from) continue
      const [easy, ...rest] = pathSettings({ id }, body, {})
      for (const name of Object.keys(link.from)) {
        expect(easy, `${id} ${name}`).toHaveProperty(name)
        expect(rest.at(-1)?.[name], `${id} ${name}`).not.toBe(easy?.[name])
      }
    }
  })

  it('goes in equal steps, and every position of every drill stands in balance', () => {
    for (const { id } of VARIATIONS) {
      const path = pathOf({ id }, body, {})
      if (path.length > 1) expect(path.map(p => p.along)).toEqual([0, 0.25, 0.5, 0.75, 1])
      expect([0, 1, POSITIONS_OF_PATH]).toContain(path.length)
      expect(path.filter(p => !p.balanced).map(p => `${id} at ${p.along}`)).toEqual([])
    }
  })

  it('can be taken in every position by every body between 1.50 and 2.05 m', () => {
    const refused: string[] = []
    for (let cm = 150; cm <= 205; cm += 5) {
      for (const sex of ['male', 'female'] as const) {
        const someone = bodyOf({ sex, heightM: cm / 100, massKg: Math.max(45, 24 * (cm / 100) ** 2) })
        for (const { id } of VARIATIONS) {
          try {
            pathOf({ id }, someone, {})
          }
          catch (error) {
            refused.push(`${id} ${sex} ${cm}: ${String(error)}`)
          }
        }
      }
    }
    expect(refused).toEqual([])
  }, 120_000)

  it('of a rollout begins where hardly anything is asked and ends where most is', () => {
    const arch = pathOf({ id: 'rollout.wheel-kneeling' }, body, {}).map(p => -p.sagittalNm)
    expect(arch).toEqual([...arch].sort((a, b) => a - b))
    expect(arch[0]).toBeLessThan(10)
    expect(arch.at(-1)).toBeGreaterThan(140)
  })

  it('ends where the day has set it', () => {
    expect(pathSettings({ id: 'press-out.standing' }, body, { reachPercent: 60 }).map(s => s.reachPercent))
      .toEqual([0, 15, 30, 45, 60])
  })
})
