import { addDays, mondayOf } from '~~/core/calendar'
import type { SeasonShape, ShapePhase } from '~~/core/season'
import type { EntryInput } from '~~/shared/types'
import { DEMO_TIME_ZONE, type DemoCentre } from './centre'
import { chance } from './random'
import { SQUADS, type Squad } from './squads'

/**
 * A squad's season: how many of its weeks are over, its phases, and what stands in its calendar besides the next
 * competition.
 */
interface SquadSeason {
  readonly over: number
  readonly weeks: number
  readonly phases: readonly ShapePhase[]
  readonly practices: readonly (readonly [name: string, weekday: number, startsAt: string, minutes: number])[]
  readonly others:
    readonly (readonly [
      kind: EntryInput['kind'], name: string, inDays: number, days: number, over?: Partial<EntryInput>,
    ])[]
}

const phase = (
  id: ShapePhase['phase'], [least, most]: readonly [number, number], start: number, volume: number,
  opening: Partial<ShapePhase['opening']> = {},
): ShapePhase => ({ phase: id, least, most, start, volume, opening: { braceStep: null, done: null, ...opening } })

const SEASONS: Readonly<Record<string, SquadSeason>> = {
  'Sprint canoe': {
    over: 16, weeks: 36,
    phases: [
      phase('offSeason', [6, 14], 0, 20), phase('preSeason', [4, 10], 11, 18, { braceStep: 6 }),
      phase('inSeason', [8, 18], 20, 12), phase('transition', [2, 4], 33, 8),
    ],
    practices: [['Water session', 2, '16:30', 90], ['Water session', 5, '09:00', 120]],
    others: [['competition', 'Fjord Heats', 61, 2, { importance: 'B', startsAt: '09:30', travelBefore: 1 }], [
      'competition', 'Islands Final', 96, 3,
      { importance: 'A', startsAt: '10:00', travelBefore: 1, travelAfter: 1 },
    ]],
  },
  'Fencing': {
    over: 14, weeks: 34,
    phases: [
      phase('offSeason', [6, 10], 0, 20), phase('preSeason', [4, 8], 8, 18),
      phase('inSeason', [12, 22], 14, 12, { done: 0.6 }), phase('transition', [2, 4], 31, 8),
    ],
    practices: [['Piste evening', 0, '18:00', 120], ['Piste evening', 3, '18:00', 120]],
    others: [['competition', 'Lighthouse Open', 54, 1, { importance: 'A', startsAt: '08:45', travelBefore: 1 }], [
      'school', 'Exam weeks', 24, 12,
    ]],
  },
  'Judo': {
    over: 9, weeks: 32,
    phases: [
      phase('offSeason', [6, 10], 0, 20), phase('preSeason', [4, 8], 8, 18, { braceStep: 6 }),
      phase('inSeason', [8, 18], 14, 12), phase('transition', [2, 4], 29, 8),
    ],
    practices: [['Mat evening', 1, '18:30', 90], ['Mat evening', 3, '18:30', 90]],
    others: [['competition', 'Strait Trophy', 68, 1, { importance: 'B', startsAt: '09:00' }]],
  },
  'Volleyball': {
    over: 12, weeks: 30,
    phases: [phase('preSeason', [4, 8], 0, 18), phase('inSeason', [18, 26], 6, 12), phase('transition', [2, 4], 28, 8)],
    practices: [['Court evening', 2, '19:00', 120]],
    others: [['match', 'Ferry League, round 7', 11, 1, { startsAt: '17:00' }], [
      'match', 'Ferry League, round 8', 18, 1, { startsAt: '17:00' },
    ], ['competition', 'Ferry League, final four', 74, 2, { importance: 'A', startsAt: '12:00' }]],
  },
  'Javelin': {
    over: 6, weeks: 36,
    phases: [
      phase('offSeason', [8, 14], 0, 22), phase('preSeason', [6, 10], 12, 20), phase('inSeason', [8, 16], 20, 12),
      phase('transition', [2, 4], 33, 8),
    ],
    practices: [['Run-up session', 1, '15:00', 75]],
    others: [['competition', 'Far Shore Games', 131, 1, {
      importance: 'A', startsAt: '18:20', timeZone: 'America/St_Johns', travelBefore: 2, travelAfter: 2,
    }]],
  },
}
const SEED = 52_811

interface DemoSeason {
  readonly groupId: string
  readonly shape: SeasonShape
  readonly entries: readonly EntryInput[]
}

const entry = (
  groupId: string | null, id: string, kind: EntryInput['kind'], name: string, day: string,
  over: Partial<EntryInput> = {},
): EntryInput => ({
  id, groupId, kind, name, day, lastDay: day, importance: null, travelBefore: 0, travelAfter: 0, weeklyUntil: null,
  except: [], startsAt: null, minutes: null, timeZone: DEMO_TIME_ZONE, sourceUid: null, ...over,
})

/** What the whole invented centre shares. */
export function centreEntries(today: string): EntryInput[] {
  const luck = chance(SEED + 1)
  return [
    entry(null, luck.key(), 'closure', 'Floor is laid anew', addDays(mondayOf(today), 38), {
      lastDay: addDays(mondayOf(today), 40),
    }),
  ]
}

/** The seasons of the invented squads as of a day. */
export function demoSeasons(
  { groups, competitions }: Pick<DemoCentre, 'groups' | 'competitions'>,
  today: string,
): DemoSeason[] {
  const luck = chance(SEED)
  return SQUADS.map((squad) => {
    const groupId = groups.find(group => group.name === squad.name)!.id
    const season = SEASONS[squad.name]!
    const shape = shapeOf(squad, season, today)
    const last = addDays(shape.startsOn, 7 * shape.weeks - 1)
    return {
      groupId, shape,
      entries: [
        ...competitions.filter(c => c.groupId === groupId).map(c =>
          entry(groupId, c.id, 'competition', c.name, c.day, {
            importance: c.importance, startsAt: '10:00', minutes: 360,
          })
        ),
        ...season.practices.map(([name, weekday, startsAt, minutes]) =>
          entry(groupId, luck.key(), 'practice', name, addDays(shape.startsOn, weekday), {
            startsAt, minutes, weeklyUntil: last,
          })
        ),
        ...season.others.map(([kind, name, inDays, days, over]) =>
          entry(groupId, luck.key(), kind, name, addDays(today, inDays), {
            lastDay: addDays(today, inDays + days - 1), ...(over?.startsAt ? { minutes: 240 } : {}), ...over,
          })
        ),
      ],
    }
  })
}

function shapeOf(squad: Squad, { over, weeks, phases }: SquadSeason, today: string): SeasonShape {
  const hardDays = Object.keys(squad.liftDays).map(Number)
  return {
    startsOn: addDays(mondayOf(today), -7 * over), weeks, phases, deloadEvery: 4, hardDays,
    weekdays: [...hardDays, ...Object.keys(squad.otherDays).map(Number)].sort((a, b) => a - b),
  }
}
