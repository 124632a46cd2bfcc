export { BODY_PLACES, BREAK_POINTS, loggedSeconds, type BodyPlace, type BreakPoint, type SetLog } from './setLog'
export {
  breakPointsOf, compareSides, review, type BreakPointCount, type Prescribed, type Review, type SideComparison,
} from './review'
export { BATTERIES, TEST_IDS, TEST_SHARE, testFacts, TESTS, type BatteryId, type Norm, type TestFacts, type TestId, type TestNorms, type Trial } from './tests'
export { publishedError, standingOf, type Person, type Standing } from './norms'
export { bestOf, holdRatios, type HoldRatio } from './ratios'
export { ENOUGH_REPEATS, sideDifferences, type SideDifference } from './sideDifference'
export { LEAST_OBSERVATIONS, weakLinks, type WeakLink, type WeakLinkFinding, type WeakPlace } from './weakLink'
export { gateProgress, type GateProgress } from './gate'
export { place, placeAll, type Placement } from './placement'
export {
  BRACE_STEPS, braceLacks, braceReached, marchCounts, MEASURE_WORDS, QUADRANTS, RECHECK_DAYS, type BraceCheck, type BraceMeasure, type BraceStep,
  type Quadrant,
} from './braceSteps'
