export { decideInPool, planInPool, reviewInPool, SolverPool } from './pool'
export { answerWeek, type DecideWork, type ThreadRequest, type WeekAnswer, type WeekRequest } from './request'
