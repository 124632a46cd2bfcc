import { holdRatios, sideDifferences, standingOf, testFacts, weakLinks, type TestId } from '../core/assessment'
import { catalogueWith, rungsOf, standsUpTo, type Catalogue } from '../core/catalogue'
import { DomainError } from '../core/errors'
import { bracedRep, BREATH_METHODS, breathMethod, matchBrace } from '../core/programme'
import { effectiveMarks, removals, type Clearance, type HealthMark } from '../core/screening'
import { spreadOf, typicalError, type TypicalError } from '../core/statistics'
import { oneOrAll, ownOf } from './catalogue'
import { assessSchema, braceSchema, screenSchema, type ReadScreen, type ReadTrial } from './schemas/assess'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0

/** A test of one side says which, a test of both does not. */
function checkSide({ test, side }: ReadTrial, at: string): void {
  if ((testFacts(test).sides === 'each') === (side !== null)) return
  throw new DomainError(
    `${at}.side`,
    side === null ? `${test} is taken on one side: left or right.` : `${test} is taken on both sides at once.`,
  )
}

/** Trials in; norms, ratios, flags, side differences and weak links out. */
export function assess(input: Input): unknown {
  const { sex, ageYears, trials, repeats } = read(assessSchema, input)
  trials.forEach((trial, i) => { checkSide(trial, `trials.${i}`) })
  const person = { sex, ageYears }
  /** The organisation's typical error by test, from repeat trials of several people. */
  const own: Partial<Record<TestId, TypicalError | null>> = Object.fromEntries(
    Object.entries(repeats).map(([test, people]) => [test, typicalError(people)]),
  )
  const taken = [...new Map(trials.map(t => [`${t.test}/${t.side ?? ''}`, t])).values()]
  const ratios = holdRatios(trials, person, own)
  return {
    norms: taken.map(({ test, side }) => {
      const values = trials.filter(t => t.test === test && t.side === side && t.breakPoint !== 'pain').map(t => t.value)
      const spread = spreadOf(values)
      const best = values.length === 0
        ? null
        : testFacts(test).better === 'more'
        ? Math.max(...values)
        : Math.min(...values)
      const head = {
        test, side, trials: values.length, best, mean: spread && round(spread.mean, 3),
        sd: spread?.sd == null ? null : round(spread.sd, 3),
      }
      if (best === null) return { ...head, z: null, band: null, why: 'Pain ended every trial.' }
      const standing = standingOf(test, side, best, person)
      return standing.known
        ? {
          ...head, z: round(standing.z, 4), band: standing.band, normMean: standing.mean,
          normSd: standing.sd, textbookMean: standing.textbookMean, source: standing.source,
          population: standing.population,
        }
        : { ...head, z: null, band: null, why: standing.why }
    }),
    ratios: ratios.map(r => ({ ...r, ratio: round(r.ratio, 4) })),
    flags: ratios.filter(r => r.flagged).map(r => r.id),
    sideDifferences: sideDifferences(trials, person, own).map(d => ({
      test: d.test, left: round(d.left.mean, 3), right: round(d.right.mean, 3), difference: round(d.difference, 3),
      share: round(d.share, 4), weaker: d.weaker,
      smallestBelievable: d.smallest === null ? null : round(d.smallest, 3),
      believable: d.believable, errorFrom: d.errorFrom,
    })),
    typicalErrors: Object.fromEntries(
      Object.entries(own).map((
        [test, e],
      ) => [test, e && { error: round(e.error, 4), degreesOfFreedom: e.degreesOfFreedom }]),
    ),
    weakLinks: weakLinks(trials, person),
  }
}

/** A lift in; the braced time of a rep and trunk work that matches it out. */
export function brace(input: Input): unknown {
  const { noBreathHold, ...lift } = read(braceSchema, input)
  const rep = bracedRep(lift)
  return {
    bracedRepS: round(rep.totalS, 3),
    parts: { setUpS: rep.setUpS, loweringS: rep.loweringS, pauseS: rep.pauseS, raisingS: round(rep.raisingS, 3) },
    rangeM: round(rep.rangeM, 3), velocityMS: rep.velocityMS === null ? null : round(rep.velocityMS, 4),
    matchingHolds: matchBrace(rep.totalS).map(m => ({ ...m, ratio: round(m.ratio, 3) })),
    breath: BREATH_METHODS[breathMethod(lift.percent1Rm, noBreathHold)],
  }
}

/** What stands of the flags on a day after clearances. */
function marksOf({ flags, clearances, day }: ReadScreen): HealthMark[] {
  if (!clearances || day === undefined) return [...flags]
  return effectiveMarks(flags, clearances.map((one, i): Clearance => ({ ...one, id: String(i), note: '' })), day)
}

/**
 * Where somebody stands: on the drills named, and on each ladder named by number on all up to that rung, branch after
 * branch.
 */
function rungsFrom({ stands, rungs }: ReadScreen, catalogue: Catalogue): Record<string, number> {
  const strange = stands.findIndex(id => !catalogue.find(id))
  if (strange >= 0) throw new DomainError(`stands.${strange}`, `There is no drill ${stands[strange]}.`)
  return rungsOf([...stands, ...Object.entries(rungs).flatMap(([id, rung]) => {
    const ladder = catalogue.ladders.find(l => l.id === id)
    if (!ladder) throw new DomainError(`rungs.${id}`, `There is no ladder ${id}.`)
    return standsUpTo(ladder, rung)
  })], catalogue)
}

/** An athlete in; every variation with the rules that take it away out. */
export function admissible(input: Input): unknown {
  const given = read(screenSchema, input)
  const { equipment, braceStep, ageYears } = given
  const catalogue = catalogueWith(ownOf(input))
  const rungs = rungsFrom(given, catalogue)
  const screen = { catalogue, flags: marksOf(given), equipment, braceStep, rungs, ageYears }
  const variations = oneOrAll(input, catalogue).map((v) => {
    const removedBy = removals(v, screen)
    return { id: v.id, admissible: removedBy.length === 0, removedBy }
  })
  return { admissible: variations.filter(v => v.admissible).length, of: variations.length, variations }
}
