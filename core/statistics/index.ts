export { normalDensity, normalShareBelow } from './normal'
export { medianOf, spreadOf, type Spread } from './spread'
export { believableDifference, typicalError, type TypicalError } from './typicalError'
