export { closePool, planInPool, SolverPool } from './pool'
export type { WeekAnswer, WeekRequest } from './request'
