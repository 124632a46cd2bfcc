export { cuffEnd, readCuff, USUAL_BAND, type CuffReading, type PressureBand } from './cuff'
export { advanceHold, HOLD_WAITS, holdRule, readHold, type HoldReading, type HoldRule, type HoldState } from './hold'
export {
  INSTRUMENT_FAULTS, INSTRUMENT_KINDS, LINE_VERSION, readLine, writeCommand, type InstrumentCommand,
  type InstrumentFault, type InstrumentKind,
  type InstrumentLine,
} from './line'
export { packTrace, unpackTrace, type PackedTrace } from './trace'
export { noiseOf, TRACE_PROBLEMS, trustOf, type Sample, type TraceProblem, type Trust } from './trust'
