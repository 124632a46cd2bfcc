import type { Side } from '../dose'
import { inTime, type Phase, type PhaseSet, type Timed } from './phase'
import { READY_S } from './setPhases'

/** A station of an interval session, or what is done in the rests between its rounds. */
export interface IntervalStation {
  readonly id: string
  readonly sides: 'both' | 'each'
  /** Seconds of a set, of one side where it has sides. */
  readonly workS: number
  /** What it is called in each of its sets, from the first on. */
  readonly names: readonly string[]
}

/** A line of a warm-up or a cool-down. */
export interface GuidedLine {
  readonly text: string
  readonly seconds: number
}

/** Stations gone through by the clock, again and again. */
export interface IntervalSession {
  readonly stations: readonly IntervalStation[]
  readonly rounds: number
  /** How often in a row each station is done. */
  readonly times: number
  readonly restS: number
  readonly roundRestS: number
  /** What is done in the rest between rounds, where that is not nothing: a fighter crawls. */
  readonly between: IntervalStation | null
  readonly warmUp: readonly GuidedLine[]
  readonly coolDown: readonly GuidedLine[]
}

/** Where an interval session goes on: sets that are done, and stations that are over for the day. */
export interface IntervalsSoFar {
  readonly isDone: (set: PhaseSet) => boolean
  readonly out: ReadonlySet<string>
}

const FROM_THE_START: IntervalsSoFar = { isDone: () => false, out: new Set() }
const SIDES: readonly Side[] = ['left', 'right']

/**
 * The phases of an interval session: time to get ready, warm-up, rounds of work and rest, cool-down. Rest after the
 * last work of a round is the rest between rounds. It goes on at the first set that is not done, without the warm-up;
 * work of a station that is over is a rest. Names are said as each begins, in a rest the name of what comes.
 *
 * @example
 * intervalPhases({ stations: [{ id: 'a', sides: 'both', workS: 30, names: ['Plank', 'Plank'] }], rounds: 1, times: 2, restS: 15, roundRestS: 60, between: null, warmUp: [], coolDown: [] }).map(({ word, seconds }) => [word, seconds]) // => [['ready', 5], ['Plank', 30], ['rest', 15], ['Plank', 30]]
 */
export function intervalPhases(session: IntervalSession, { isDone, out } = FROM_THE_START): Timed[] {
  const all = roundsOf(session)
  const from = all.findIndex(({ set }) => set && !isDone(set))
  const isOut = ({ set }: Phase): boolean => set !== undefined && out.has(set.id)
  const left = from < 0 ? [] : all.slice(from).map(phase => (isOut(phase) ? resting(phase) : phase))
  return inTime([
    { kind: 'ready', word: 'ready', seconds: READY_S, count: null },
    ...(from === 0 ? session.warmUp.map(guided) : []), ...announced(left), ...session.coolDown.map(guided),
  ])
}

function roundsOf({ stations, rounds, times, restS, roundRestS, between }: IntervalSession): Phase[] {
  const round = (at: number): Phase[] => {
    const phases = stations.flatMap(station => Array.from({ length: times }, (_, i) => [
      ...setOf(station, (at - 1) * times + i + 1, { at, of: rounds }),
      { kind: 'rest' as const, word: 'rest', seconds: restS, count: { at, of: rounds } },
    ]).flat())
    return phases.slice(0, -1)
  }
  const rest = (at: number): Phase[] => (between
    ? setOf(between, at, { at, of: rounds })
    : [{ kind: 'rest', word: 'rest', seconds: roundRestS, count: { at, of: rounds } }])
  return Array.from({ length: rounds }, (_, i) => [...(i > 0 ? rest(i) : []), ...round(i + 1)]).flat()
}

function setOf({ id, sides, workS, names }: IntervalStation, setNumber: number, count: Phase['count']): Phase[] {
  const name = names[setNumber - 1]
  // A station that is done less often than the rounds say is over then.
  if (name === undefined) return []
  return (sides === 'each' ? SIDES : [null]).map((side): Phase => {
    const word = side ? `${name}, ${side}` : name
    return { kind: 'work', word, name: word, seconds: workS, count, set: { id, setNumber, side } }
  })
}

const resting = ({ seconds, count }: Phase): Phase => ({ kind: 'rest', word: 'rest', seconds, count })
const guided = ({ text, seconds }: GuidedLine): Phase =>
  ({ kind: 'work', word: text, name: text, seconds, count: null })

/** Each rest says what comes after it. */
function announced(phases: readonly Phase[]): Phase[] {
  return phases.map((phase, i) => {
    const next = phases.slice(i + 1).find(({ kind }) => kind === 'work')
    return phase.kind === 'rest' && next ? { ...phase, name: `Next: ${next.word}` } : phase
  })
}

/**
 * Sets that came to their end after one second and by another, in their order.
 *
 * @param timed as intervalPhases made it
 * @example
 * setsEnded(inTime([{ kind: 'work', word: 'Plank', seconds: 30, count: null, set: { id: 'a', setNumber: 1, side: null } }]), 0, 30) // => [{ id: 'a', setNumber: 1, side: null }]
 */
export function setsEnded(timed: readonly Timed[], afterS: number, byS: number): PhaseSet[] {
  return timed.flatMap(({ set, from, seconds }) => {
    const end = from + seconds
    return set && end > afterS && end <= byS ? [set] : []
  })
}
