import { must } from '../errors'
import { ACTION_FACTS, mainAction, STANDARD, type Catalogue, type TrunkAction } from '../catalogue'
import type { Side } from '../dose'
import type { BreakPoint, SetLog } from './setLog'
import { standingOf, type Person } from './norms'
import { STANDARD_TESTS, TEST_SHARE, testFacts, type Tests, type Trial } from './tests'

/** What may hold an athlete back: a trunk action, or something beside the trunk. */
export type WeakPlace = TrunkAction | 'shoulder' | 'hipFlexors' | 'grip' | 'neck' | 'breath' | 'balance'

/** One place with what speaks for it. */
export interface WeakLink {
  readonly place: WeakPlace
  readonly side: Side | null
  /** Sum of what speaks for it; only for ranking. */
  readonly weight: number
  /** Plain sentences, one per observation. */
  readonly evidence: readonly string[]
  readonly says: string
  /** Drills to begin with, and the ladder they live on. */
  readonly drills: readonly string[]
  readonly ladder: string
}

export interface WeakLinkFinding {
  /** Heaviest first; empty when there is not enough evidence. */
  readonly links: readonly WeakLink[]
  /** Why nothing, or nothing more, can be said; empty when all is said. */
  readonly why: string
}

/** Observations a place needs before it is named: one set says little about anybody. */
export const LEAST_OBSERVATIONS = 2
/** A trial this far below the published mean speaks for its action by itself. */
const LOW_Z = -1
/** From here up a trial that the trunk ended is a good one (common practice, no source). */
const GOOD_Z = -0.5
const LOW_WORTH = 0.75

/**
 * What broke, as the place it speaks for; null: the trunk action of the test. Pain and a clean end say nothing here.
 */
const SPEAKS_FOR: Readonly<Partial<Record<BreakPoint, WeakPlace | null>>> = {
  trunk: null, lowBack: null, hipsTurned: 'antiRotation', shoulder: 'shoulder', hipFlexors: 'hipFlexors', grip: 'grip',
  neck: 'neck', breath: 'breath', balance: 'balance',
}

const WORDS: Readonly<Partial<Record<BreakPoint, string>>> = {
  trunk: 'the trunk gave out', lowBack: 'the low back moved', hipsTurned: 'the hips turned',
  shoulder: 'the shoulder gave out', hipFlexors: 'the hip flexors took over', grip: 'the grip gave out',
  neck: 'the neck led', breath: 'the breath stuck', balance: 'balance was lost',
}

/** Where each place is worked on first: common practice, no source. */
const HELP: Readonly<Record<WeakPlace, { ladder: string, drills: readonly string[] }>> = {
  antiExtension: { ladder: 'front-plank', drills: ['front-plank.elbows', 'dead-bug.opposite-arm-leg'] },
  antiFlexion: { ladder: 'posterior', drills: ['posterior.bench-extension-hold', 'posterior.hinge-bow'] },
  flexion: { ladder: 'flexion', drills: ['flexion.curl-up', 'flexion.crunch'] },
  extension: { ladder: 'posterior', drills: ['posterior.bridge', 'posterior.prone-arm-leg'] },
  antiLateralFlexion: { ladder: 'side-plank', drills: ['side-plank.knees', 'side-plank.feet'] },
  lateralFlexion: { ladder: 'side-plank', drills: ['side-plank.hip-lifts'] },
  antiRotation: { ladder: 'press-out', drills: ['press-out.tall-kneeling', 'quadruped.opposite-arm-leg'] },
  rotation: { ladder: 'rotation', drills: ['rotation.upper-back-roll', 'rotation.band-turn-half-kneeling'] },
  shoulder: { ladder: 'rollout', drills: ['carries.overhead', 'rollout.strap-fall-out', 'rollout.push-up-walkout'] },
  hipFlexors: { ladder: 'compression', drills: ['compression.one-behind', 'compression.one-thighs'] },
  grip: { ladder: 'carries', drills: ['carries.two-hand'] },
  neck: { ladder: 'flexion', drills: ['flexion.curl-up'] },
  breath: { ladder: 'brace', drills: ['brace.brace-and-talk', 'brace.low-breath'] },
  balance: { ladder: 'balance', drills: ['balance.hinge-toe-tap'] },
}

interface Observation {
  readonly place: WeakPlace
  readonly side: Side | null
  readonly weight: number
  readonly text: string
  readonly from: string
}

/** What is looked at besides trials: the tests and drills there are, and sets as they were logged. */
export interface Around { readonly tests: Tests, readonly catalogue: Catalogue, readonly logs: readonly SetLog[] }
const NOTHING_AROUND: Around = { tests: STANDARD_TESTS, catalogue: STANDARD, logs: [] }

/**
 * Ranks what holds an athlete back, from where trials and sets broke and how far trials lie below published values. A
 * place is named when two observations or more speak for it; the side only when all of them are of one side. A trial
 * counts once for a place, and repeats on one day count as one, so that three tries in a row are not three reasons.
 * Sets of one drill that broke at the same place on two days or more are one observation together.
 *
 * @example
 * weakLinks([], { sex: 'male', ageYears: 22 }).links // => []
 */
export function weakLinks(trials: readonly Trial[], person: Person, around: Around = NOTHING_AROUND): WeakLinkFinding {
  const seen = new Map<string, Observation>()
  for (const one of fromSets(around)) seen.set(`${one.place}/${one.from}/${one.side ?? ''}`, one)
  for (const trial of trials) {
    for (const one of observations(trial, person, around)) {
      const key = `${one.place}/${trial.test}/${trial.side ?? ''}/${trial.day}`
      const before = seen.get(key)
      if (!before || before.weight < one.weight) seen.set(key, one)
    }
  }
  const places = new Map<WeakPlace, Observation[]>()
  for (const one of seen.values()) places.set(one.place, [...(places.get(one.place) ?? []), one])
  const links = [...places].filter(([, all]) => all.length >= LEAST_OBSERVATIONS)
    .map(([place, all]) => linkOf(place, all, [...trials, ...around.logs]))
    .sort((a, b) => b.weight - a.weight || a.place.localeCompare(b.place))
  return { links, why: links.length > 0 ? '' : whyNot(trials, seen.size) }
}

function observations(trial: Trial, person: Person, around: Around): Observation[] {
  const { name, action, norms } = testFacts(trial.test, around.tests)
  const found: Observation[] = []
  const side = trial.side
  const at = `${name}${side ? `, ${side}` : ''}`
  // A long hold has to end somewhere: that the trunk ended a good one is no weakness.
  if (trial.breakPoint === 'trunk' && isGood(trial, person, around)) return []
  const speaks = SPEAKS_FOR[trial.breakPoint]
  const place = speaks === null ? action : speaks
  if (place)
    found.push({ place, side, weight: 1, text: `${at}: ${WORDS[trial.breakPoint]}.`, from: name.toLowerCase() })
  if (norms && action && trial.breakPoint !== 'pain') {
    const standing = standingOf(trial.test, side, trial.value, person)
    // Where something beside the trunk ended it, a short time says nothing about the trunk.
    const trunkEnded = speaks === null || speaks === undefined || speaks === action
    if (standing.known && standing.z <= LOW_Z && trunkEnded) {
      const text = `${at}: ${Math.round(trial.value)} s, ${
        Math.abs(standing.z).toFixed(1)
      } SD below the published mean.`
      found.push(
        place === action
          ? {
            place: action, side, weight: 1 + LOW_WORTH,
            text: `${at}: ${WORDS[trial.breakPoint]} after ${Math.round(trial.value)} s, ${
              Math.abs(standing.z).toFixed(1)
            } SD below the published mean.`,
            from: name.toLowerCase(),
          }
          : { place: action, side, weight: LOW_WORTH, text, from: name.toLowerCase() },
      )
    }
  }
  return found
}

/** A set broke there on this many days before it says anything: one bad day is no weakness. */
const SET_DAYS = 2

/**
 * Sets that ended at the same place day after day. Where the trunk ended them it says nothing: that is how sets of hard
 * drills end.
 */
function fromSets({ logs, catalogue }: Around): Observation[] {
  const days = new Map<
    string,
    { place: WeakPlace, side: Side | null, name: string, days: Set<string>, words: string }
  >()
  for (const log of logs) {
    const drill = catalogue.find(log.variationId)
    const speaks = SPEAKS_FOR[log.breakPoint]
    if (!drill || speaks === undefined || log.breakPoint === 'trunk') continue
    const place = speaks ?? mainAction(drill.shares)
    if (!place) continue
    const key = `${drill.id}/${place}/${log.side ?? ''}`
    const entry = days.get(key)
      ?? { place, side: log.side, name: drill.name, days: new Set(), words: must(WORDS[log.breakPoint]) }
    entry.days.add(log.day)
    days.set(key, entry)
  }
  return [...days.values()].filter(entry => entry.days.size >= SET_DAYS).map((
    { place, side, name, days: on, words },
  ) => ({
    place, side, weight: 1,
    text: `${name}${side ? `, ${side}` : ''}, in training: ${words} on ${on.size} days.`,
    from: name.toLowerCase(),
  }))
}

/** Not far below the published mean; without one, long enough to speak for the gate of its rung. */
function isGood({ test, side, value }: Trial, person: Person, { tests, catalogue }: Around): boolean {
  const standing = standingOf(test, side, value, person)
  if (standing.known) return standing.z >= GOOD_Z
  const { speaksFor, unit } = testFacts(test, tests)
  const gate = speaksFor === undefined ? undefined : catalogue.find(speaksFor)?.gate
  return gate !== undefined && (unit === 's' ? value * TEST_SHARE : value) >= gate.amount
}

function linkOf(
  place: WeakPlace, all: readonly Observation[], taken: readonly { readonly side: Side | null }[],
): WeakLink {
  const sides = new Set(all.map(one => one.side))
  const [oneSide = null] = sides.size === 1 ? sides : []
  const bothTaken = oneSide && taken.some(t => t.side !== null && t.side !== oneSide)
  const side = bothTaken ? oneSide : null
  const { ladder, drills } = HELP[place]
  return {
    place, side,
    weight: all.reduce((sum, one) => sum + one.weight, 0),
    evidence: all.map(one => one.text), says: sentence(place, side, all), drills, ladder,
  }
}

const BESIDE: Readonly<Partial<Record<WeakPlace, string>>> = {
  shoulder: 'The trunk holds; the shoulder gives out first',
  hipFlexors: 'The hip flexors take over before the trunk is tired',
  grip: 'The grip gives out before the trunk', neck: 'The neck leads',
  breath: 'The breath sticks: the brace is not yet breathed behind',
  balance: 'Balance goes before strength',
}

function sentence(place: WeakPlace, side: Side | null, all: readonly Observation[]): string {
  const from = [...new Set(all.map(one => one.from))]
  const where = from.length > 2 ? `${from.slice(0, 2).join(', ')} and ${from.length - 2} more` : from.join(' and ')
  const what = place in ACTION_FACTS
    ? `Weak in the task to ${ACTION_FACTS[place as TrunkAction].label}`
    : must(BESIDE[place])
  return `${what}${side ? ` on the ${side}` : ''}: ${where}.`
}

function whyNot(trials: readonly Trial[], observed: number): string {
  if (trials.length === 0) return 'No trials yet.'
  if (trials.every(t => t.breakPoint === 'pain'))
    return 'Pain ended every trial: a clinician looks before anything is concluded.'
  if (observed === 0) return 'Not enough evidence: no trial broke, and none lies low.'
  return 'Not enough evidence: a weak link is named when two trials or more speak for it.'
}
