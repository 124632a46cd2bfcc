export { DEMO_PASSWORD, DEMO_TIME_ZONE, larkholm, type DemoAthlete, type DemoCentre, type DemoPerson } from './centre'
export { chance, type Chance } from './random'
export { simulateSets } from './simulateSets'
export { SQUADS } from './squads'
