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
  available: [{ day: 0, minutes: 60 }], flags: ['wrist'], braceStep: 5, stands: [], weakLink: null, weakSide: null,
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
  phases: [{ phase: 'offSeason', least: 2, most: 8, start: 0, volume: 14, opening: { braceStep: 4, done: 0.5 } }],
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
  'POST /api/founding': () => ({
    code: '2222-2222-2222', organisationName: 'Fuzz Centre', timeZone: 'Europe/London',
    units: { mass: 'kg', length: 'cm' }, name: 'Fuzz Coach', email: 'fuzz@larkholm.example',
    password: 'long enough here',
  }),
  'POST /api/link': () => ({ token: 'x'.repeat(43), next: 'long enough here' }),
  'PUT /api/session/units': () => ({ mass: 'kg', length: 'cm' }),
  'PUT /api/athletes/:id/guardian': luck => ({
    version: luck.below(2), name: 'Some Guardian', contact: '+00 12', consentOn: '2026-03-02', coaches: [],
  }),
  'POST /api/passkey/options': () => ({}),
  'POST /api/passkey': luck => ({ response: { id: luck.key(), rawId: 'x', type: 'public-key', response: {} } }),
  'POST /api/session/passkeys/options': () => ({ password: 'not the one' }),
  'POST /api/session/passkeys': luck => ({ name: 'Phone', response: { id: luck.key() } }),
  'POST /api/session/factor': () => ({ password: 'not the one' }),
  'PUT /api/session/factor': luck => ({ code: String(luck.below(1e6)).padStart(6, '0') }),
  'POST /api/session/factor/end': () => ({ password: 'not the one' }),
  'PUT /api/session/password': () => ({ password: 'not the one', next: 'long enough here' }),
  'POST /api/staff': luck => ({
    id: luck.key(), name: 'Fuzz Coach', email: `fuzz${luck.below(1e9)}@test.example`, role: 'assistant', groupIds: [],
  }),
  'PUT /api/staff/:id': () => ({ version: 1, role: 'coach', groupIds: [], closed: false }),
  'POST /api/groups': luck => ({ id: luck.key(), name: `Fuzz ${luck.below(1e9)}` }),
  'PUT /api/rooms': luck => ({
    version: 1 + luck.below(3),
    rooms: [{ id: luck.key(), name: 'Fuzz hall', people: 12, from: '07:00', to: '21:00' }],
  }),
  'PUT /api/facility': luck => ({
    version: 1 + luck.below(3), counts: { band: 20, wall: 4 }, weights: { band: [40, 80] },
  }),
  'PUT /api/catalogue': luck => ({
    version: luck.below(3),
    own: { ladders: [{ id: 'own-fuzz', name: 'Fuzz ladder', aim: 'To try.' }], variations: [drill] },
  }),
  'POST /api/decisions': (luck, ids) => ({
    decisions: [{
      id: luck.key(), athleteId: ids[0] ?? luck.key(), branch: 'front-plank', kind: luck.chance(0.5) ? 'up' : 'stay',
      evidenceDay: '2026-03-04', way: luck.chance(0.5) ? 0 : null, reason: 'x',
    }],
  }),
  'POST /api/sessions/:id/swap': luck => ({ itemId: luck.key(), variationId: 'side-plank.feet' }),
  'PUT /api/sessions/:id/effort': luck => ({ effort: luck.below(11), minutes: 45 }),
  'POST /api/athletes/:id/reports': luck => ({
    id: luck.key(), kind: 'athlete', from: '2026-01-05', to: '2026-03-01', days: 14,
  }),
  'POST /api/reports/revoke': luck => ({ id: luck.key() }),
  'POST /api/decisions/undo': luck => ({ id: luck.key() }),
  'POST /api/athletes/import': (luck, ids) => ({ athletes: [{ id: luck.key(), athlete: athlete(luck, ids) }] }),
  'POST /api/athletes': (luck, ids) => ({ id: luck.key(), athlete: athlete(luck, ids) }),
  'PUT /api/athletes/:id': (luck, ids) => ({ version: 1 + luck.below(3), athlete: athlete(luck, ids) }),
  'DELETE /api/athletes/:id': () => ({ name: 'not the name' }),
  'DELETE /api/staff/:id': () => ({ name: 'not the name' }),
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
  'PUT /api/floor/:groupId/board': luck => ({
    day: '2026-03-04', device: luck.key(), takeOver: luck.chance(0.5), floor: {
      turn: luck.below(9), ways: { coachAtOnce: 3, order: 'strict' }, startedAt: 1, heldAt: null, done: [],
      plan: {
        room: {
          places: [{ id: 'floor', atOnce: 8, narrow: [] }], coach: null, moveTicks: 1, apart: [],
          athletes: [{
            id: luck.key(), from: 0, until: null, order: 'strict',
            blocks: [{ id: 'b', needs: ['floor'], ticks: 4, watched: false, partner: false }],
          }],
        },
        blocks: [],
      },
      timetable: { placed: [], end: 0, bound: { end: 0, because: null }, proven: false, left: [], over: [] },
    },
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
  'PUT /api/sports': luck => ({
    version: luck.below(3),
    edits: { running: { weights: { rotation: luck.below(60) }, times: {}, faults: null, why: 'Fuzz.' } },
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
