export { sessionBlocks, WATCHED_FROM_PERCENT, type FloorItem, type FloorWork, type WorkBlock } from './sessionBlocks'
export {
  drillNeeds, KEPT_APART, liftNeeds, SPACES, stationName, stationsOf, type Counts, type Needs, type Space,
  type StationId,
} from './stations'
