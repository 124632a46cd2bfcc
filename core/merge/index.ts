export { same, threeWay, type Choices, type Fields, type ThreeWay } from './threeWay'
