import type { Catalogue } from '../../catalogue'
import type { Dose, DoseUnit } from '../../dose'
import { LIFT_IDS, liftAmountMost, liftFacts, type LiftId } from '../lifts/lifts'
import type { PlannedLift, PlannedSession, TrunkItem, WeekPlan } from '../week/week'

/** A line of a pasted routine that was not understood, with what it may have meant. */
export interface UnreadLine {
  readonly line: number
  readonly text: string
  readonly why: string
  readonly nearest: readonly string[]
}

export interface ReadRoutine {
  readonly plan: WeekPlan
  readonly unread: readonly UnreadLine[]
}

const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
/** Longer lines are no exercise of anybody. */
const LONGEST = 200
const DAY_WORD = /^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?/i
const MINUTES = /^,? ?(\d{1,3}) ?min/i
/** "3 x 10", "3×30 s", "3x8 per side", "4 x 5 @ 80 %". */
const DOSE =
  /(\d{1,2})\s*[x×*]\s*(\d{1,3})\s*(s|sec|secs|seconds|m|metres|meters|breaths?|letters?|reps?)?(?=$|[^\p{L}])/iu
const PERCENT = /(?:@ ?)?(\d{2,3}) ?%/
const USUAL_MINUTES = 60
const REST_S = 45

const UNITS: readonly (readonly [RegExp, DoseUnit])[] = [[/^s/i, 'seconds'], [/^m/i, 'metres'], [/^b/i, 'breaths'], [
  /^l/i, 'letters',
]]
const unitOf = (text: string | undefined): DoseUnit =>
  UNITS.find(([pattern]) => text !== undefined && pattern.test(text))?.[1] ?? 'reps'

/**
 * Reads a routine as coaches type it: a line for a day ("Mon 60 min"), then a line for each lift or drill with its sets
 * and repeats or seconds ("Back squat 4x5 @ 80 %", "Side plank 3 x 20 s"). Names are matched by their words; what is
 * not understood is told with the nearest names and is never guessed. Lines before the first lift of a day stand before
 * the lifts, the others after them.
 *
 * @example
 * pasteRoutine('Mon\nBack squat 4x5 @ 80 %', STANDARD).plan.sessions[0].lifts[0].percent1Rm // => 80
 */
export function pasteRoutine(text: string, catalogue: Catalogue): ReadRoutine {
  const drills = catalogue.variations.map(v => ({ id: v.id, name: v.name }))
  const lifts = LIFT_IDS.map(id => ({ id, name: liftFacts(id).name }))
  const sessions = new Map<number, { minutes: number, lifts: PlannedLift[], items: TrunkItem[] }>()
  const unread: UnreadLine[] = []
  let day = 0
  const here = () => {
    const found = sessions.get(day) ?? { minutes: USUAL_MINUTES, lifts: [], items: [] }
    sessions.set(day, found)
    return found
  }
  text.split(/\r?\n/).forEach((raw, index) => {
    const [dayNamed, minutes, line] = afterDay(raw.trim().slice(0, LONGEST).replace(/\s+/g, ' '))
    if (dayNamed !== null) {
      day = dayNamed
      const session = here()
      if (minutes !== null) session.minutes = minutes
    }
    if (!/\p{L}/u.test(line)) return
    const read = readExercise(line, index + 1, { drills, lifts }, sessions.get(day)?.lifts.length ?? 0)
    if (read.unread) unread.push({ line: index + 1, text: raw.trim(), ...read.unread })
    if (read.lift) here().lifts.push(read.lift)
    if (read.item) here().items.push(read.item)
  })
  return { plan: { sessions: [...sessions].sort(([a], [b]) => a - b).map(asSession) }, unread }
}

/** The day a line names, its minutes, and what is left of the line. */
function afterDay(line: string): [day: number | null, minutes: number | null, rest: string] {
  const [word, name] = DAY_WORD.exec(line) ?? []
  if (word === undefined || name === undefined) return [null, null, line]
  const after = line.slice(word.length).trimStart()
  const [said = '', minutes] = MINUTES.exec(after) ?? []
  const rest = after.slice(said.length).trimStart().replace(/^:/, '').trim()
  if (!(rest === '' || DOSE.test(rest) || line.includes(':'))) return [null, null, line]
  return [
    DAYS.findIndex(day => day === name.toLowerCase()), minutes ? Math.min(240, Math.max(5, Number(minutes))) : null,
    rest,
  ]
}

interface Names {
  readonly id: string
  readonly name: string
}
interface Exercise {
  readonly lift?: PlannedLift
  readonly item?: TrunkItem
  readonly unread?: Pick<UnreadLine, 'why' | 'nearest'>
}

const within = (value: number, least: number, most: number): boolean => value >= least && value <= most

/** A lift or a drill with its dose, or why it is neither. */
function readExercise(
  line: string, number: number,
  { drills, lifts }: { drills: readonly Names[], lifts: readonly Names[] },
  before: number,
): Exercise {
  const refuse = (why: string, nearest: readonly string[] = []): Exercise => ({ unread: { why, nearest } })
  const dose = DOSE.exec(line)
  if (!dose) return refuse('There are no sets and repeats in it, such as 3 x 10 or 3 x 20 s.')
  const name = line.slice(0, dose.index).trim() || line.slice(dose.index + dose[0].length).replace(PERCENT, '')
  const [sets, amount] = [Number(dose[1]), Number(dose[2])]
  if (!within(sets, 1, 10) || !within(amount, 1, 600))
    return refuse('Sets go from 1 to 10 and amounts from 1 to 600.')
  const lift = matching(name, lifts)
  const drill = matching(name, drills)
  if (lift.exact && lift.score >= drill.score) {
    const percent = Number(PERCENT.exec(line)?.[1] ?? 70)
    const most = liftAmountMost(lift.exact as LiftId)
    return within(amount, 1, most) && within(percent, 20, 100)
      ? { lift: { id: `l${number}`, lift: lift.exact as LiftId, sets, reps: amount, percent1Rm: percent } }
      : refuse(`A lift has 1 to ${most} repeats or metres at 20 to 100 %.`)
  }
  if (!drill.exact)
    return refuse('No lift or drill of that name is known.', [...lift.nearest, ...drill.nearest].slice(0, 3))
  const made: Dose = { sets, amount, unit: unitOf(dose[3]), restS: REST_S }
  return {
    item: {
      id: `p${number}`, variationId: drill.exact, dose: made, slot: before === 0 ? 'activation' : 'after',
      pairedWith: null, extraSetSide: null, setting: {}, why: 'Chosen by the coach.',
    },
  }
}

/** Without lifts nothing is before them. */
function asSession(
  [day, session]: [number, { minutes: number, lifts: PlannedLift[], items: TrunkItem[] }],
): PlannedSession {
  return {
    id: `d${day}`, day, minutes: session.minutes, lifts: session.lifts,
    items: session.lifts.length > 0 ? session.items : session.items.map(item => ({ ...item, slot: 'after' as const })),
  }
}

const FILLERS = new Set(['the', 'a', 'an', 'with', 'of', 'on', 'to', 'and', 'per', 'each', 'side', 'sides'])
const wordsOf = (text: string): string[] =>
  text.toLowerCase().split(/[^\p{L}\d]+/u).filter(w => w.length > 0).map(w => (w.length > 3 ? w.replace(/s$/, '') : w))

/** The name that is written the same, or the only best one that holds all words that were typed. */
function matching(
  typed: string, names: readonly { id: string, name: string }[],
): { exact: string | null, score: number, nearest: string[] } {
  const written = wordsOf(typed).join(' ')
  const same = names.find(({ name }) => wordsOf(name).join(' ') === written)
  if (same) return { exact: same.id, score: 1, nearest: [] }
  const telling = (text: string): string[] => wordsOf(text).filter(w => !FILLERS.has(w))
  const asked = telling(typed)
  if (asked.length === 0) return { exact: null, score: 0, nearest: [] }
  const scored = names.map(({ id, name }) => {
    const own = telling(name)
    const shared = asked.filter(w => own.includes(w)).length
    return { id, name, shared, score: shared / (asked.length + own.length - shared) }
  }).filter(({ shared }) => shared > 0).sort((a, b) => b.score - a.score)
  const [first, second] = scored
  const whole = first !== undefined && first.shared === asked.length
  // Of two names that hold all that was typed the shorter one is meant; a draw is not decided.
  const exact = whole && (second === undefined || second.shared < asked.length || first.score > second.score)
    ? first.id
    : null
  return { exact, score: (first?.score ?? 0) * 0.99, nearest: scored.slice(0, 3).map(({ name }) => name) }
}
