export { closePool, decideInPool, lookBackInPool, planInPool, reviewInPool, seasonInPool, solverPool } from './pool'
export { TookTooLong } from '../threads/pool'
export {
  answerWeek, type DecideWork, type LookBackWork, type WeekAnswer, type WeekRequest,
} from './request'
