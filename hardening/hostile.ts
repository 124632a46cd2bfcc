import { FLAG_IDS } from '~~/core/screening'
import type { Luck } from './random'

/** A body that would be taken, as the start of one that should not be. */
export type Template = (luck: Luck, ids: readonly string[]) => unknown

const session = (luck: Luck): object => ({
  id: 'd1', day: luck.below(7), minutes: 60, lifts: [{ id: 'l', lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 80 }],
  items: [{
    id: 'i', variationId: 'side-plank.feet', dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
    pairedWith: null, extraSetSide: null, setting: { loadKg: 5 }, why: 'x',
  }],
})
const athlete: Template = () => ({
  name: 'Fuzz Athlete', goal: '', goalVariationId: null, goalLift: null, sport: 'general', position: '', sex: 'female',
  heightCm: 170, massKg: 64, birthYear: 2000, trainingAgeYears: 3, equipment: ['band'],
  available: [{ day: 0, minutes: 60 }], flags: ['wrist'], braceStep: 5, rungs: {}, weakLink: null, weakSide: null,
  groupIds: [],
})

const drill = {
  id: 'own-fuzz.own-hold', name: 'Fuzz hold', ladder: 'own-fuzz', rung: 1, purpose: 'Tries it.',
  shares: { antiExtension: 1 }, mode: 'isometric', posture: 'prone', equipment: [['wall']], sides: 'both',
  muscles: ['gluteals'], tires: [], setUp: 'As it says.', cues: { inside: 'Ribs down.', outside: 'Push away.' },
  faults: [{ see: 'Sags', fix: 'Shorter.' }], stopSign: 'It sags.', breath: 'calm', braceStep: 1, hazards: [],
  fatigue: 1, spineCost: 1, doses: [{ sets: 2, amount: 10, unit: 'seconds', restS: 5 }],
  gate: { sets: 2, amount: 20, sessions: 2, seen: 'A straight line.' },
  settings: [],
  pose: { model: 'elbowPlank', set: { loadKg: 5 }, open: ['loadKg'] },
}

const shape = {
  startsOn: '2026-03-02', weeks: 8, weekdays: [0, 2, 4], hardDays: [0], deloadEvery: 4,
  phases: [{ phase: 'offSeason', least: 2, most: 8, start: 0, volume: 14, gate: { braceStep: 4, done: 0.5 } }],
}
const entry = (luck: Luck): object => ({
  id: luck.key(), groupId: null, kind: 'practice', name: 'Fuzz practice', day: '2026-03-04', lastDay: '2026-03-04',
  importance: null, travelBefore: 0, travelAfter: 0, weeklyUntil: '2026-05-01', except: [], startsAt: '18:00',
  minutes: 90, timeZone: 'Europe/London', sourceUid: null,
})

/** Bodies by route. None of them ends a session, erases, or changes a password. */
export const TEMPLATES: Readonly<Record<string, Template>> = {
  'POST /api/session': luck => ({ email: `guess${luck.below(1e6)}@larkholm.example`, password: 'guess' }),
  'POST /api/reset': luck => ({ email: `guess${luck.below(1e6)}@larkholm.example` }),
  'POST /api/link': () => ({ token: 'x'.repeat(43), next: 'long enough here' }),
  'PUT /api/session/units': () => ({ mass: 'kg', length: 'cm' }),
  'PUT /api/session/password': () => ({ password: 'not the one', next: 'long enough here' }),
  'POST /api/staff': luck => ({
    id: luck.key(), name: 'Fuzz Coach', email: `fuzz${luck.below(1e9)}@test.example`, role: 'assistant', groupIds: [],
  }),
  'PUT /api/staff/:id': () => ({ version: 1, role: 'coach', groupIds: [], closed: false }),
  'POST /api/groups': luck => ({ id: luck.key(), name: `Fuzz ${luck.below(1e9)}` }),
  'PUT /api/facility': luck => ({ version: 1 + luck.below(3), counts: { band: 20, wall: 4 } }),
  'PUT /api/catalogue': luck => ({
    version: luck.below(3),
    own: { ladders: [{ id: 'own-fuzz', name: 'Fuzz ladder', aim: 'To try.' }], variations: [drill] },
  }),
  'POST /api/athletes/import': (luck, ids) => ({ athletes: [{ id: luck.key(), athlete: athlete(luck, ids) }] }),
  'POST /api/athletes': (luck, ids) => ({ id: luck.key(), athlete: athlete(luck, ids) }),
  'PUT /api/athletes/:id': (luck, ids) => ({ version: 1 + luck.below(3), athlete: athlete(luck, ids) }),
  'DELETE /api/athletes/:id': () => ({ name: 'not the name' }),
  'PUT /api/athletes/:id/archive': () => ({ version: 99, archived: false }),
  'POST /api/athletes/:id/invitation': luck => ({ id: luck.key(), email: `fuzz${luck.below(1e9)}@test.example` }),
  'PUT /api/athletes/:id/weeks/:startsOn': luck => ({ version: luck.below(3), plan: { sessions: [session(luck)] } }),
  'POST /api/athletes/:id/weeks/:startsOn/assign': luck => ({ version: 1 + luck.below(3) }),
  'POST /api/athletes/:id/weeks/:startsOn/propose': luck => ({ sessions: [session(luck)] }),
  'POST /api/athletes/:id/weeks/:startsOn/review': luck => ({ sessions: [session(luck)] }),
  'POST /api/athletes/:id/weeks/:startsOn/apply': (luck, ids) => ({
    itemIds: luck.chance(0.5) ? null : ['i'], athleteIds: ids.slice(0, 2),
  }),
  'PUT /api/rules': (luck, ids) => ({
    scope: 'athlete', scopeId: ids[0] ?? luck.key(), version: luck.below(3),
    rules: {
      school: 'bodyLine', lines: { flexion: 'off' }, bands: { rotation: { lowS: 10, highS: 60 } },
      never: ['front-plank.elbows'], only: {}, blocks: [],
    },
  }),
  'POST /api/plan-runs': (luck, ids) => ({
    id: luck.key(), athleteIds: ids.slice(0, 2), startsOn: '2026-03-02', weeks: 1 + luck.below(2),
    sessions: [session(luck)], replace: luck.chance(0.5),
  }),
  'PUT /api/seasons/:groupId': luck => ({
    version: luck.below(3), title: 'Fuzz', shape, put: [entry(luck)], cancel: [], pins: [1, 2],
    prefer: luck.chance(0.5) ? null : 'bestVolumes', expect: null, replan: true,
  }),
  'PUT /api/athletes/:id/season': luck => ({
    version: luck.below(3), groupId: luck.key(), title: 'Fuzz',
    exceptions: { absences: [{ from: '2026-03-04', to: '2026-03-09' }], skips: [], opens: { 1: 4 }, pins: [] },
    prefer: null, replan: false,
  }),
  'POST /api/calendar/read': luck => ({
    groupId: luck.key(), kind: 'practice',
    text: luck.chance(0.5)
      ? 'name,day\nA,2026-03-04'
      : 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20260304T100000Z\r\n'
        + 'RRULE:FREQ=SECONDLY\r\nEND:VEVENT\r\nEND:VCALENDAR',
    url: null,
  }),
  'POST /api/feeds': (luck, ids) => ({ id: luck.key(), scope: 'athlete', subjectId: ids[0] ?? luck.key() }),
  'POST /api/feeds/revoke': luck => ({ id: luck.key() }),
  'POST /api/plan-runs/:id/cancel': () => ({}),
  'POST /api/plan-runs/:id/retry': () => ({}),
  'POST /api/plan-runs/:id/accept': () => ({ athleteIds: null }),
  'PUT /api/athletes/:id/screening': luck => ({
    answers: Object.fromEntries(FLAG_IDS.map(flag => [flag, flag === 'wrist' && luck.chance(0.5)])),
  }),
  'POST /api/athletes/:id/clearances': luck => ({
    id: luck.key(), flag: 'wrist', extent: 'all', givenBy: 'Dr Fuzz', from: '2026-03-01',
    until: luck.chance(0.5) ? null : '2026-09-01', note: '',
  }),
  'POST /api/athletes/:id/clearances/withdraw': luck => ({ id: luck.key() }),
  'POST /api/athletes/:id/brace': luck => ({
    id: luck.key(), day: '2026-03-04', step: 1 + luck.below(7), swell: ['front', 'left', 'right', 'back'],
    breathing: true, count: luck.below(20), note: '',
  }),
  'PUT /api/athletes/:id/brace-course': luck => ({
    cue: 'drawIn',
    homework: luck.chance(0.5) ? null : { timesADay: 1 + luck.below(6), until: '2026-09-01', note: 'x' },
  }),
  'POST /api/athletes/:id/practice': luck => ({ id: luck.key(), day: '2026-03-04', step: 1 + luck.below(7) }),
  'PUT /api/tests': luck => ({
    version: luck.below(3),
    tests: [{
      id: 'own.fuzz', name: 'Fuzz hold', unit: 's', better: 'more', sides: 'both', action: null, setUp: 'As it says.',
      stop: 'It sags.', retired: false,
    }],
  }),
  'POST /api/instruments/command': () => ({ name: 'gauge-1', command: { ask: 'zero' } }),
  'PUT /api/athletes/:id/rung': luck => ({
    version: 1 + luck.below(3), ladder: 'side-plank', rung: 1 + luck.below(3), reason: 'Seen it.',
  }),
  'POST /api/trials': (luck, ids) => ({
    trials: [{
      id: luck.key(), athleteId: ids[0] ?? luck.key(), day: '2026-03-04', performedAt: '2026-03-04T10:00:00.000Z',
      test: 'sideBridge', side: 'left', value: luck.below(200), breakPoint: 'trunk', setting: {}, note: '',
    }],
  }),
  'POST /api/trials/withdraw': luck => ({ ids: [luck.key()] }),
  'POST /api/logs': luck => ({
    logs: [{
      id: luck.key(), prescribedItemId: luck.key(), day: '2026-03-04', performedAt: '2026-03-04T10:00:00.000Z',
      setNumber: 1, side: null, amount: 8, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null,
      note: '',
    }],
  }),
}

const NASTY_WORDS = [
  '', ' ', '\u0000', '\ud800', '‮', '💥'.repeat(200), 'x'.repeat(5000), '\'; drop table athlete; --',
  '<script>alert(1)</script>', '../../etc/passwd',
  '%00', 'null', 'NaN', '-0', '1e999', '9999-99-99', '0000-00-00', '2026-02-30', '275760-09-13',
  '10000000-01-01', '__proto__', 'constructor',
  '${7*7}', '{{7*7}}', '\r\nx: y', 'ʼ\u0000ʼ', '00000000-0000-0000-0000-000000000000',
  'a@b', `${'a'.repeat(250)}@test.example`, '12-0-0-0', '3--3-',
]
const NASTY_VALUES: readonly unknown[] = [
  null, true, false, 0, -1, 1.5, 1e308, -1e308, 9_007_199_254_740_993, [], {}, [[]], [null], { $ne: null },
  { length: -1 }, [{}, {}], 2_147_483_648,
]

const nasty = (luck: Luck): unknown => (luck.chance(0.5) ? luck.pick(NASTY_WORDS) : luck.pick(NASTY_VALUES))

/** A copy with some values at any depth replaced, dropped, doubled or added to. */
function spoil(luck: Luck, value: unknown, p: number): unknown {
  if (luck.chance(p)) return nasty(luck)
  if (Array.isArray(value)) {
    const list = value.map(v => spoil(luck, v, p))
    if (luck.chance(p) && list.length > 0) return Array.from({ length: luck.pick([2, 50, 2000]) }, () => list[0])
    return list
  }
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value).filter(() => !luck.chance(p / 2)).map((
      [k, v],
    ) => [luck.chance(p / 4) ? luck.pick(NASTY_WORDS) : k, spoil(luck, v, p)])
    if (luck.chance(p)) entries.push([luck.pick(NASTY_WORDS), nasty(luck)])
    return Object.fromEntries(entries)
  }
  return value
}

/** A request body and what it claims to be: spoiled JSON, broken bytes, or something else altogether. */
export function hostileBody(luck: Luck, template: unknown): { body: string | Uint8Array, type: string } {
  const type = 'application/json'
  const kind = luck.below(20)
  const good = JSON.stringify(spoil(luck, template, luck.pick([0, 0.03, 0.1, 0.3]))) ?? 'null'
  switch (kind) {
    case 0:
      return { type, body: good.slice(0, luck.below(good.length + 1)) }
    case 1:
      return { type, body: Uint8Array.from({ length: luck.below(400) }, () => luck.below(256)) }
    case 2:
      return { type, body: Uint8Array.from([...new TextEncoder().encode(good.slice(0, 20)), 0xc3, 0x28, 0xff, 0xfe]) }
    case 3:
      return { type, body: '['.repeat(luck.pick([10, 1000, 100_000])) }
    case 4:
      return { type, body: `{"a":${'{"a":'.repeat(5000)}1${'}'.repeat(5001)}` }
    case 5:
      return { type, body: luck.chance(0.1) ? `"${'x'.repeat(3_000_000)}"` : `"${'x'.repeat(100_000)}"` }
    case 6:
      return {
        type: luck.pick([
          'text/plain', 'application/xml', 'multipart/form-data; boundary=x', 'application/x-www-form-urlencoded', '',
        ]),
        body: good,
      }
    case 7:
      return { type, body: `\ufeff${good}` }
    case 8:
      return { type, body: good.replace('{', '{"__proto__":{"admin":true},') }
    default:
      return { type, body: good }
  }
}

/** An address with parameters that are right, strange or somebody else's, and sometimes a question nobody asked for. */
export function hostilePath(luck: Luck, path: string, ids: readonly string[]): string {
  const filled = path.replace(/:(\w+)/g, (_, name: string) => {
    if (luck.chance(0.2))
      return encodeURIComponent(
        String(luck.pick(NASTY_WORDS.filter(word => word.isWellFormed?.() ?? !/[\ud800-\udfff]/.test(word)))),
      ) || 'x'
    if (luck.chance(0.02)) return luck.pick(['%', '%zz', '%c3%28', '%u0000'])
    if (name === 'id') return luck.chance(0.7) && ids.length > 0 ? luck.pick(ids) : luck.key()
    return luck.pick(['2026-03-02', '2026-03-03', '1900-01-01', '2999-12-30', '2026-11-23'])
  })
  if (!luck.chance(0.15)) return filled
  return `${filled}?${
    luck.pick([
      'a=b', 'before=x', 'before=2026-01-01T00:00:00Z', 'athleteId=%00', 'before[]=1&before[]=2', '__proto__[x]=1', '%',
      'before=+275760-09-13T00:00:00.001Z',
    ])
  }`
}

/** Headers that are mostly right, sometimes missing, sometimes absurd. */
export function hostileHeaders(
  luck: Luck,
  right: { type: string, cookie?: string | undefined, csrf?: string | undefined },
): Record<string, string> {
  const headers: Record<string, string> = {}
  if (right.type) headers['content-type'] = right.type
  if (right.cookie) headers.cookie = luck.chance(0.03) ? `${right.cookie.slice(0, -4)}AAAA` : right.cookie
  if (right.csrf && !luck.chance(0.05)) headers['x-keen-csrf'] = luck.chance(0.03) ? 'x'.repeat(500) : right.csrf
  if (luck.chance(0.3)) headers['x-keen-write'] =
    luck.chance(0.8) ? luck.key() : luck.pick(['', 'x', '\'', 'y'.repeat(4000)])
  if (luck.chance(0.03)) headers.origin = luck.pick(['https://elsewhere.example', 'null', 'x'])
  if (luck.chance(0.02)) headers['sec-fetch-site'] = 'cross-site'
  if (luck.chance(0.02)) headers['x-forwarded-for'] = luck.pick(['1.2.3.4', 'x'.repeat(2000), '\'; --'])
  if (luck.chance(0.02)) headers.accept = '*/*;q=nonsense'
  return headers
}
