import type { Variation } from '../variation'

/** What is said about one drill: on the floor, beside it, and on the phone. */
export type Said = Pick<Variation, 'cues' | 'faults' | 'stopSign' | 'caution'>

/** A ladder's words, by the key of the rung. */
export type Words = Readonly<Record<string, Said>>

type Fault = readonly [see: string, fix: string]

/** A cue about the body, one about the world outside it, when a set ends, what to mind, faults with what mends them. */
export const say = (inside: string, outside: string, stopSign: string, caution: string, ...faults: Fault[]): Said => ({
  cues: { inside, outside }, stopSign, caution, faults: faults.map(([see, fix]) => ({ see, fix })),
})
