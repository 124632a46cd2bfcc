import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { CHANGE_S } from '../../dose'
import { item } from '../../testing/fixtures'
import { betweenDose, circuitS, roundOf, stationDose } from './circuit'

const circuit = { id: 'c', rounds: 3, workS: 30, restS: 15, roundRestS: 60, sides: 'own' as const }
const both = { ...item, variationId: 'front-plank.elbows' }

describe('a circuit', () => {
  it('takes its work and rests, no rest after the last station, and a longer one between rounds', () => {
    // Two stations of 30 s with 15 s between them, three times, and twice a minute: 75 x 3 + 120.
    expect(circuitS(circuit, [both, both], STANDARD)).toBe(345 + CHANGE_S)
  })

  it('works a one-sided station once a side, or splits the time', () => {
    expect(circuitS(circuit, [item], STANDARD)).toBe(3 * 60 + 120 + CHANGE_S)
    expect(circuitS({ ...circuit, sides: 'split' }, [item], STANDARD)).toBe(3 * 30 + 120 + CHANGE_S)
  })

  it('does each station as often in a row as it says; what is done between rounds takes no time of its own', () => {
    const crawl = { ...both, between: true as const }
    expect(circuitS({ ...circuit, times: 2 }, [both, both, crawl], STANDARD)).toBe(3 * 165 + 120 + CHANGE_S)
    expect(stationDose({ ...circuit, times: 2 }, 'both').sets).toBe(6)
    expect(betweenDose(circuit)).toEqual({ sets: 2, amount: 60, unit: 'seconds', restS: 0 })
  })

  it('without stations takes no time', () => { expect(circuitS(circuit, [], STANDARD)).toBe(0) })

  it.each([['own', 'each', 30], ['split', 'each', 15], ['split', 'both', 30]] as const)(
    'of sides %s gives a drill of %s %d s a set', (sides, drillSides, amount) => {
      expect(stationDose({ ...circuit, sides }, drillSides)).toEqual({ sets: 3, amount, unit: 'seconds', restS: 15 })
    },
  )

  it('has its own drill in a round where one is named, with what to fall back on', () => {
    const rounds = [{ variationId: 'b', fallbackId: 'a' }]
    expect([1, 2, 3].map(round => roundOf({ variationId: 'a', rounds }, round))).toEqual([
      { variationId: 'a', fallbackId: null }, { variationId: 'b', fallbackId: 'a' },
      { variationId: 'a', fallbackId: null },
    ])
  })
})
