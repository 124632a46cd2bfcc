import type { Timed } from './phase'

/** A sound, and what is said with it where the device can. */
export interface Cue {
  readonly atS: number
  readonly tone: 'begin' | 'turn' | 'count' | 'rest' | 'end'
  readonly say: string | null
}

/** Seconds before a change that are counted down. */
const COUNT_DOWN_S = [3, 2, 1]
/** Phases shorter than this are not counted down: their tones would run into one another. */
const LONG_S = 6

/**
 * The sounds of a timer, in their order: a tone where work begins, another at each turn of a tempo, three short ones
 * before a hold or a rest is over, one at the end. Names are said where a phase has one.
 *
 * @example
 * cuesOf(inTime([{ kind: 'work', word: 'hold', seconds: 10, count: null }])).map(cue => [cue.atS, cue.tone]) // => [[0, 'begin'], [7, 'count'], [8, 'count'], [9, 'count'], [10, 'end']]
 */
export function cuesOf(timed: readonly Timed[]): Cue[] {
  const cues = timed.flatMap((phase, i): Cue[] => {
    const before = timed[i - 1]
    const fresh = phase.count === null || phase.count.at !== before?.count?.at || before.kind !== 'work'
    const tone = phase.kind === 'work' ? (fresh ? 'begin' : 'turn') : phase.kind === 'open' ? 'begin' : 'rest'
    const begin: Cue[] = phase.kind === 'ready' ? [] : [{ atS: phase.from, tone, say: phase.name ?? null }]
    const countDown = phase.kind === 'open' || (phase.kind !== 'ready' && phase.seconds < LONG_S)
      ? []
      : COUNT_DOWN_S.filter(s => s < phase.seconds)
        .map((s): Cue => ({ atS: phase.from + phase.seconds - s, tone: 'count', say: null }))
    return [...begin, ...countDown]
  })
  const last = timed.at(-1)
  return last && last.kind !== 'open' ? [...cues, { atS: last.from + last.seconds, tone: 'end', say: null }] : cues
}
