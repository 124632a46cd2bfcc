import { describe, expect, it } from 'vitest'
import { DomainError } from '../errors'
import { parseTempo, tempoSeconds } from './tempo'

describe('tempo', () => {
  it('reads lowering, pause, raising, pause', () => {
    expect(parseTempo('3-1-2-0')).toEqual({ loweringS: 3, bottomS: 1, raisingS: 2, topS: 0 })
  })

  it.each(['', '3-0-3', '3-0-3-0-1', 'a-b-c-d', '-1-0-1-0', '0-0-0-0', '31-0-0-0', '3--3-0'])('refuses %j', (text) => {
    expect(() => tempoSeconds(text)).toThrow(DomainError)
  })
})
