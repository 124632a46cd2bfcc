export { oddTrial, testStops } from './mayTest'
export { BODY_PLACES, BREAK_POINTS, loggedSeconds, type BodyPlace, type BreakPoint, type SetLog } from './setLog'
export {
  adherenceOf, breakPointsOf, compareSides, type Adherence, type BreakPointCount, type Prescribed, type SideComparison,
} from './review'
export {
  BATTERIES, STANDARD_TESTS, TEST_IDS, TEST_SHARE, testFacts, TESTS, type Battery, type OwnTestId, type StandardTestId,
  type TestId, type Tests, type Trial,
} from './tests'
export type { Norm, TestFacts, TestNorms } from './testFacts'
export { batteriesWith, checkOwnTests, ownTestId, TEST_UNIT_WORDS, testsWith, type OwnTest } from './ownTests'
export { pairFindings, PAIRS, type PairFinding } from './pairs'
export { BRACE_CUES, cueForDrill, cueForStep, type BraceCue } from './braceCue'
export { homeworkLies, homeworkState, type Homework, type HomeworkState, type Practice } from './homework'
export { EVIDENCE_DAYS, stillSpeaks } from './evidence'
export { standingOf, type Band, type Person, type Standing } from './norms'
export { bestOf, holdRatios, type HoldRatio } from './ratios'
export { sideDifferences, type SideDifference } from './sideDifference'
export {
  LEAST_OBSERVATIONS, weakLinks, type Around, type WeakLink, type WeakLinkFinding, type WeakPlace,
} from './weakLink'
export { gateProgress, type GateProgress } from './gate'
export { place, placeAll, type Placement } from './placement'
export {
  BRACE_STEPS, braceLacks, braceReached, marchCounts, MEASURE_WORDS, QUADRANTS, RECHECK_DAYS, type BraceCheck,
  type BraceMeasure, type BraceStep,
  type Quadrant,
} from './braceSteps'
export { doneLast, KNOWN_DAYS, type DoneLast } from './doneLast'
export { drillSessions, type DrillSession } from './drillSessions'
