import { describe, expect, it } from 'vitest'
import type { BodySize } from '../anatomy'
import { evaluate, type Evaluation } from './evaluate'
import { findModel } from './poses'

const F: BodySize = { sex: 'female', heightM: 1.68, massKg: 62 }
const of = (id: string, size: BodySize, settings = {}): Evaluation => evaluate(findModel(id)!, size, settings)

describe('wrong settings', () => {
  it.each([
    ['elbowPlank', { loadKg: -1 }, 'loadKg'], ['elbowPlank', { nothing: 1 }, 'nothing'],
    ['pressOut', { bandN: NaN }, 'bandN'], ['rollout', { distanceCm: 190 }, 'distanceCm'],
    ['carry', { rightKg: '20' }, 'rightKg'],
  ])('%s %j names %s', (id, settings, field) => {
    expect(() => of(id, { ...F, heightM: 1.5 }, settings)).toThrow(expect.objectContaining({ field }))
  })
})
