import { repairTimetable, timetable } from '~~/core/floor'
import type { FloorAnswer, FloorAsk } from './floor'

/** The thread that plans a floor, so that clocks on the page go on meanwhile. */
addEventListener('message', ({ data }: MessageEvent<FloorAsk>) => {
  postMessage(answerTo(data))
})

function answerTo(asked: FloorAsk): FloorAnswer {
  try {
    return 'events' in asked
      ? { id: asked.id, repaired: repairTimetable(asked.room, asked.before, asked.now, asked.events) }
      : { id: asked.id, timetable: timetable(asked.room) }
  }
  catch (error) {
    return { id: asked.id, problem: error instanceof Error ? error.message : String(error) }
  }
}
