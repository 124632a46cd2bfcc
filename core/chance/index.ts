export { chanceFrom } from './chanceFrom'
