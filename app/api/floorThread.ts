import { repairTimetable, timetable } from '~~/core/floor'
import type { FloorAnswer, FloorAsk } from './floor'
import { answerAll } from './thread'

/** The thread that plans a floor, so that clocks on the page go on meanwhile. */
answerAll((asked: FloorAsk): FloorAnswer => ('events' in asked
  ? { repaired: repairTimetable(asked.room, asked.before, asked.now, asked.events) }
  : { timetable: timetable(asked.room) }))
