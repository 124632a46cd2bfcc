import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findVariation } from '../catalogue'
import type { PlanningContext } from '../programme'
import type { SeasonAround } from '../rules'
import type { DrillPain } from '../screening'
import { doneSessions, type Done } from '../testing/doneSessions'
import { context as usual } from '../testing/fixtures'
import { decide, type Decision, type DecisionKind, type Overruled } from '.'

const DRILL = 'press-out.standing'
const { rung, gate, branch } = findVariation(DRILL)!
const TODAY = '2026-03-08'
const OPEN: SeasonAround = { today: TODAY, phase: 'preSeason', phaseEndsOn: null, competitions: [] }
const LOAD = { setting: { bandN: 100 } }
const [FIRST, SECOND] = ['2026-03-03', '2026-03-06']
const atGate = (day: string, over: Partial<Done> = {}): Done =>
  ({
    day, dose: { sets: gate.sets, amount: gate.amount, unit: 'reps', tempo: '3-0-3-0', restS: 45 }, ...LOAD, ...over,
  })
const below = (day: string, amount: number, over: Partial<Done> = {}): Done =>
  ({ ...atGate(day, over), dose: { ...atGate(day).dose, amount } })

/** Stands on the press-out on the feet. */
const on = (over: Partial<PlanningContext['screen']> = {}): PlanningContext =>
  ({ ...usual, screen: { ...usual.screen, rungs: { ...usual.screen.rungs, [branch]: rung }, ...over } })

function decided(
  sessions: readonly Done[], { context = on(), season = OPEN, overruled = [] as readonly Overruled[] } = {},
): Decision {
  const found = decide({ context, season, overruled, ...doneSessions(DRILL, sessions) })
  expect(found).toHaveLength(1)
  return found[0]!
}

describe('what is decided', () => {
  it('nothing of stations of a circuit that are counted in seconds where the drill is counted in repeats', () => {
    const station = { dose: { sets: 3, amount: 45, unit: 'seconds' as const, restS: 0 } }
    const sessions = [FIRST, SECOND].map(day => atGate(day, station))
    expect(decide({ context: on(), season: OPEN, overruled: [], ...doneSessions(DRILL, sessions) })).toEqual([])
  })

  it('up: the gate was met in as many sessions running as it asks, clean and not too hard', () => {
    const up = decided([atGate(FIRST), atGate(SECOND)])
    expect(up).toMatchObject({ kind: 'up', confidence: 'clear', waits: null, why: ['The gate is met, clean.'] })
    expect(up.to!.variationId).toBe('press-out.standing-hold')
    // It begins with few sets, and no set goes past where one is to land.
    expect(up.to!.dose.sets).toBe(2)
    expect(up.to!.effort).toBeLessThanOrEqual(0.85)
    expect(up.others.map(one => one.kind)).toContain('stay')
  })

  it('up: a test speaks for the gate, and sets do not speak against it', () => {
    const id = 'front-plank.elbows'
    const { gate: asks } = findVariation(id)!
    const dose = { sets: 3, amount: 20, unit: 'seconds' as const, restS: 45 }
    const tested = (over: Partial<Done>, value: number) => decide({
      context: { ...usual, screen: { ...usual.screen, rungs: { ...usual.screen.rungs, 'front-plank': 5 } } },
      season: OPEN, ...doneSessions(id, [{ day: FIRST, dose }, { day: SECOND, dose, ...over }]),
      trials: [{ test: 'plank', side: null, value, breakPoint: 'none', day: FIRST }],
    })[0]!
    expect(tested({}, asks.amount * 1.5)).toMatchObject({
      kind: 'up', why: [expect.stringContaining('speaks for the gate of elbow plank')],
    })
    expect(tested({}, asks.amount).kind).toBe('more')
    expect(tested({ sets: { breakPoint: 'lowBack' } }, asks.amount * 1.5).kind).toBe('stay')
  })

  it('no rung before its gate: one session, a break, or an effort of nine are not enough', () => {
    for (const sessions of [
      [atGate(SECOND)], [atGate(FIRST), atGate(SECOND, { sets: { breakPoint: 'lowBack' } })],
      [atGate(FIRST, { sets: { effort: 9 } }), atGate(SECOND)],
    ]) expect(decided(sessions).kind).not.toBe('up')
  })

  it('more: clean and whole under the gate, one variable at a time', () => {
    const more = decided([below(FIRST, 5), below(SECOND, 5)])
    expect(more.kind).toBe('more')
    expect(more.to!.dose.amount).toBe(7)
    expect(more.to!.setting).toEqual(more.from.setting)
  })

  it('more: the next load at the gate\'s amount, where the amount has outgrown the gate', () => {
    const id = 'press-out.split-stance-hold'
    const { gate: asks } = findVariation(id)!
    const dose = { sets: 3, amount: 40, unit: 'seconds' as const, restS: 45 }
    const more = decide({
      context: on(), season: OPEN,
      ...doneSessions(id, [FIRST, SECOND].map(day => ({ day, dose, setting: { bandN: 80 } }))),
    })[0]!
    expect(more.kind).toBe('more')
    expect(more.to!.setting.bandN).toBeGreaterThan(80)
    expect(more.to!.dose.amount).toBeLessThanOrEqual(40)
    expect(asks.amount).toBeLessThan(40)
  })

  it('more: another set, where nothing else of a set may grow and the gate asks for more of them', () => {
    const id = 'balance.cross-crunch'
    const { gate: asks } = findVariation(id)!
    const dose = { sets: asks.sets - 1, amount: asks.amount, unit: 'reps' as const, restS: 45 }
    const more = decide({
      context: on(), season: OPEN, ...doneSessions(id, [FIRST, SECOND].map(day => ({ day, dose }))),
    })[0]!
    expect([more.kind, more.to?.dose]).toEqual(['more', { ...dose, sets: asks.sets }])
  })

  it('stay: what stands against more is said', () => {
    expect(decided([below(SECOND, 5, { sets: { effort: 9 } })])).toMatchObject({
      kind: 'stay', to: null, why: expect.arrayContaining(['Effort 9: hard enough as it is.']),
    })
    expect(decided([below(SECOND, 5, { sets: { amount: 4 } })]).why).toContain('Shorter than planned: 4 of 5.')
  })

  it('down: form broke before 70 % of the amount in two sessions running, the variable that grew last', () => {
    const lost = { sets: { amount: 5, breakPoint: 'lowBack' as const } }
    const down = decided([below('2026-03-01', 6), below(FIRST, 8, lost), below(SECOND, 8, lost)])
    expect(down).toMatchObject({ kind: 'down', why: ['Form broke before 70 % of the amount, 2 sessions running.'] })
    expect(down.to).toMatchObject({ variationId: DRILL, dose: { amount: 6 } })
    expect(decided([below(FIRST, 8), below(SECOND, 8, lost)]).kind).toBe('stay')
  })

  it('down to the rung it came from, where nothing has grown since', () => {
    const lost = { sets: { amount: 2, breakPoint: 'lowBack' as const } }
    const all = doneSessions(DRILL, [below(FIRST, 6, lost), below(SECOND, 6, lost)])
    const from = findVariation(DRILL)!
    const under = usual.screen.catalogue.branch(from.branch)!.rungs[from.rung - 2]!
    const before = doneSessions(under.id, [{ day: '2026-02-25', dose: under.doses[0]! }])
    const [down] = decide({
      context: on(), season: OPEN, prescribed: [...before.prescribed, ...all.prescribed],
      logs: [...before.logs, ...all.logs],
    })
    expect(down).toMatchObject({ kind: 'down', to: { variationId: under.id } })
  })

  it('another drill after pain, and to be seen after pain twice running', () => {
    const pain = (state: DrillPain['state']): DrillPain =>
      ({ variationId: DRILL, day: SECOND, at: `${SECOND}T10:00:00Z`, place: 'lowBack', times: 2, state })
    const hurt = { sets: { painAt: 'lowBack' as const } }
    const at = (state: DrillPain['state']) =>
      decide({ context: on({ pain: [pain(state)] }), season: OPEN, ...doneSessions(DRILL, [atGate(SECOND, hurt)]) })
    expect(at('waits')[0]).toMatchObject({
      kind: 'swap', why: ['It hurt, low back: another drill until you have decided.'],
    })
    expect(at('waits')[0]!.to!.variationId).not.toBe(DRILL)
    expect(at('locked')[0]).toMatchObject({ kind: 'refer', to: null })
    expect(at('locked')[0]!.why[0]).toContain('locked until somebody qualified has looked')
    expect(at('leftOut')).toEqual([])
  })

  it('another drill where a flag takes it away', () => {
    const flagged = decide({
      context: on({ flags: ['wrist'] }), season: OPEN,
      ...doneSessions('front-plank.hands', [{ day: SECOND, dose: findVariation('front-plank.hands')!.doses[0]! }]),
    })
    // Nobody is offered to go on with what is contra-indicated.
    expect(flagged[0]).toMatchObject({ kind: 'swap', why: ['Wrist complaint: no weight on bent wrists.'], others: [] })
  })

  it('to be seen under a red flag, and nothing to do meanwhile', () => {
    expect(decided([atGate(FIRST), atGate(SECOND)], { context: on({ flags: ['chestPain'] }) })).toMatchObject({
      kind: 'refer', to: null, others: [], why: ['Chest pain: nothing until it is cleared.'],
    })
  })

  it('the gravest of a branch, whichever drill of it is looked at first', () => {
    const easier = findVariation('press-out.half-kneeling')!
    const of = (variationId: string, state: DrillPain['state']): DrillPain =>
      ({ variationId, day: SECOND, at: `${SECOND}T10:00:00Z`, place: 'neck', times: 2, state })
    const both = [doneSessions(DRILL, [atGate(SECOND)]), doneSessions(easier.id, [atGate(SECOND)])]
    const kindWith = (mine: DrillPain['state'], its: DrillPain['state']) => decide({
      context: on({ pain: [of(DRILL, mine), of(easier.id, its)] }), season: OPEN,
      prescribed: both.flatMap(one => one.prescribed), logs: both.flatMap(one => one.logs),
    }).map(one => one.kind)
    expect([kindWith('waits', 'locked'), kindWith('locked', 'waits'), kindWith('leftOut', 'locked')])
      .toEqual([['refer'], ['refer'], ['refer']])
    expect(kindWith('leftOut', 'waits')).toEqual(['swap'])
  })

  it('nothing of what only wakes, and pain in it all the same', () => {
    const { prescribed, logs } = doneSessions(DRILL, [atGate(FIRST), atGate(SECOND)])
    const woken = { prescribed: prescribed.map(item => ({ ...item, wakes: true })), logs, season: OPEN }
    expect(decide({ context: on(), ...woken })).toEqual([])
    const pain: DrillPain =
      { variationId: DRILL, day: SECOND, at: `${SECOND}T10:00:00Z`, place: 'lowBack', times: 1, state: 'waits' }
    expect(decide({ context: on({ pain: [pain] }), ...woken })[0]!.kind).toBe('swap')
  })

  it('nothing, of what was not done in two weeks, and of what is no work', () => {
    expect(decide({ context: on(), season: OPEN, ...doneSessions(DRILL, [atGate('2026-02-20')]) })).toEqual([])
    expect(decide({
      context: on(), season: OPEN,
      ...doneSessions('brace.low-breath', [{ day: SECOND, dose: findVariation('brace.low-breath')!.doses[0]! }]),
    })).toEqual([])
  })
})

describe('a decision', () => {
  it('waits in a closed window and says until when', () => {
    const season: SeasonAround = { ...OPEN, phase: 'inSeason', phaseEndsOn: '2026-05-10' }
    expect(decided([atGate(FIRST), atGate(SECOND)], { season })).toMatchObject({
      kind: 'up', waits: { until: '2026-05-11', why: 'In-season: nothing new.' },
    })
    const near: SeasonAround = { ...OPEN, competitions: ['2026-03-10'] }
    expect(decided([atGate(FIRST), atGate(SECOND)], { season: near }).waits).toEqual({
      until: '2026-03-11', why: 'A competition is near: nothing new.',
    })
    // More of what is known may begin at any time.
    expect(decided([below(FIRST, 5), below(SECOND, 5)], { season }).waits).toBeNull()
  })

  it('says what it is doubted for, and is thin where little is known', () => {
    expect(decided([below(SECOND, 5, { sets: { effort: null } })])).toMatchObject({
      confidence: 'thin', doubts: ['Done in one session only.', 'How hard it was is not said.'],
    })
    const half = decided([below(FIRST, 5), below(SECOND, 5, { logged: 2 })])
    expect(half).toMatchObject({ confidence: 'likely', doubts: ['2 of 6 sets of the last session are logged.'] })
  })

  it('remembers what a coach decided otherwise', () => {
    const overruled: Overruled[] = [
      { variationId: DRILL, day: '2026-03-01', kind: 'up', took: 'stay', reason: 'Elbows bend.' },
    ]
    const up = decided([atGate(FIRST), atGate(SECOND)], { overruled })
    expect(up).toMatchObject({ kind: 'up', confidence: 'likely' })
    expect(up.doubts).toContain('A coach decided otherwise on 2026-03-01: Elbows bend.')
  })

  it('shows its evidence as one dot a session, against the gate', () => {
    const { evidence, gateAmount } = decided([below(FIRST, 5), below(SECOND, 7, { sets: { amount: 6 } })])
    expect(gateAmount).toBe(gate.amount)
    expect(evidence.map(dot => [dot.day, dot.amount, dot.planned])).toEqual([[FIRST, 5, 5], [SECOND, 6, 7]])
  })
})

describe('laws', () => {
  const RANK: readonly DecisionKind[] = ['refer', 'swap', 'down', 'stay', 'more', 'up']
  const anySession = (day: number) => fc.record({
    amount: fc.integer({ min: 3, max: gate.amount }), part: fc.integer({ min: 1, max: 12 }),
    effort: fc.integer({ min: 3, max: 10 }), broke: fc.boolean(),
  }).map(({ amount, part, effort, broke }): Done =>
    below(`2026-03-0${day}`, amount, {
      sets: { amount: Math.min(amount, part), effort, breakPoint: broke ? 'lowBack' : 'none' },
    }))
  const anyHistory = fc.tuple(anySession(1), anySession(3), anySession(5))

  it('more clean evidence never lowers a decision', () => {
    fc.assert(fc.property(anyHistory, (sessions) => {
      const before = decided(sessions)
      const planned = sessions.at(-1)!.dose.amount
      const after = decided([...sessions, below('2026-03-07', planned)])
      expect(RANK.indexOf(after.kind)).toBeGreaterThanOrEqual(RANK.indexOf(before.kind))
    }), { seed: 5, numRuns: 60 })
  })

  it('the order of sets within a day does not matter, and the same evidence decides the same', () => {
    fc.assert(fc.property(anyHistory.chain(sessions =>
      fc.tuple(fc.constant(sessions), fc.shuffledSubarray(doneSessions(DRILL, sessions).logs, { minLength: 9 }))),
    ([sessions, shuffled]) => {
      fc.pre(shuffled.length === doneSessions(DRILL, sessions).logs.length)
      const { prescribed } = doneSessions(DRILL, sessions)
      expect(decide({ context: on(), season: OPEN, prescribed, logs: shuffled })).toEqual([decided(sessions)])
    }), { seed: 6, numRuns: 40 })
  })

  it('pain outranks whatever else the sets say', () => {
    fc.assert(fc.property(anyHistory, fc.constantFrom('waits' as const, 'locked' as const), (sessions, state) => {
      const pain: DrillPain =
        { variationId: DRILL, day: SECOND, at: `${SECOND}T10:00:00Z`, place: 'lowBack', times: 1, state }
      expect(decided(sessions, { context: on({ pain: [pain] }) }).kind).toBe(state === 'locked' ? 'refer' : 'swap')
    }), { seed: 7, numRuns: 30 })
  })
})
