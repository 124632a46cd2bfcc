export { movingAverage } from './movingAverage'
export { sessionLoad, weekLoad } from './weekLoad'
