export { BODY_RANGE, bodyOf, type Body, type BodySize } from './body'
export { ASSUMED, PAIRED, REFERENCE, SEGMENTS, type Segment, type SegmentFacts, type Sex } from './segments'
