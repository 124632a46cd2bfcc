import { describe, expect, it } from 'vitest'
import { drillSessions, type SetLog } from '../assessment'
import { findVariation } from '../catalogue'
import { doneSessions } from '../testing/doneSessions'
import { closedUntil, closedWindow, formLost, gateShown, roomForMore, type ProgressAsked, type SeasonAround } from '.'

const ID = 'side-plank.feet'
const variation = findVariation(ID)!
const { gate } = variation
const DAYS = ['2026-03-01', '2026-03-03', '2026-03-05']

/** Sessions at the gate, each with what was otherwise about its sets. */
function asked(...sessions: readonly Partial<SetLog>[]): ProgressAsked {
  const { prescribed, logs } = doneSessions(ID, sessions.map((sets, i) => ({
    day: DAYS[i]!, dose: { sets: gate.sets, amount: gate.amount, unit: 'seconds' as const, restS: 30 }, sets,
  })))
  return { variation, sessions: drillSessions(ID, prescribed, logs), massKg: 80 }
}
const lost: Partial<SetLog> = { amount: gate.amount * 0.6, breakPoint: 'trunk' }

describe('lost form', () => {
  it.each([
    ['two sessions running', [lost, lost], 1], ['one', [{}, lost], 0],
    ['two with a clean one between', [lost, {}, lost], 0],
    ['two, of which one hurt', [lost, { ...lost, painAt: 'lowBack' }], 0],
    ['two that broke late', [{ ...lost, amount: gate.amount * 0.8 }, { ...lost, amount: gate.amount * 0.8 }], 0],
    ['none at all', [], 0],
  ] as const)('%s', (_, sessions, found) => { expect(formLost.breaks(asked(...sessions))).toHaveLength(found) })
})

describe('room for more', () => {
  it.each([
    ['a clean session', [{}], []], ['an effort of eight', [{ effort: 8 }], []],
    ['of nine', [{ effort: 9 }], ['Effort 9: hard enough as it is.']], ['nothing logged', [], ['Nothing is logged.']],
    ['pain, whatever else', [{ ...lost, painAt: 'neck' }], ['It hurt.']],
    ['a break at the end', [{ breakPoint: 'trunk' }], ['Form broke.']],
    ['a short set', [{ amount: 20 }], ['Shorter than planned: 20 of 30.']],
    ['only the last session', [lost, {}], []],
  ] as const)('%s', (_, sessions, says) => { expect(roomForMore.breaks(asked(...sessions))).toEqual(says) })
})

describe('the gate', () => {
  it.each([
    ['met as often as it asks', [{}, {}], 0], ['once', [{}], 1], ['before, and missed since', [{}, {}, lost], 1],
    ['met, but too hard', [{}, { effort: 10 }], 1],
  ] as const)('%s', (_, sessions, found) => { expect(gateShown.breaks(asked(...sessions))).toHaveLength(found) })

  it('says what it asks and how often it was met', () => {
    expect(gateShown.breaks(asked({}))).toEqual([
      'The gate, 3 × 30 s, 2 sessions running, was met in 1 so far.',
    ])
  })
})

describe('the window', () => {
  const around = (over: Partial<SeasonAround>): SeasonAround =>
    ({ today: '2026-03-08', phase: 'preSeason', phaseEndsOn: '2026-04-05', competitions: [], ...over })

  it.each([
    ['is open before the season', {}, null], ['and without one', { phase: null }, null],
    ['is closed in season, to its end', { phase: 'inSeason' }, { by: 'phase', until: '2026-04-06' }],
    ['nobody knows how long', { phase: 'taper', phaseEndsOn: null }, { by: 'phase', until: null }],
    [
      'is closed two days before a competition', { competitions: ['2026-03-10'] },
      { by: 'competition', until: '2026-03-11' },
    ],
    ['and open three before, or after', { competitions: ['2026-03-11', '2026-03-07'] }, null],
  ] as const)('%s', (_, over, found) => {
    expect(closedUntil(around(over))).toEqual(found)
    expect(closedWindow.breaks(around(over)).length).toBe(found === null ? 0 : 1)
  })
})
