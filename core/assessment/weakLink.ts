import { ACTION_FACTS, findVariation, type TrunkAction } from '../catalogue'
import type { Side } from '../dose'
import type { BreakPoint } from './setLog'
import { standingOf, type Person } from './norms'
import { TEST_SHARE, testFacts, type TestId, type Trial } from './tests'

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

/** What broke, as the place it speaks for; null: the trunk action of the test. Pain and a clean end say nothing here. */
const SPEAKS_FOR: Readonly<Partial<Record<BreakPoint, WeakPlace | null>>> = {
  trunk: null, lowBack: null, hipsTurned: 'antiRotation', shoulder: 'shoulder', hipFlexors: 'hipFlexors', grip: 'grip', neck: 'neck',
  breath: 'breath', balance: 'balance',
}

const WORDS: Readonly<Partial<Record<BreakPoint, string>>> = {
  trunk: 'the trunk gave out', lowBack: 'the low back moved', hipsTurned: 'the hips turned', shoulder: 'the shoulder gave out',
  hipFlexors: 'the hip flexors took over', grip: 'the grip gave out', neck: 'the neck led', breath: 'the breath stuck', balance: 'balance was lost',
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

interface Observation { readonly place: WeakPlace, readonly side: Side | null, readonly weight: number, readonly text: string, readonly test: TestId }

/**
 * Ranks what holds an athlete back, from where trials broke and how far they lie below published values. A place is named
 * when two trials or more speak for it; the side only when all of them are of one side. A trial counts once for a place,
 * and repeats on one day count as one, so that three tries in a row are not three reasons.
 *
 * @example
 * weakLinks([], { sex: 'male', ageYears: 22 }).links // => []
 */
export function weakLinks(trials: readonly Trial[], person: Person): WeakLinkFinding {
  const seen = new Map<string, Observation>()
  for (const trial of trials) {
    for (const one of observations(trial, person)) {
      const key = `${one.place}/${trial.test}/${trial.side ?? ''}/${trial.day}`
      const before = seen.get(key)
      if (!before || before.weight < one.weight) seen.set(key, one)
    }
  }
  const places = new Map<WeakPlace, Observation[]>()
  for (const one of seen.values()) places.set(one.place, [...(places.get(one.place) ?? []), one])
  const links = [...places].filter(([, all]) => all.length >= LEAST_OBSERVATIONS)
    .map(([place, all]) => linkOf(place, all, trials))
    .sort((a, b) => b.weight - a.weight || a.place.localeCompare(b.place))
  return { links, why: links.length > 0 ? '' : whyNot(trials, seen.size) }
}

function observations(trial: Trial, person: Person): Observation[] {
  const { name, action, norms } = testFacts(trial.test)
  const found: Observation[] = []
  const side = trial.side
  const at = `${name}${side ? `, ${side}` : ''}`
  // A long hold has to end somewhere: that the trunk ended a good one is no weakness.
  if (trial.breakPoint === 'trunk' && isGood(trial, person)) return []
  const speaks = SPEAKS_FOR[trial.breakPoint]
  const place = speaks === null ? action : speaks
  if (place) found.push({ place, side, weight: 1, text: `${at}: ${WORDS[trial.breakPoint]}.`, test: trial.test })
  if (norms && action && trial.breakPoint !== 'pain') {
    const standing = standingOf(trial.test, side, trial.value, person)
    // Where something beside the trunk ended it, a short time says nothing about the trunk.
    const trunkEnded = speaks === null || speaks === undefined || speaks === action
    if (standing.known && standing.z <= LOW_Z && trunkEnded) {
      const text = `${at}: ${Math.round(trial.value)} s, ${Math.abs(standing.z).toFixed(1)} SD below the published mean.`
      found.push(place === action
        ? { place: action, side, weight: 1 + LOW_WORTH, text: `${at}: ${WORDS[trial.breakPoint]} after ${Math.round(trial.value)} s, ${Math.abs(standing.z).toFixed(1)} SD below the published mean.`, test: trial.test }
        : { place: action, side, weight: LOW_WORTH, text, test: trial.test })
    }
  }
  return found
}

/** Not far below the published mean; without one, long enough to speak for the gate of its rung. */
function isGood({ test, side, value }: Trial, person: Person): boolean {
  const standing = standingOf(test, side, value, person)
  if (standing.known) return standing.z >= GOOD_Z
  const { speaksFor, unit } = testFacts(test)
  const gate = speaksFor === undefined ? undefined : findVariation(speaksFor)?.gate
  return gate !== undefined && (unit === 's' ? value * TEST_SHARE : value) >= gate.amount
}

function linkOf(place: WeakPlace, all: readonly Observation[], trials: readonly Trial[]): WeakLink {
  const sides = new Set(all.map(one => one.side))
  const oneSide = sides.size === 1 ? [...sides][0]! : null
  const bothTaken = oneSide && trials.some(t => t.side !== null && t.side !== oneSide)
  const side = bothTaken ? oneSide : null
  const { ladder, drills } = HELP[place]
  return {
    place, side, weight: all.reduce((sum, one) => sum + one.weight, 0), evidence: all.map(one => one.text), says: sentence(place, side, all), drills, ladder,
  }
}

const BESIDE: Readonly<Partial<Record<WeakPlace, string>>> = {
  shoulder: 'The trunk holds; the shoulder gives out first', hipFlexors: 'The hip flexors take over before the trunk is tired',
  grip: 'The grip gives out before the trunk', neck: 'The neck leads', breath: 'The breath sticks: the brace is not yet breathed behind',
  balance: 'Balance goes before strength',
}

function sentence(place: WeakPlace, side: Side | null, all: readonly Observation[]): string {
  const tests = [...new Set(all.map(one => testFacts(one.test).name.toLowerCase()))]
  const where = tests.length > 2 ? `${tests.slice(0, 2).join(', ')} and ${tests.length - 2} more` : tests.join(' and ')
  const what = place in ACTION_FACTS ? `Weak in the task to ${ACTION_FACTS[place as TrunkAction].label}` : BESIDE[place]!
  return `${what}${side ? ` on the ${side}` : ''}: ${where}.`
}

function whyNot(trials: readonly Trial[], observed: number): string {
  if (trials.length === 0) return 'No trials yet.'
  if (trials.every(t => t.breakPoint === 'pain')) return 'Pain ended every trial: a clinician looks before anything is concluded.'
  if (observed === 0) return 'Not enough evidence: no trial broke, and none lies low.'
  return 'Not enough evidence: a weak link is named when two trials or more speak for it.'
}
