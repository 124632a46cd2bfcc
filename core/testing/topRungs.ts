import { rungsOf, STANDARD, standsUpTo } from '../catalogue'

/** Where somebody stands who has reached everything. */
export const TOP_RUNGS = rungsOf(STANDARD.ladders.flatMap(l => standsUpTo(l, l.rungs.length)), STANDARD)
