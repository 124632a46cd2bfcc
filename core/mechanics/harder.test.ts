import { expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { STANDARD } from '../catalogue'
import { nearTo } from './harder'

const body = bodyOf({ sex: 'female', heightM: 1.7, massKg: 65 })
const planks = STANDARD.ladders.find(l => l.id === 'front-plank')!.rungs

it('finds settings whose moment comes near what is wanted, the nearest first, of the same sign and main plane', () => {
  const found = nearTo(planks, body, 'sagittal', -100, 1.2)
  expect(found.length).toBeGreaterThan(1)
  const off = found.map(f => Math.abs(Math.abs(f.momentNm) - 120))
  expect(off).toEqual([...off].sort((a, b) => a - b))
  for (const f of found) {
    expect(f.momentNm).toBeLessThan(0)
    expect(f.ratio).toBeCloseTo(Math.abs(f.momentNm / 100), 9)
  }
})

it('finds nothing in a plane that nothing asks, nor among drills without a pose', () => {
  expect(nearTo(planks, body, 'transverse', 80, 1)).toEqual([])
  expect(nearTo([{ id: 'no.pose' }], body, 'sagittal', -80, 1)).toEqual([])
})
