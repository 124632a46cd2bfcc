export { normalShareBelow } from './normal'
export { spreadOf, type Spread } from './spread'
export { believableDifference, typicalError, type TypicalError } from './typicalError'
