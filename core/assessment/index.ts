export { BODY_PLACES, BREAK_POINTS, loggedSeconds, type BodyPlace, type BreakPoint, type SetLog } from './setLog'
export {
  breakPointsOf, compareSides, review, type BreakPointCount, type Prescribed, type Review, type SideComparison,
} from './review'
