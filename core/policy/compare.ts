import type { SchoolId } from '../catalogue'
import { DEFAULT_POLICY, LINE_IDS, type LineId, type Policy } from './lines'
import { SCHOOL_LINES } from './schools'

/** One line that two policies settle differently. */
export interface PolicyChange {
  readonly line: LineId
  readonly from: string
  readonly to: string
}

/**
 * The whole policy of a school: its own lines over the usual ones.
 *
 * @example
 * schoolPolicy('highTension').progress // => 'load'
 */
export function schoolPolicy(school: SchoolId | null): Policy {
  return school ? { ...DEFAULT_POLICY, ...SCHOOL_LINES[school] } : DEFAULT_POLICY
}

/**
 * Lines that two policies settle differently, in the order pages show them.
 *
 * @example
 * policyChanges(DEFAULT_POLICY, { ...DEFAULT_POLICY, cue: 'drawIn' }) // => [{ line: 'cue', from: 'brace', to: 'drawIn' }]
 */
export function policyChanges(from: Policy, to: Policy): PolicyChange[] {
  return LINE_IDS.filter(line => from[line] !== to[line]).map(line => ({ line, from: from[line], to: to[line] }))
}
