import { bendingCap } from './bendingCap'
import { ladderWeek } from './ladderWeek'
import { restBetweenHighDoses } from './restBetweenHighDoses'
import { taper } from './taper'
import { weekRepeats } from './weekRepeats'

/** Every rule about a week as a whole. */
export const WEEK_RULES = [weekRepeats, ladderWeek, restBetweenHighDoses, bendingCap, taper] as const
export type WeekRuleId = (typeof WEEK_RULES)[number]['id']
