export { decideInPool, lookBackInPool, planInPool, reviewInPool, solverPool } from './pool'
export {
  answerWeek, type DecideWork, type LookBackWork, type WeekAnswer, type WeekRequest,
} from './request'
