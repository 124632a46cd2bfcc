export { planInPool, reviewInPool, SolverPool } from './pool'
export { answerWeek, type ThreadRequest, type WeekAnswer, type WeekRequest } from './request'
