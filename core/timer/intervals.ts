import type { Side } from '../dose'
import { inTime, type Phase, type Timed } from './phase'

/** A drill of an interval session. */
export interface IntervalBlock {
  readonly name: string
  readonly sides: 'both' | 'each'
  readonly workS: number
  readonly restS: number
  /** How often in a row: every drill twice, say. */
  readonly times: number
  /** What the second and later rounds do instead, each with what to fall back on. */
  readonly rounds?: readonly { readonly name: string, readonly fallback: string | null }[]
}

/** Blocks of work and rest, gone through again and again. */
export interface IntervalSession {
  readonly blocks: readonly IntervalBlock[]
  readonly rounds: number
  readonly roundRestS: number
  /** What is done in the rest between rounds, where that is not nothing: a fighter crawls. */
  readonly roundRestOf: string | null
  /** One-sided drills split the work between sides, or give each side its own. */
  readonly sides: 'split' | 'own'
  readonly warmUpS: number
  readonly coolDownS: number
}

const SIDES: readonly Side[] = ['left', 'right']

/**
 * The phases of an interval session: warm-up, rounds of work and rest, cool-down. Rest after the last work of a round
 * is the rest between rounds. Names are said as each begins.
 *
 * @example
 * intervalPhases({ blocks: [{ name: 'Plank', sides: 'both', workS: 30, restS: 15, times: 2 }], rounds: 1, roundRestS: 60, roundRestOf: null, sides: 'own', warmUpS: 0, coolDownS: 0 }).map(({ word, seconds }) => [word, seconds]) // => [['Plank', 30], ['rest', 15], ['Plank', 30]]
 */
export function intervalPhases(session: IntervalSession): Timed[] {
  const { blocks, rounds, roundRestS, roundRestOf, sides, warmUpS, coolDownS } = session
  const round = (n: number): Phase[] => {
    const all = blocks.flatMap(block => Array.from({ length: block.times }, () => once(block, n, sides)).flat())
    return all.at(-1)?.kind === 'rest' ? all.slice(0, -1) : all
  }
  const between: Phase = roundRestOf === null
    ? { kind: 'rest', word: 'rest', seconds: roundRestS, count: null }
    : { kind: 'work', word: roundRestOf, seconds: roundRestS, count: null, name: roundRestOf }
  return inTime([
    named('Warm-up', warmUpS),
    ...Array.from({ length: rounds }, (_, i) => [...(i > 0 ? [between] : []), ...round(i + 1)
      .map((phase): Phase => ({ ...phase, count: { at: i + 1, of: rounds } }))]).flat(),
    named('Cool-down', coolDownS),
  ])
}

const named = (name: string, seconds: number): Phase => ({ kind: 'work', word: name, name, seconds, count: null })

function once(block: IntervalBlock, round: number, sides: 'split' | 'own'): Phase[] {
  const { workS, restS } = block
  const instead = round > 1 ? block.rounds?.[round - 2] : undefined
  const name = instead ? `${instead.name}${instead.fallback ? `, or ${instead.fallback}` : ''}` : block.name
  const rest: Phase = { kind: 'rest', word: 'rest', seconds: restS, count: null }
  if (block.sides === 'both') return [named(name, workS), rest]
  const each = sides === 'split' ? workS / 2 : workS
  return [...SIDES.map(side => named(`${name}, ${side}`, each)), rest]
}

/** Seconds of a fighter's round (common practice, no source). */
export const FIGHTER_ROUND_S = 180

/**
 * Rounds as long as a fighter's: work and rest by turns for three minutes, then a minute of a crawl.
 *
 * @param names drills, one after another in each round
 * @example
 * fighterRounds(['Hold', 'Turn', 'Throw'], 3).blocks.map(block => block.workS) // => [60, 60, 60]
 */
export function fighterRounds(names: readonly string[], rounds: number, crawl = 'Crawl'): IntervalSession {
  return {
    blocks: names.map(name => ({
      name, sides: 'both', workS: FIGHTER_ROUND_S / names.length, restS: 0, times: 1,
    })),
    rounds, roundRestS: 60, roundRestOf: crawl, sides: 'split', warmUpS: 0, coolDownS: 0,
  }
}

/**
 * Drills without rest between them, and a long one after the last.
 *
 * @example
 * giantSet(['Plank', 'Side plank'], { rounds: 3, workS: 40, restS: 120 }).roundRestS // => 120
 */
export function giantSet(
  names: readonly string[],
  { rounds, workS, restS }: { readonly rounds: number, readonly workS: number, readonly restS: number },
): IntervalSession {
  return {
    blocks: names.map(name => ({ name, sides: 'both', workS, restS: 0, times: 1 })),
    rounds, roundRestS: restS, roundRestOf: null, sides: 'own', warmUpS: 0, coolDownS: 0,
  }
}

/** Minutes of warm-up and cool-down of a guided session (common practice, no source). */
const [GUIDED_WARM_UP_S, GUIDED_COOL_DOWN_S] = [300, 180]

/**
 * A guided session of so many minutes with warm-up and cool-down: as many whole rounds as have room, and what is left
 * goes to the cool-down.
 *
 * @param blocks work and rest of each drill
 * @example
 * intervalPhases(guidedSession([{ name: 'Plank', sides: 'both', workS: 40, restS: 20, times: 1 }], 30)).at(-1).from // => 1540
 */
export function guidedSession(blocks: readonly IntervalBlock[], minutes: number, roundRestS = 60): IntervalSession {
  const one: IntervalSession = {
    blocks, rounds: 1, roundRestS, roundRestOf: null, sides: 'own', warmUpS: GUIDED_WARM_UP_S, coolDownS: 0,
  }
  const last = intervalPhases({ ...one, warmUpS: 0 }).at(-1)
  const roundS = last ? last.from + last.seconds : 0
  const room = minutes * 60 - GUIDED_WARM_UP_S - GUIDED_COOL_DOWN_S
  const rounds = roundS > 0 ? Math.max(1, Math.floor((room + roundRestS) / (roundS + roundRestS))) : 0
  const workS = rounds * roundS + Math.max(0, rounds - 1) * roundRestS
  return { ...one, rounds, coolDownS: Math.max(0, minutes * 60 - GUIDED_WARM_UP_S - workS) }
}
