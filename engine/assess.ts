import {
  BREAK_POINTS, holdRatios, sideDifferences, standingOf, TEST_IDS, testFacts, weakLinks, type BreakPoint, type Person,
  type TestId, type Trial,
} from '../core/assessment'
import { catalogueWith, EQUIPMENT, type Equipment } from '../core/catalogue'
import { isTrainingDay } from '../core/calendar'
import { DomainError } from '../core/errors'
import { bracedRep, BREATH_METHODS, breathMethod, LIFT_IDS, matchBrace } from '../core/programme'
import {
  CLEARING_ROLES, effectiveMarks, extentsFor, FLAG_IDS, removals, type Clearance, type ClearingRole, type FlagId,
  type HealthMark,
} from '../core/screening'
import { spreadOf, typicalError, type TypicalError } from '../core/statistics'
import { oneOrAll, ownOf } from './catalogue'
import { list, number, object, oneOf, optionalNumber, text, type Input } from './input'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0

function personOf(input: Input): Person {
  const ageYears = optionalNumber(input, 'ageYears')
  if (ageYears !== null && !(ageYears >= 0 && ageYears <= 120))
    throw new DomainError('ageYears', 'ageYears goes from 0 to 120.')
  return { sex: oneOf(input, 'sex', ['female', 'male']), ageYears }
}

function trialOf(value: Input, at: string): Trial {
  const test = oneOf(value, 'test', TEST_IDS, `${at}.test`)
  const one = number(value, 'value', `${at}.value`)
  if (!(one >= 0 && one <= 3600)) throw new DomainError(`${at}.value`, 'A value goes from 0 to 3600.')
  const side = value.side === undefined || value.side === null
    ? null
    : oneOf(value, 'side', ['left', 'right'] as const, `${at}.side`)
  if ((testFacts(test).sides === 'each') !== (side !== null)) {
    throw new DomainError(
      `${at}.side`,
      side === null ? `${test} is taken on one side: left or right.` : `${test} is taken on both sides at once.`,
    )
  }
  const day = value.day === undefined ? '2000-01-01' : value.day
  if (typeof day !== 'string' || !isTrainingDay(day)) throw new DomainError(`${at}.day`, 'A day reads YYYY-MM-DD.')
  const breakPoint = value.breakPoint === undefined
    ? 'none'
    : oneOf(value, 'breakPoint', Object.keys(BREAK_POINTS) as BreakPoint[], `${at}.breakPoint`)
  return { test, side, value: one, breakPoint, day }
}

/** The organisation's typical error by test, from repeat trials of several people. */
function repeatsOf(input: Input): Partial<Record<TestId, TypicalError | null>> {
  return Object.fromEntries(
    Object.entries(object(input, 'repeats')).map(([test, people]) => {
      if (!(TEST_IDS as readonly string[]).includes(test))
        throw new DomainError(`repeats.${test}`, `There is no test ${test}.`)
      if (
        !Array.isArray(people) || !people.every(own =>
          Array.isArray(own) && own.every(v =>
            typeof v === 'number' && Number.isFinite(v)
          )
        )
      ) {
        throw new DomainError(`repeats.${test}`, 'repeats holds the repeat trials of each person: lists of numbers.')
      }
      return [test, typicalError(people as number[][])]
    }),
  )
}

/** Trials in; norms, ratios, flags, side differences and weak links out. */
export function assess(input: Input): unknown {
  const person = personOf(input)
  const trials = list(input, 'trials').map((t, i) => trialOf(t, `trials.${i}`))
  const own = repeatsOf(input)
  const taken = [...new Map(trials.map(t => [`${t.test}/${t.side ?? ''}`, t])).values()]
  const ratios = holdRatios(trials)
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
      if (best === null) return { ...head, z: null, percentile: null, why: 'Pain ended every trial.' }
      const standing = standingOf(test, side, best, person)
      return standing.known
        ? {
          ...head, z: round(standing.z, 4), percentile: round(standing.percentile, 2), normMean: standing.mean,
          normSd: standing.sd, source: standing.source, population: standing.population,
        }
        : { ...head, z: null, percentile: null, why: standing.why }
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
  const tempo = input.tempo === undefined || input.tempo === null ? null : input.tempo
  if (tempo !== null && typeof tempo !== 'string')
    throw new DomainError('tempo', 'tempo is written as four numbers of seconds, for example 3-1-x-0.')
  const percent1Rm = number(input, 'percent1Rm')
  const rep = bracedRep({
    lift: oneOf(input, 'lift', LIFT_IDS), percent1Rm, tempo, heightM: optionalNumber(input, 'heightM') ?? 1.75,
    setUpS: optionalNumber(input, 'setUpS'),
  })
  return {
    bracedRepS: round(rep.totalS, 3),
    parts: { setUpS: rep.setUpS, loweringS: rep.loweringS, pauseS: rep.pauseS, raisingS: round(rep.raisingS, 3) },
    rangeM: round(rep.rangeM, 3), velocityMS: rep.velocityMS === null ? null : round(rep.velocityMS, 4),
    matchingHolds: matchBrace(rep.totalS).map(m => ({ ...m, ratio: round(m.ratio, 3) })),
    breath: BREATH_METHODS[breathMethod(percent1Rm, input.noBreathHold === true)],
  }
}

/** What stands of some flags on a day after clearances; without a day clearances say nothing. */
function marksOf(input: Input, flags: readonly FlagId[]): HealthMark[] {
  if (input.clearances === undefined) return [...flags]
  const day = text(input, 'day', 'day')
  const clearances = list(input, 'clearances').map((one, i): Clearance => {
    const at = `clearances.${i}`
    const flag = oneOf(one, 'flag', FLAG_IDS, `${at}.flag`)
    return {
      id: String(i), flag, extent: oneOf(one, 'extent', extentsFor(flag), `${at}.extent`),
      givenBy: text(one, 'givenBy', `${at}.givenBy`),
      role: oneOf(one, 'role', Object.keys(CLEARING_ROLES) as ClearingRole[], `${at}.role`),
      from: text(one, 'from', `${at}.from`),
      until: one.until === undefined || one.until === null ? null : text(one, 'until', `${at}.until`),
      note: '',
    }
  })
  return effectiveMarks(flags, clearances, day)
}

/** An athlete in; every variation with the rules that take it away out. */
export function admissible(input: Input): unknown {
  const words = <T extends string>(field: string, known: readonly T[], otherwise: readonly T[]): T[] => {
    if (input[field] === undefined) return [...otherwise]
    const given = input[field]
    const strange = Array.isArray(given) ? given.find(g => !known.includes(g as T)) : given
    if (!Array.isArray(given) || strange !== undefined)
      throw new DomainError(field, `${field} is a list of: ${known.join(', ')}.`)
    return given as T[]
  }
  const rungs = object(input, 'rungs')
  for (const [ladder, rung] of Object.entries(rungs)) {
    if (!(Number.isInteger(rung) && (rung as number) >= 1))
      throw new DomainError(`rungs.${ladder}`, 'A rung is a whole number from 1.')
  }
  const braceStep = optionalNumber(input, 'braceStep') ?? 1
  if (!(Number.isInteger(braceStep) && braceStep >= 1 && braceStep <= 7))
    throw new DomainError('braceStep', 'Brace steps go from 1 to 7.')
  const all = Object.keys(EQUIPMENT) as Equipment[]
  const screen = {
    catalogue: catalogueWith(ownOf(input)), flags: marksOf(input, words<FlagId>('flags', FLAG_IDS, [])),
    equipment: words('equipment', all, all), braceStep, rungs: rungs as Record<string, number>,
    ageYears: optionalNumber(input, 'ageYears'),
  }
  const strange = Object.keys(rungs).find(id => !screen.catalogue.ladders.some(l => l.id === id))
  if (strange) throw new DomainError(`rungs.${strange}`, `There is no ladder ${strange}.`)
  const variations = oneOrAll(input, screen.catalogue).map((v) => {
    const removedBy = removals(v, screen)
    return { id: v.id, admissible: removedBy.length === 0, removedBy }
  })
  return { admissible: variations.filter(v => v.admissible).length, of: variations.length, variations }
}
