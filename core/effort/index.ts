export { proposeByEffort, type EffortItem, type EffortWeek } from './proposeByEffort'
export type { EffortRequest } from './effortOptions'
