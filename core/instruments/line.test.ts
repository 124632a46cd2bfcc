import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readLine, writeCommand } from './line'

describe('a line', () => {
  it.each([
    ['KEEN 1 force 20 gauge-1 simulated', {
      says: 'hello', version: 1, kind: 'force', hz: 20, name: 'gauge-1', simulated: true,
    }],
    ['KEEN 1 cuff 10 cuff-b', { says: 'hello', version: 1, kind: 'cuff', hz: 10, name: 'cuff-b', simulated: false }],
    ['S 0 0 -0.25', { says: 'sample', seq: 0, tMs: 0, value: -0.25 }],
    ['B 3 1200', { says: 'press', seq: 3, tMs: 1200 }],
    ['E battery low', { says: 'trouble', text: 'battery low' }],
    ['OK ZERO', { says: 'answer', good: true, text: 'ZERO' }],
  ])('%s is read', (line, means) => { expect(readLine(line)).toEqual(means) })

  it.each([
    '', 'S', 'S 1 2', 'S 1 2 3 4', 'S 1 2 NaN', 'S 1 2 1e9', 'S -1 2 3', 'KEEN 1 sonar 20 x', 'KEEN 1 force 20 x real',
    'B 1', 'x'.repeat(300), 'S 1 2 ' + '9'.repeat(30),
  ])(
    '“%s” is damaged and no value',
    (line) => {
      expect(readLine(line)).toBeNull()
    },
  )

  it('never throws and never makes up a number', () => {
    fc.assert(fc.property(fc.string({ maxLength: 60 }), (text) => {
      const line = readLine(text)
      if (line?.says === 'sample') expect(text).toContain(String(Math.trunc(Math.abs(line.value))))
    }), { seed: 5 })
  })

  it('asks for what can be asked', () => {
    expect([writeCommand({ ask: 'zero' }), writeCommand({ ask: 'fault', fault: 'noise' })]).toEqual([
      'ZERO', 'SIM FAULT noise',
    ])
    expect(() => writeCommand({ ask: 'act', value: NaN, forS: 3 })).toThrow('From -200')
    expect(() => writeCommand({ ask: 'act', value: 5, forS: 0 })).toThrow('300 seconds')
  })
})
