import { must } from '../../errors'
import { WEEKDAYS } from '../../calendar'
import type { Catalogue } from '../../catalogue'
import { same, threeWay, type Choices } from '../../merge'
import { liftDose, liftFacts } from '../lifts/lifts'
import type { PlannedLift, PlannedSession, Slot, TrunkItem, WeekPlan } from '../week/week'

/** One field that two coaches changed differently, in their own words. */
export interface WeekChoice {
  readonly key: string
  readonly what: string
  readonly mine: string
  readonly theirs: string
}

export interface MergedWeek {
  readonly plan: WeekPlan
  /** What both changed differently; mine stands until chosen. */
  readonly conflicts: readonly WeekChoice[]
  /** What only the other coach changed, in words. */
  readonly theirChanges: readonly string[]
}

interface Place { readonly sessionId: string, readonly slot: Slot, readonly pairedWith: string | null }
interface Drill { readonly variationId: string, readonly unit: TrunkItem['dose']['unit'], readonly why: string }

const GONE = 'left out'

/**
 * Two coaches' versions of one week made into one, field by field: sessions, lifts and drills are matched by id.
 * A whole part that one took out and the other changed is one conflict, not one a field.
 *
 * @param base the plan both started from
 * @example
 * mergeWeeks({ sessions: [] }, { sessions: [] }, { sessions: [] }, STANDARD).conflicts // => []
 */
export function mergeWeeks(
  base: WeekPlan, mine: WeekPlan, theirs: WeekPlan, catalogue: Catalogue, choices: Choices = {},
): MergedWeek {
  const all = { base: flatten(base), mine: flatten(mine), theirs: flatten(theirs) }
  const merged: Parts = new Map()
  const conflicts: WeekChoice[] = []
  const theirChanges: string[] = []
  for (const id of new Set([...all.base.keys(), ...all.mine.keys(), ...all.theirs.keys()])) {
    const versions = { was: all.base.get(id), own: all.mine.get(id), other: all.theirs.get(id) }
    const name = nameOf(id, must(versions.own ?? versions.other ?? versions.was), catalogue)
    const text = (of: WeekPlan, field: string, part: Part | undefined): string =>
      fieldText(field, part?.[field], of, catalogue)
    const result = versions.was && !(versions.own && versions.other)
      ? takenOut(id, name, versions, choices)
      : mergedPart(id, name, versions, choices, {
        own: field => text(mine, field, versions.own),
        other: field => text(theirs, field, versions.other),
      })
    if (result.part) merged.set(id, result.part)
    conflicts.push(...result.conflicts)
    theirChanges.push(...result.theirChanges)
  }
  return { plan: assemble(merged, mine, theirs), conflicts, theirChanges }
}

interface Versions {
  readonly was?: Part
  readonly own?: Part
  readonly other?: Part
}
interface MergedPart {
  /** Null where the part goes. */
  readonly part: Part | null
  readonly conflicts: readonly WeekChoice[]
  readonly theirChanges: readonly string[]
}

/** Taken out by somebody. Unchanged by the other: it goes. Changed by the other: a choice. */
function takenOut(id: string, name: string, { was, own, other }: Versions, choices: Choices): MergedPart {
  const left = own ?? other
  if (!left) return { part: null, conflicts: [], theirChanges: [] }
  if (was && same(left, was))
    return { part: null, conflicts: [], theirChanges: other ? [] : [`${name}: ${GONE}`] }
  const told = (part: Part | undefined): string => (part ? wholeText(id, part) : GONE)
  return {
    part: (choices[id] === 'theirs' ? other : own) ?? null, theirChanges: [],
    conflicts: [{ key: id, what: name, mine: told(own), theirs: told(other) }],
  }
}

/** Field by field, where both have it or somebody added it. */
function mergedPart(
  id: string, name: string, { was, own, other }: Versions, choices: Choices,
  text: { readonly own: (field: string) => string, readonly other: (field: string) => string },
): MergedPart {
  const result = threeWay(was ?? {}, own ?? {}, other ?? {}, localChoices(choices, id))
  const fieldName = (field: string): string => `${name}, ${FIELD[field] ?? field}`
  return {
    part: result.merged,
    conflicts: result.conflicts.map(field => ({
      key: `${id}#${field}`, what: fieldName(field), mine: text.own(field), theirs: text.other(field),
    })),
    theirChanges: [
      ...(!was && !own ? [`${name}: added`] : []),
      ...(was && own && other ? result.theirs.map(field => `${fieldName(field)}: ${text.other(field)}`) : []),
    ],
  }
}

type Part = Record<string, unknown>
type Parts = Map<string, Part>

function flatten(plan: WeekPlan): Parts {
  const parts: Parts = new Map()
  for (const session of plan.sessions) {
    parts.set(`session/${session.id}`, {
      day: session.day, minutes: session.minutes, warmUpMinutes: session.warmUpMinutes,
      coolDownMinutes: session.coolDownMinutes, circuits: session.circuits, note: session.note,
    })
    for (const { id, ...lift } of session.lifts) parts.set(`lift/${id}`, { ...lift, sessionId: session.id })
    for (const item of session.items) {
      const place: Place = { sessionId: session.id, slot: item.slot, pairedWith: item.pairedWith }
      const drill: Drill = { variationId: item.variationId, unit: item.dose.unit, why: item.why }
      parts.set(`item/${item.id}`, {
        place, drill, sets: item.dose.sets, amount: item.dose.amount, tempo: item.dose.tempo, restS: item.dose.restS,
        extraSetSide: item.extraSetSide, setting: item.setting, kept: item.kept, note: item.note, circuit: item.circuit,
        between: item.between, rounds: item.rounds,
      })
    }
  }
  return parts
}

/** Puts the parts back in order: mine first as I had them, then what only the other has. */
function assemble(parts: Parts, mine: WeekPlan, theirs: WeekPlan): WeekPlan {
  const order = [...flatten(mine).keys(), ...flatten(theirs).keys()]
  const ids = [...new Set(order)].filter(id => parts.has(id))
  const of = (kind: string): { id: string, part: Part }[] =>
    ids.filter(id => id.startsWith(`${kind}/`)).map(id => ({
      id: id.slice(kind.length + 1), part: must(parts.get(id)),
    }))
  const sessions = of('session').map(({ id, part }): PlannedSession => ({
    id,
    day: part.day as number,
    minutes: part.minutes as number,
    lifts: of('lift').filter(l => l.part.sessionId === id).map((
      { id: liftId, part: { sessionId: _, ...lift } },
    ) => ({ id: liftId, ...lift } as PlannedLift)),
    items: [],
    ...given({
      warmUpMinutes: part.warmUpMinutes, coolDownMinutes: part.coolDownMinutes, circuits: part.circuits,
      note: part.note,
    }),
  }))
  const withItems = sessions.map((session): PlannedSession => ({
    ...session,
    items: of('item').filter(i => (i.part.place as Place).sessionId === session.id).map(({ id, part }) =>
      itemOf(id, part, session)
    ),
  }))
  return { sessions: withItems.sort((a, b) => a.day - b.day) }
}

function itemOf(id: string, part: Part, session: PlannedSession): TrunkItem {
  const { slot, pairedWith } = part.place as Place
  const { variationId, unit, why } = part.drill as Drill
  const there = pairedWith === null || session.lifts.some(lift => lift.id === pairedWith)
  return {
    id, variationId, why,
    dose: {
      sets: part.sets as number, amount: part.amount as number, unit,
      ...(part.tempo === undefined ? {} : { tempo: part.tempo as string }), restS: part.restS as number,
    },
    slot: there ? slot : 'after',
    pairedWith: there ? pairedWith : null,
    extraSetSide: part.extraSetSide as TrunkItem['extraSetSide'],
    setting: part.setting as TrunkItem['setting'],
    ...(part.kept ? { kept: true as const } : {}),
    ...given({ note: part.note, circuit: part.circuit, between: part.between, rounds: part.rounds }),
  }
}

/** Only what is there. */
function given(fields: Part): Part {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined))
}

function localChoices(choices: Choices, id: string): Choices {
  return Object.fromEntries(Object.entries(choices)
    .filter(([key]) => key.startsWith(`${id}#`)).map(([key, value]) => [key.slice(id.length + 1), value]))
}

const FIELD: Readonly<Record<string, string>> = {
  day: 'day', minutes: 'minutes', sessionId: 'session', lift: 'lift', sets: 'sets', reps: 'reps',
  percent1Rm: '% of 1RM', place: 'place', drill: 'drill', amount: 'dose', tempo: 'tempo', restS: 'rest',
  extraSetSide: 'extra set', setting: 'setting', kept: 'kept in its place', note: 'note', circuit: 'circuit',
  circuits: 'circuits', between: 'between rounds', rounds: 'rounds', warmUpMinutes: 'warm-up',
  coolDownMinutes: 'cool-down',
}

function nameOf(id: string, part: Part, catalogue: Catalogue): string {
  if (id.startsWith('session/')) return `${WEEKDAYS[part.day as number] ?? 'A'} session`
  if (id.startsWith('lift/')) return liftFacts(part.lift as PlannedLift['lift']).name
  return catalogue.find((part.drill as Drill).variationId)?.name ?? 'A drill'
}

function wholeText(id: string, part: Part): string {
  if (id.startsWith('session/')) return `${WEEKDAYS[part.day as number]}, ${String(part.minutes)} min`
  if (id.startsWith('lift/')) return `${liftDose(part as unknown as PlannedLift)} at ${String(part.percent1Rm)} %`
  return `${String(part.sets)} × ${String(part.amount)} ${(part.drill as Drill).unit}`
}

function fieldText(field: string, value: unknown, plan: WeekPlan, catalogue: Catalogue): string {
  if (value === undefined || value === null) return 'none'
  if (field === 'day') return WEEKDAYS[value as number] ?? String(value)
  if (field === 'lift') return liftFacts(value as PlannedLift['lift']).name
  if (field === 'drill') return catalogue.find((value as Drill).variationId)?.name ?? 'a drill that is not known'
  if (field === 'place') {
    const { sessionId, slot } = value as Place
    const day = plan.sessions.find(session => session.id === sessionId)?.day
    return `${day === undefined ? '' : `${WEEKDAYS[day]}, `}${slot}`
  }
  if (field === 'setting')
    return Object.entries(value as object).map(([k, v]) => `${k} ${String(v)}`).join(', ') || 'none'
  return typeof value === 'object' ? 'changed' : String(value as string | number)
}
