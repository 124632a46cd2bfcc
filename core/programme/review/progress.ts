import { drillSessions, type Prescribed, type SetLog } from '../../assessment'
import { addDays, type IsoDay } from '../../calendar'
import { must } from '../../errors'
import type { Progress } from '../../prescription'
import { formLost, roomForMore } from '../../rules'

/** Sets of a week say how it goes on; of two weeks, whether it goes back. */
const [WEEK, FORTNIGHT] = [7, 14]

/**
 * What done sets say of each drill for the week that begins on a day: on where nothing stands against more, back where
 * form was lost, else stay. A drill that was not done in the week before is not named: nothing is known of it.
 *
 * @param startsOn the week's Monday
 * @example
 * progressOf([], [], '2026-03-02') // => {}
 */
export function progressOf(
  prescribed: readonly Prescribed[], logs: readonly SetLog[], startsOn: IsoDay,
): Record<string, Progress> {
  const recent = logs.filter(log => log.day >= addDays(startsOn, -FORTNIGHT) && log.day < startsOn)
  const drills = [...new Set(recent.map(log => log.variationId))].sort()
  return Object.fromEntries(drills.flatMap((id): [string, Progress][] => {
    const sessions = drillSessions(id, prescribed, recent)
    if (must(sessions.at(-1)).day < addDays(startsOn, -WEEK)) return []
    if (formLost.breaks({ sessions }).length > 0) return [[id, 'back']]
    return [[id, roomForMore.breaks({ sessions }).length === 0 ? 'on' : 'stay']]
  }))
}
