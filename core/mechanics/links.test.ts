import { describe, expect, it } from 'vitest'
import { bodyOf, type BodySize } from '../anatomy'
import { LADDERS, VARIATIONS } from '../catalogue'
import { evaluateBody } from './evaluate'
import { ORDER_NOTES } from './ladderOrder'
import { poseOf, settingsFor } from './links'
import { POSE_LINKS } from './poseLinks'
import { settingsOf } from './model'
import { findModel } from './poses'
import { askOf } from './typical'

const M: BodySize = { sex: 'male', heightM: 1.80, massKg: 80 }
const F: BodySize = { sex: 'female', heightM: 1.68, massKg: 62 }

describe('the catalogue\'s poses', () => {
  it('are linked or say why not, every one', () => {
    expect(Object.keys(POSE_LINKS).sort()).toEqual(VARIATIONS.map(v => v.id).sort())
    for (const [id, link] of Object.entries(POSE_LINKS)) {
      if ('none' in link) expect(link.none.length, id).toBeGreaterThan(20)
      else {
        const model = findModel(link.model)!
        expect(model, id).toBeDefined()
        for (const name of [...link.open, ...Object.keys(link.set)])
          expect(model.settings, `${id} ${name}`).toHaveProperty(name)
      }
    }
  })

  const bodies: BodySize[] = [
    M, F, { sex: 'female', heightM: 1.5, massKg: 45 }, { sex: 'male', heightM: 1.5, massKg: 45 },
    { sex: 'male', heightM: 2.05, massKg: 130 }, { sex: 'female', heightM: 2.05, massKg: 130 },
    { sex: 'male', heightM: 1.9, massKg: 70 },
  ]
  const askFor = (id: string, size: BodySize): number | null => {
    const link = poseOf({ id })
    if (!link) return null
    const model = findModel(link.model)!
    const result = evaluateBody(model, bodyOf(size), settingsOf(model.settings, settingsFor(link, size)))
    expect(result.balanced, `${id} ${size.heightM}`).toBe(true)
    return Math.max(...Object.values(askOf(result)))
  }

  it('rise along each branch for bodies of 1.50-2.05 m and 45-130 kg, or the data say why not', () => {
    const noted = new Set(ORDER_NOTES.map(n => `${n.easier} > ${n.harder}`))
    const level = new Set<string>()
    for (const size of bodies) {
      for (const { rungs } of LADDERS.flatMap(ladder => ladder.branches)) {
        let last: { id: string, ask: number } | null = null
        for (const { id } of rungs) {
          const ask = askFor(id, size)
          if (ask === null) continue
          if (last && ask < last.ask - 1e-9)
            expect(noted, `${last.id} > ${id}: ${last.ask.toFixed(2)} to ${ask.toFixed(2)} at ${size.heightM} m`)
              .toContain(`${last.id} > ${id}`)
          if (last && ask < last.ask * 1.1) level.add(`${last.id} > ${id}`)
          last = { id, ask }
        }
      }
    }
    // No note without need.
    expect([...noted].filter(pair => !level.has(pair))).toEqual([])
  })
})
