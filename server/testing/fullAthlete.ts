import { randomUUID } from 'node:crypto'
import { NO_RULES } from '~~/core/policy'
import { NO_EXCEPTIONS, type SeasonShape } from '~~/core/season'
import type { FloorBoardInput } from '~~/shared/types'
import { checkBrace, logPractice, setBraceCourse } from '../services/brace'
import { logTrials } from '../services/trials'
import { assignWeek } from '../services/assignWeek'
import { addAthlete, inviteAthlete } from '../services/athletes'
import { decideAll, decisionTray } from '../services/decisions'
import { changeAthleteSeason, changeSeason } from '../services/changeSeason'
import { logSets } from '../services/logSets'
import { keepFloorBoard } from '../services/floorBoard'
import { changeGuardian } from '../services/guardians'
import { decidePain } from '../services/pain'
import { addReportLink } from '../services/reports'
import { tellSessionEffort } from '../services/sessionEffort'
import { athleteToday } from '../services/sessions'
import { changeRules } from '../services/planningRules'
import { startRun } from '../services/planRuns'
import { anAthlete, makeKnown, TODAY } from './database'
import type { Context } from '../services/context'
import { storeWeek } from '../services/weeks'

const MONDAY = '2026-03-02'

/** An athlete and what hangs on them, by id. */
interface FullAthlete {
  id: string
  sessionId: string
  itemId: string
  runId: string
}

export const nobody = (): FullAthlete => ({ id: '', sessionId: '', itemId: '', runId: '' })

const SHAPE: SeasonShape = {
  startsOn: MONDAY, weeks: 6, weekdays: [0, 2], hardDays: [], deloadEvery: 4,
  phases: [{ phase: 'offSeason', least: 1, most: 8, start: 0, volume: 10, opening: { braceStep: null, done: null } }],
}

/** A board that somebody runs for some athletes. */
export const aBoardOf = (athleteIds: readonly string[], over: Partial<FloorBoardInput> = {}): FloorBoardInput => ({
  day: TODAY, device: randomUUID(), takeOver: true, floor: {
    turn: 1, ways: { coachAtOnce: 3, order: 'strict' }, startedAt: 1, heldAt: null, done: [],
    plan: {
      room: {
        places: [{ id: 'floor', atOnce: 8, narrow: [] }], coach: { atOnce: 3, narrow: [] }, moveTicks: 1, apart: [],
        athletes: athleteIds.map(id => ({
          id, from: 0, until: null, order: 'strict',
          blocks: [{ id: `${id}/1`, needs: ['floor'], ticks: 4, watched: false, partner: false }],
        })),
      },
      blocks: [],
    },
    timetable: { placed: [], end: 0, bound: { end: 0, because: null }, proven: false, left: [], over: [] },
  },
  ...over,
})

/** A season for a squad, so that an athlete of it can have one that is otherwise. */
export async function giveSeason(coach: Context, groupId: string, title = 'First'): Promise<void> {
  await changeSeason(coach, groupId, {
    version: 0, title, shape: SHAPE, put: [], cancel: [], pins: [], prefer: null, expect: null, replan: true,
  })
}

/** An athlete, of a squad with a season, with everything that can hang on one. */
export async function fillAthlete(
  coach: Context, groupId: string, into: FullAthlete,
): Promise<void> {
  into.id = (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [groupId], flags: ['wrist'] }))).id
  await makeKnown(coach, into.id)
  const item = {
    id: 'i', variationId: 'side-plank.feet',
    dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
    slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: '',
  }
  await storeWeek(coach, into.id, MONDAY, 0, {
    sessions: [{ id: 'd2', day: 2, minutes: 60, lifts: [], items: [item] }],
  })
  await assignWeek(coach, into.id, MONDAY, 1)
  const { session } = await athleteToday(coach, into.id)
  Object.assign(into, { sessionId: session!.id, itemId: session!.items[0]!.id })
  await logSets(coach, [{
    id: randomUUID(), prescribedItemId: into.itemId, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, setNumber: 1,
    side: 'left', amount: 8, breakPoint: 'trunk', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
  }])
  await logSets(coach, [{
    id: randomUUID(), prescribedItemId: into.itemId, day: TODAY, performedAt: `${TODAY}T10:05:00.000Z`, setNumber: 1,
    side: 'right', amount: 2, breakPoint: 'pain', setting: {}, feltAt: [], effort: null, painAt: 'lowBack', note: '',
  }])
  await decidePain(coach, into.id, {
    id: randomUUID(), variationId: item.variationId, verdict: 'goOn', reason: 'Looked at it.', lookedAtBy: '',
    role: null,
  })
  const { rows } = await decisionTray(coach)
  const { athlete, decision, evidenceDay } = rows.find(row => row.athlete.id === into.id)!
  const { branch, kind } = decision
  await decideAll(coach, [
    { id: randomUUID(), athleteId: athlete.id, branch, kind, evidenceDay, way: null, reason: '' },
  ])
  await tellSessionEffort(coach, into.sessionId, { effort: 6, minutes: 50 })
  await addReportLink(coach, into.id, { id: randomUUID(), kind: 'athlete', from: MONDAY, to: TODAY, days: 14 })
  await checkBrace(coach, into.id, {
    id: randomUUID(), day: TODAY, step: 1, swell: [], breathing: true, count: 0, note: '',
  })
  await changeRules(coach, { scope: 'athlete', scopeId: into.id, version: 0, rules: NO_RULES })
  await changeAthleteSeason(coach, into.id, {
    version: 0, groupId, title: 'Away', exceptions: NO_EXCEPTIONS, prefer: null, replan: true,
  })
  into.runId = randomUUID()
  await startRun(coach, {
    id: into.runId, athleteIds: [into.id], startsOn: MONDAY, weeks: 1, sessions: [], replace: false,
  })
  await setBraceCourse(coach, into.id, { cue: 'drawIn', homework: { timesADay: 2, until: null, note: '' } })
  await logPractice(coach, into.id, { id: randomUUID(), day: TODAY, step: 2 })
  await logTrials(coach, [{
    id: randomUUID(), athleteId: into.id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'plank', side: null,
    value: 40, breakPoint: 'trunk', setting: {}, note: '',
  }])
  await inviteAthlete(coach, into.id, { id: randomUUID(), email: `${into.id}@test.example` })
  await keepFloorBoard(coach, groupId, aBoardOf([into.id]))
  await changeGuardian(coach, into.id, {
    version: 0, name: 'A Guardian', contact: '+00 12 34', consentOn: TODAY, coaches: [],
  })
}
