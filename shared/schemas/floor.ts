import Joi from 'joi'
import type { Block, Limit, Present, Room, Timetable } from '~~/core/floor'
import { DAY_TICKS } from '~~/core/floor'
import type { FloorRoom, FloorWays, RunningFloor } from '../floorRoom'
import type { FloorBoardInput } from '../types'
import { choice, count, form, id, isoDay, listOf } from './common'

const MOST = { athletes: 100, blocks: 60 } as const
const name = (label: string): Joi.StringSchema => Joi.string().max(120).required().label(label)
const ticks = (label: string): Joi.NumberSchema => count(label, 0, DAY_TICKS)
const untilTick = ticks('Until').allow(null)
const moment = (label: string): Joi.NumberSchema => Joi.number().min(0).max(1e14).allow(null).required().label(label)
const atOnce = count('At once', 0, 500)
const narrow = listOf('Narrowed', form({ from: ticks('From'), to: ticks('To'), atOnce })).max(50).optional()
const limit = { atOnce, narrow }
const block = {
  id: name('Block'), needs: listOf('Stations', name('Station')).max(20), ticks: ticks('Length'),
  watched: Joi.boolean().label('Watched'), partner: Joi.boolean().label('Partner'),
} satisfies Record<keyof Block, Joi.Schema>

const room = form<Room>({
  places: listOf('Stations', form<Room['places'][number]>({ id: name('Station'), ...limit })).max(200),
  coach: form<Limit>(limit).allow(null).required(),
  moveTicks: ticks('Moves'),
  apart: listOf('Kept apart', Joi.array().items(name('Station')).length(2).label('Pair')).max(50),
  athletes: listOf('Athletes', form<Present>({
    id: name('Athlete'), from: ticks('From'), until: untilTick, order: choice('Order', ['strict', 'loose']),
    blocks: listOf('Blocks', form<Block>(block)).max(MOST.blocks),
  })).max(MOST.athletes),
})

const timetable = form<Timetable>({
  placed: listOf('Placed', form({ block: name('Block'), start: ticks('Start'), helper: name('Helper').allow(null) }))
    .max(MOST.athletes * MOST.blocks),
  end: ticks('End'),
  bound: form({
    end: ticks('Bound'),
    because: form({
      kind: choice('Why', ['athlete', 'place', 'apart', 'coach', 'helpers']), id: name('Whom'),
    }).allow(null),
  }),
  proven: Joi.boolean().required().label('Proven'),
  left: listOf('Left out', name('Block')).max(MOST.athletes * MOST.blocks),
  over: listOf('Too long', form({ athlete: name('Athlete'), ticks: ticks('Over') })).max(MOST.athletes),
})

const ways = form<FloorWays>({
  coachAtOnce: count('Watched at once', 0, 50), order: choice('Order', ['strict', 'loose']),
})

/** A floor as it runs on a device, on its way to the server. */
export const floorBoardSchema = form<FloorBoardInput>({
  day: isoDay('Day'),
  device: id('Device'),
  takeOver: Joi.boolean().required().label('Take over'),
  floor: form<RunningFloor>({
    turn: count('Turn', 0, 1_000_000),
    ways,
    plan: form<FloorRoom>({
      room,
      blocks: listOf('Blocks', form<FloorRoom['blocks'][number]>({
        ...block, athleteId: name('Athlete'), lift: name('Lift').allow(null),
        items: listOf('Drills', name('Drill')).max(60),
      })).max(MOST.athletes * MOST.blocks),
    }),
    timetable,
    startedAt: moment('Started'),
    heldAt: moment('Held'),
    done: listOf('Done', name('Block')).max(MOST.athletes * MOST.blocks),
  }),
})
