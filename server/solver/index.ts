export { decideInPool, lookBackInPool, planInPool, reviewInPool, SolverPool } from './pool'
export {
  answerWeek, type DecideWork, type LookBackWork, type ThreadRequest, type WeekAnswer, type WeekRequest,
} from './request'
