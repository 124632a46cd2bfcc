import { timeIn, type Column } from './columns'
import { DEFAULTS, hoursBetween, liftDose, type WeekInstance } from './instance'

/** How often something stands. */
export interface Count {
  times: number
}

/** Dose of one action in one session. */
export interface Cell {
  dose: number
  /** The same action in sessions too near for two high doses, and in those that had better be further off. */
  readonly close: Cell[]
  readonly near: Cell[]
}

export interface ActionTally {
  /** What drills give, and what lifts do. */
  dose: number
  readonly lifts: number
  /** What drills are to give at least, and at most. */
  readonly low: number
  readonly room: number
  readonly weight: number
  readonly over: number
  /** 1 where it resists, -1 where it makes, 0 where nobody asks. */
  readonly sign: number
  readonly cells: readonly Cell[]
  readonly places: Place[]
}

interface SessionTally {
  timeS: number
  workS: number
  items: number
  readonly capS: number
  readonly workCapS: number
  readonly most: number
}

interface SlotTally {
  timeS: number
  items: number
  fatigue: number
  readonly capS: number
  readonly most: number
  readonly tiring: number
}

interface VariationTally extends Count {
  /** Of last week. */
  readonly known: boolean
  readonly places: Place[]
}

export interface PlaneTally {
  met: number
  readonly times: number
}

/** A column with everything that counts it. */
export interface Place {
  /** Where it stands among the chosen, -1 when it does not. */
  at: number
  readonly column: Column
  readonly timeS: number
  readonly cycles: number
  readonly session: SessionTally
  readonly slot: SlotTally
  readonly variation: VariationTally
  /** The variation in this session. */
  readonly here: Count
  readonly group: { readonly week: Count, readonly here: Count } | null
  readonly planes: readonly { readonly plane: PlaneTally, readonly here: Count }[]
  readonly loads: readonly { readonly by: number, readonly action: ActionTally, readonly cell: Cell }[]
}

interface Tallies {
  readonly actions: readonly ActionTally[]
  readonly planes: readonly PlaneTally[]
  readonly places: readonly Place[]
}

/** One thing for all columns of one key, made when it is first asked for. */
function onePer<K, T>(keyOf: (column: Column) => K, make: (column: Column) => T): (column: Column) => T {
  const made = new Map<K, T>()
  return (column) => {
    const there = made.get(keyOf(column))
    if (there) return there
    const fresh = make(column)
    made.set(keyOf(column), fresh)
    return fresh
  }
}

function actionTallies(instance: WeekInstance): ActionTally[] {
  const { actions, bands, sessions } = instance
  const resists = instance.resisting && new Set(instance.resisting)
  const rest = instance.limits.restHours ?? 0
  return actions.map((action) => {
    const lifts = liftDose(instance, action)
    const band = bands[action]
    const cells = sessions.map((): Cell => ({ dose: 0, close: [], near: [] }))
    cells.forEach((cell, i) =>
      cells.forEach((other, j) => {
        const [a, b] = [sessions[i], sessions[j]]
        if (i === j || !a || !b) return
        const hours = hoursBetween(a, b)
        if (hours < rest) cell.close.push(other)
        else if (i < j && hours < DEFAULTS.spacingHours) cell.near.push(other)
      })
    )
    return {
      dose: 0, lifts, low: band ? band.low - lifts : -Infinity, room: band ? Math.max(0, band.high - lifts) : Infinity,
      weight: band?.weight ?? DEFAULTS.weight, over: band?.over ?? DEFAULTS.over,
      sign: resists ? (resists.has(action) ? 1 : -1) : 0, cells, places: [],
    }
  })
}

/**
 * Everything that is counted of a week, and every column tied to what counts it.
 *
 * @example
 * talliesOf({ actions: ['AE'], bands: {}, sessions: [], variations: [], limits: {} }, []).actions.length // => 1
 */
export function talliesOf(instance: WeekInstance, columns: readonly Column[]): Tallies {
  const actions = actionTallies(instance)
  const previous = new Set(instance.previous ?? [])
  const sessionOf = onePer(({ session }) => session.id, ({ session }): SessionTally => ({
    timeS: 0, workS: 0, items: 0, capS: session.capS, workCapS: session.workCapS ?? Infinity, most: session.items,
  }))
  const slotOf = onePer(({ place }) => place, ({ slot }): SlotTally => ({
    timeS: 0, items: 0, fatigue: 0, capS: slot.capS ?? Infinity, most: slot.items ?? Infinity,
    tiring: slot.fatigue ?? Infinity,
  }))
  const variationOf = onePer(({ variation }) => variation.id, ({ variation }): VariationTally => ({
    times: 0, known: previous.has(variation.id), places: [],
  }))
  const countOf = (keyOf: (column: Column) => string): (column: Column) => Count => onePer(keyOf, () => ({ times: 0 }))
  const inSession = (keyOf: (column: Column) => string): (column: Column) => Count =>
    countOf(column => `${column.session.id}/${keyOf(column)}`)
  const drillHere = inSession(({ variation }) => variation.id)
  const groupKey = ({ variation }: Column): string => variation.group ?? ''
  const [groupInWeek, groupHere] = [countOf(groupKey), inSession(groupKey)]
  const planes = Object.entries(instance.planes ?? {})
    .map(([id, times]) => ({ id, plane: { met: 0, times }, here: inSession(() => id) }))
  const places = columns.map((column): Place => {
    const { variation, session, slot, dose } = column
    const s = instance.sessions.indexOf(session)
    const place: Place = {
      at: -1, column, timeS: timeIn(slot, dose), cycles: dose.cycles ?? 0, session: sessionOf(column),
      slot: slotOf(column), variation: variationOf(column), here: drillHere(column),
      group: variation.group === undefined ? null : { week: groupInWeek(column), here: groupHere(column) },
      planes: planes.filter(({ id }) => variation.planes.includes(id))
        .map(({ plane, here }) => ({ plane, here: here(column) })),
      loads: instance.actions.flatMap((name, k) => {
        const [by, action] = [dose.demand[name] ?? 0, actions[k]]
        const cell = action?.cells[s]
        return by > 0 && action && cell ? [{ by, action, cell }] : []
      }),
    }
    place.variation.places.push(place)
    for (const { action } of place.loads) action.places.push(place)
    return place
  })
  return { actions, planes: planes.map(({ plane }) => plane), places }
}
