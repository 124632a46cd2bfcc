import { adherenceOf, type SetLog } from '../assessment'
import { addDays, mondayOf, type IsoDay } from '../calendar'
import { ACTION_FACTS, kindOf, mainFacts, PLANES, TRUNK_ACTIONS, type PerAction, type Plane } from '../catalogue'
import { itemDurationS, liftFullSets, workDone, type PrescribedWork } from '../programme'
import { setCount } from '../dose'
import type { ReviewRequest } from './request'

/** What was asked for and what was done. */
export interface AskedDone<T = number> {
  readonly asked: T
  readonly done: T
}
export type PerPlane = Readonly<Record<Plane, number>>

/** One week of training as it was asked for and done. */
export interface ReviewWeek {
  readonly startsOn: IsoDay
  /** Full sets of drills by plane. */
  readonly fullSets: AskedDone<PerPlane>
  /** Full sets that the lifts of trained sessions gave. */
  readonly lifts: number
  /** Fast repeats. */
  readonly contacts: AskedDone
  /** Minutes of trunk work, rests included. */
  readonly minutes: AskedDone
  /** Both by the plane that a drill is mostly for; what is for none is in no plane. */
  readonly byPlane: Readonly<Record<Plane, { readonly contacts: AskedDone, readonly minutes: AskedDone }>>
  readonly sets: AskedDone
  /** Planned sets that were done, 0-1; null where none were planned. */
  readonly adherence: number | null
}

/** The Mondays of the weeks that touch a span of days. */
export function mondaysBetween(from: IsoDay, to: IsoDay): IsoDay[] {
  const mondays: IsoDay[] = []
  for (let monday = mondayOf(from); monday <= to; monday = addDays(monday, 7)) mondays.push(monday)
  return mondays
}

/**
 * Asked against done, week by week, in full sets of the athlete as known at the end.
 *
 * @throws DomainError `tempo` when a written one cannot be read.
 * @example
 * reviewWeeks({ context, prescribed: [], logs: [], sessions: [] }, ['2026-03-02'])[0].adherence // => null
 */
export function reviewWeeks(
  request: Pick<ReviewRequest, 'context' | 'prescribed' | 'logs' | 'sessions'>, mondays: readonly IsoDay[],
): ReviewWeek[] {
  const within = <T extends { readonly day: IsoDay }>(all: readonly T[], monday: IsoDay): T[] =>
    all.filter(({ day }) => mondayOf(day) === monday)
  return mondays.map(startsOn =>
    weekOf(startsOn, within(request.prescribed, startsOn), within(request.logs, startsOn), request))
}

function weekOf(
  startsOn: IsoDay, prescribed: readonly PrescribedWork[], logs: readonly SetLog[],
  { context, sessions }: Pick<ReviewRequest, 'context' | 'sessions'>,
): ReviewWeek {
  const { catalogue } = context.screen
  const { planned, done } = workDone(prescribed, logs, context)
  const { adherence, plannedSets, doneSets } = adherenceOf(prescribed, logs, catalogue)
  const isFast = (id: string): boolean => {
    const variation = catalogue.find(id)
    return variation !== undefined && kindOf(variation) === 'fast'
  }
  const trained = new Set(logs.map(log => log.day))
  const lifts = sessions.filter(session => mondayOf(session.day) === startsOn && trained.has(session.day))
    .flatMap(session => session.lifts)
  const inPlane = (id: string, plane: Plane | null): boolean =>
    plane === null || mainFacts(catalogue.find(id)?.shares ?? {})?.plane === plane
  const inPart = (plane: Plane | null) => {
    const items = prescribed.filter(({ variationId }) => inPlane(variationId, plane))
    const own = logs.filter(({ variationId }) => inPlane(variationId, plane))
    const seconds = items.map(item => ({ item, s: durationOf(item, catalogue) }))
    return {
      contacts: {
        asked: items.reduce((sum, item) => sum + (isFast(item.variationId) ? repeatsOf(item) : 0), 0),
        done: own.reduce((sum, { variationId, amount }) => sum + (isFast(variationId) ? amount : 0), 0),
      },
      minutes: {
        asked: seconds.reduce((sum, { s }) => sum + s, 0) / 60,
        done: seconds.reduce((sum, { item, s }) => sum + s * partDone(item, own), 0) / 60,
      },
    }
  }
  return {
    startsOn, adherence,
    fullSets: { asked: byPlane(planned), done: byPlane(done) },
    lifts: lifts.reduce((sum, lift) => sum + total(liftFullSets(lift)), 0),
    ...inPart(null),
    byPlane: { sagittal: inPart('sagittal'), frontal: inPart('frontal'), transverse: inPart('transverse') },
    sets: { asked: plannedSets, done: doneSets },
  }

  function repeatsOf({ variationId, dose, extraSetSide }: PrescribedWork): number {
    return dose.amount * setCount(dose, catalogue.find(variationId)?.sides ?? 'both', extraSetSide)
  }
  function partDone(item: PrescribedWork, all: readonly SetLog[]): number {
    const count = setCount(item.dose, catalogue.find(item.variationId)?.sides ?? 'both', item.extraSetSide)
    return Math.min(1, all.filter(log => log.prescribedItemId === item.itemId).length / count)
  }
}

type Catalogue = ReviewRequest['context']['screen']['catalogue']
const durationOf = ({ itemId, variationId, dose, slot, extraSetSide, setting }: PrescribedWork, catalogue: Catalogue) =>
  itemDurationS({ id: itemId, variationId, dose, slot, extraSetSide, setting, pairedWith: null, why: '' }, catalogue)

const total = (of: PerAction): number => TRUNK_ACTIONS.reduce((sum, action) => sum + of[action], 0)
const byPlane = (of: PerAction): PerPlane => Object.fromEntries(PLANES.map(plane =>
  [plane, TRUNK_ACTIONS.reduce((sum, action) => sum + (ACTION_FACTS[action].plane === plane ? of[action] : 0), 0)],
)) as unknown as PerPlane
