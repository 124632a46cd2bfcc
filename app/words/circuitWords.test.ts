import { describe, expect, it } from 'vitest'
import { inTime, placeAt } from '~~/core/timer'
import { circuitText, placeText } from './circuitWords'

const circuit = { id: 'c', rounds: 3, workS: 45, restS: 0, roundRestS: 60, sides: 'split' as const }

describe('a circuit in words', () => {
  it('says rounds, stations, work and rests; one round has nothing between', () => {
    expect(circuitText(circuit, 4)).toBe(
      '3 rounds of 4 stations, 45 s of work, no rest between them, 60 s between rounds')
    expect(circuitText({ ...circuit, rounds: 1, times: 2, restS: 30 }, 1)).toBe(
      '1 round of 1 station, each 2 times, 45 s of work, 30 s of rest')
  })

  it('has a face for each phase, and a title where it is no set', () => {
    const timed = inTime([
      { kind: 'ready', word: 'ready', seconds: 5, count: null },
      { kind: 'work', word: 'Plank', seconds: 30, count: { at: 1, of: 3 } },
      { kind: 'rest', word: 'rest', seconds: 15, count: { at: 1, of: 3 } },
    ])
    const at = (s: number) => placeText(placeAt(timed, s), circuit)
    expect(at(1.2)).toEqual({ face: '4', line: 'get ready', title: null })
    expect(at(10)).toEqual({ face: '25', line: 'round 1 of 3', title: 'Plank' })
    expect(at(40)).toEqual({ face: '10', line: 'rest, round 1 of 3', title: 'Rest' })
    expect(placeText(null, circuit)).toEqual({ face: '45', line: 's of work', title: null })
  })
})
