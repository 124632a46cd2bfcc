import type { IsoDay } from '../calendar'
import { must } from '../errors'
import { gateText, mainAction, type Branch, type Rungs, type Variation } from '../catalogue'
import { removals, type Screen } from '../screening'
import { stillSpeaks } from './evidence'
import { gateProgress } from './gate'
import { bestOf } from './ratios'
import type { SetLog } from './setLog'
import { TEST_IDS, TEST_SHARE, testFacts, type Trial } from './tests'

/** Where the evidence puts an athlete on a branch. */
export interface Placement {
  readonly branch: string
  /** The drill of that rung. */
  readonly variationId: string
  readonly rung: number
  /** What it rests on, in words; empty: nothing but the ground. */
  readonly evidence: readonly string[]
  /** What is missing for the rung above; empty on the top rung. */
  readonly missing: readonly string[]
}

/**
 * The highest rung of a branch whose way is open: every gate below it is met by logged sets, or spoken for by a test of
 * that rung or a higher one for the same action (a long back hold says nothing of side steps on its branch), and what
 * must come first has been reached. Nobody is put where brace step, flags or prerequisites do not let them; equipment
 * does not count, since a ladder is not left because a room is bare. Only what still speaks today is looked at.
 *
 * @param screen the athlete as screening sees them; its rungs answer for prerequisites on other ladders
 * @example
 * place(STANDARD.branch('side-plank'), { ...context.screen, rungs: {} }, [], [], '2026-03-02').rung // => 1
 */
export function place(
  branch: Branch, screen: Screen, trials: readonly Trial[], logs: readonly SetLog[], today: IsoDay,
): Placement {
  const massKg = screen.massKg ?? null
  const [now, done] = [stillSpeaks(trials, today), stillSpeaks(logs, today)]
  const shown = branch.rungs.map(variation => shownBy(variation, now, done, massKg))
  const passed = (index: number): boolean =>
    branch.rungs.some((above, at) =>
      at >= index && shown[at] !== null && speaksFor(above, must(branch.rungs[index])))
  let rung = 1
  while (rung < branch.rungs.length && passed(rung - 1) && barriers(must(branch.rungs[rung]), screen).length === 0)
    rung += 1
  const present = must(branch.rungs[rung - 1])
  const next = branch.rungs[rung]
  return {
    branch: branch.id, variationId: present.id, rung, evidence: shown.filter(why => why !== null),
    missing: next
      ? [
        ...(passed(rung - 1)
          ? []
          : [gateAhead(present, done, massKg, shownBy(present, trials, logs, massKg) !== null)]),
        ...barriers(next, screen),
      ]
      : [],
  }
}

/** A drill for the same action speaks for one beneath it; for one that loads nothing every drill above it does. */
const speaksFor = (above: Variation, below: Variation): boolean => {
  const asked = mainAction(below.shares)
  return asked === null || mainAction(above.shares) === asked
}

function shownBy(
  variation: Variation, trials: readonly Trial[], logs: readonly SetLog[], massKg: number | null,
): string | null {
  if (gateProgress(variation, logs, massKg).met) return `${variation.name}: gate met in sets.`
  const test = TEST_IDS.find(id => testFacts(id).speaksFor === variation.id)
  if (!test) return null
  const { sides, name, unit } = testFacts(test)
  const values = sides === 'each'
    ? [bestOf(trials, test, 'left'), bestOf(trials, test, 'right')]
    : [bestOf(trials, test, null)]
  if (values.some(v => v === null)) return null
  const worst = Math.min(...values as number[])
  const enough = unit === 's' ? worst * TEST_SHARE >= variation.gate.amount : worst >= variation.gate.amount
  return enough ? `${name} ${Math.round(worst)} ${unit}: speaks for the gate of ${variation.name.toLowerCase()}.` : null
}

/** What stands before a rung besides the gate beneath it. */
function barriers(variation: Variation, screen: Screen): string[] {
  return removals(variation, { ...screen, rungs: { ...screen.rungs, [variation.branch]: variation.rung } })
    .filter(({ rule }) => rule !== 'equipment').map(({ text }) => text)
}

/** @param before it was shown once, too long ago to speak. */
function gateAhead(variation: Variation, logs: readonly SetLog[], massKg: number | null, before: boolean): string {
  const done = gateProgress(variation, logs, massKg).sessions
  const so = done > 0 ? `, ${done} so far` : before ? ', shown before but over half a year ago' : ''
  return `Gate of ${variation.name.toLowerCase()}: ${gateText(variation, massKg)}${so}.`
}

/**
 * Every branch at once: what a prerequisite asks is answered by the evidence too, and not by where somebody was put by
 * hand.
 *
 * @example
 * placeAll({ ...context.screen, rungs: {} }, [], [], '2026-03-02').every(p => p.rung === 1) // => true
 */
export function placeAll(
  screen: Screen, trials: readonly Trial[], logs: readonly SetLog[], today: IsoDay,
): Placement[] {
  let rungs: Rungs = {}
  // Rungs only rise from round to round, since a rung may open the way elsewhere: it ends.
  for (;;) {
    const found = screen.catalogue.ladders.flatMap(ladder => ladder.branches)
      .map(branch => place(branch, { ...screen, rungs }, trials, logs, today))
    const next = Object.fromEntries(found.map(p => [p.branch, p.rung]))
    if (found.every(p => rungs[p.branch] === p.rung)) return found
    rungs = next
  }
}
