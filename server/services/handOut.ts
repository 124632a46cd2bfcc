import { group } from 'd3-array'
import { doneLast, KNOWN_DAYS } from '~~/core/assessment'
import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import type { Catalogue } from '~~/core/catalogue'
import { alternatives, screenOn, type PlannedSession, type PlanningContext, type TrunkItem } from '~~/core/programme'
import { mayTrain, NOT_NOW, redFlags, type Screen } from '~~/core/screening'
import { planningContext } from '~~/shared/planningContext'
import type {
  PrescribedItem, PrescribedSession, StoppedDrill, StoredSetLog, TrainingStop,
} from '~~/shared/types'
import { asSystem } from '../database/connection'
import { openStops } from '../repositories/alerts'
import type { StoredSession } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { drillLook } from './drillLook'
import type { Truth } from './healthTruth'
import { laterSetsText, mayBy, optionsOf, routineToday } from './routine'

/** Sessions as they may be trained: everything that is handed out to be trained goes through here. */
export interface HandedOut {
  readonly stop: TrainingStop | null
  readonly sessions: readonly PrescribedSession[]
}

/** Frozen sessions of an athlete. */
interface Frozen {
  readonly truth: Truth
  readonly sessions: readonly StoredSession[]
}

/**
 * Looks at frozen sessions with their athletes as they stand on the day of training: today for what is due, its own
 * day for what is to come. Under a red flag nothing is handed out. Otherwise drills that may not be trained are there,
 * stopped, with what may stand in for them; a stand-in goes when its drill comes back; breath is read anew.
 */
export async function handOut(
  tx: Tx, context: Pick<Context, 'actor' | 'today'>, all: readonly Frozen[],
): Promise<HandedOut[]> {
  const { actor, today } = context
  const logs = await logsAround(tx, context, all)
  const logged = new Set(logs.map(log => log.prescribedItemId))
  const lately = group(logs, log => log.athleteId)
  const stops = await stopsAmong(tx, context, all)
  return all.map(({ truth, sessions }) => ({
    stop: stops.get(truth.athlete.id) ?? null,
    sessions: sessions.map((session) => {
      const named = actor.role !== 'assistant'
      const open = asTrained(session, truth, { day: dayOfTraining(session.day, today), logged, named, replaced: true })
      return asShown(open, truth, lately.get(truth.athlete.id) ?? [])
    }),
  }))
}

/** Sets of the weeks behind, and of the days about each session: its own are among them. */
function logsAround(
  tx: Tx, { actor, today }: Pick<Context, 'actor' | 'today'>, all: readonly Frozen[],
): Promise<StoredSetLog[]> {
  const days = all.flatMap(({ sessions }) => sessions.map(session => session.day))
  const from = [addDays(today, -KNOWN_DAYS), ...days.map(day => addDays(day, -7))].sort()[0]!
  const to = [addDays(today, 7), ...days.map(day => addDays(day, 7))].sort().at(-1)!
  return logsBetween(tx, actor.organisationId, all.map(({ truth }) => truth.athlete.id), from, to)
}

/** A session with what its drills look like and how each was done last. */
function asShown(session: PrescribedSession, { catalogue }: Truth, lately: readonly StoredSetLog[]): PrescribedSession {
  const shown = (item: PrescribedItem): PrescribedItem => {
    const drill = catalogue.find(item.variationId)
    const last = doneLast(item.variationId, session.day, lately, catalogue)
    return {
      ...item, ...drill ? { look: drillLook(drill) } : {},
      last: last && { ...last, name: catalogue.find(last.variationId)?.name ?? '' },
    }
  }
  return { ...session, items: session.items.map(shown) }
}

/** What is due is trained today, whatever day it was planned for. */
export const dayOfTraining = (planned: string, today: string): string => (planned < today ? today : planned)

/** How a session is looked at. */
interface Look {
  readonly day: string
  /** Drills with sets logged against them. */
  readonly logged: ReadonlySet<string>
  /** Whether the reader may know why a drill is stopped. */
  readonly named: boolean
  /** Whether a stand-in is looked for. */
  readonly replaced: boolean
}

/** A session on a day, stopped as a whole or by its drills. */
export function asTrained(
  session: StoredSession, { athlete, catalogue, on }: Truth, { day, logged, named, replaced }: Look,
): PrescribedSession {
  const { id, minutes, lifts, day: planned } = session
  const screen = on(day)
  if (redFlags(screen.flags).length > 0) return { id, day: planned, minutes, lifts: [], items: [] }
  const stops = new Map(session.items.map(item => [item.id, stopsOf(item, screen)]))
  const items = session.items
    // A stand-in that was trained stays; one that was not goes when its drill may be trained again.
    .filter(item => !item.standsInFor || logged.has(item.id) || (stops.get(item.standsInFor) ?? []).length > 0)
    // What was swapped is not done as well.
    .filter(item => !session.items.some(other => other.swappedFor === item.id) || logged.has(item.id))
    .map((item): PrescribedItem => {
      const texts = stops.get(item.id)!
      const fresh = readAnew(item, screen, catalogue, named)
      if (texts.length === 0) return fresh
      const taken = session.items.some(other => other.standsInFor === item.id)
      const instead = taken || !replaced
        ? null
        : insteadOf(item, session, planningContext(athlete, mondayOf(day), [], catalogue), day)
      return { ...fresh, stopped: { text: named ? texts[0]! : NOT_NOW, instead } }
    })
  return { id, day: planned, minutes, lifts, items, ...routineToday(session, mayBy(screen)) }
}

function stopsOf(item: PrescribedItem, screen: Screen): string[] {
  return mayTrain(item, screen).stops.map(({ text }) => text)
}

/** Breath and later sets by what holds today; nothing else of what was frozen changes. */
function readAnew(item: PrescribedItem, screen: Screen, catalogue: Catalogue, named: boolean): PrescribedItem {
  // A breath that was replaced when it was frozen was a held one.
  const own = item.breathWhy === null ? item.breath : 'holdAndReset'
  const { pattern, why } = mayTrain({ ...item, breath: own }, screen).breath
  if (!item.rounds) return { ...item, breath: pattern, breathWhy: named ? why : null }
  const options = optionsOf(item, catalogue, mayBy(screen))
  return {
    ...item, breath: pattern, breathWhy: named ? why : null, options,
    notes: [...(item.notes ?? []), ...laterSetsText(options)],
  }
}

/** A frozen drill as the planner knows one. */
export const asItem = (item: PrescribedItem): TrunkItem => ({
  id: item.id, variationId: item.variationId, dose: item.dose, slot: item.slot, pairedWith: null,
  extraSetSide: item.extraSetSide, setting: item.setting, why: item.why,
})

/** The nearest drill that may be trained in its place on the day; none where it is pain that stopped it. */
export function standInFor(
  item: PrescribedItem, session: PrescribedSession, context: PlanningContext, day: string,
): TrunkItem | null {
  const weekday = daysBetween(mondayOf(day), day)
  // What comes after pain is the coach's to say.
  if (mayTrain(item, screenOn(context, weekday)).stops.some(({ rule }) => rule === 'pain' || rule === 'painTwice'))
    return null
  const there: PlannedSession = {
    id: session.id, day: weekday, minutes: session.minutes, lifts: session.lifts, items: session.items.map(asItem),
  }
  // Between the sets of a lift or inside it, what suits its place there suits it after the lifts too.
  const free = { ...asItem(item), slot: item.pairedWithLift ? 'after' as const : item.slot }
  return alternatives(free, there, context).find(({ conflicts }) => !conflicts.some(({ blocks }) => blocks))?.item
    ?? null
}

function insteadOf(
  item: PrescribedItem, session: PrescribedSession, context: PlanningContext, day: string,
): StoppedDrill['instead'] {
  const found = standInFor(item, session, context, day)
  const drill = found && context.screen.catalogue.find(found.variationId)
  return found && drill ? { variationId: drill.id, name: drill.name, dose: found.dose, sides: drill.sides } : null
}

/** Set while a red flag stands today: since when, who was told, and what of today was begun before it; by athlete. */
async function stopsAmong(
  tx: Tx, { actor, today }: Pick<Context, 'actor' | 'today'>, all: readonly Frozen[],
): Promise<Map<string, TrainingStop>> {
  const red = all.map(one => ({ ...one, flags: redFlags(one.truth.on(today).flags) })).filter(one =>
    one.flags.length > 0)
  if (red.length === 0) return new Map()
  const told = await asSystem(tx, actor, () =>
    openStops(tx, actor.organisationId, red.map(({ truth }) => truth.athlete.id)))
  return new Map(red.map(({ truth: { athlete }, sessions, flags }): [string, TrainingStop] => {
    const raised = Object.entries(athlete.health.raised).filter(([id]) => flags.some(flag => flag === id))
      .map(([, since]) => since.at).sort()[0]
    const begun = sessions.filter(session => session.day === today).flatMap(session => session.items)
    return [athlete.id, {
      since: told.get(athlete.id)?.at ?? raised ?? `${today}T00:00:00.000Z`, told: told.get(athlete.id)?.told ?? [],
      toLog: begun.map(({ id: itemId, name, sides, dose: { unit } }) => ({ itemId, name, sides, unit })),
    }]
  }))
}
