import type { Column } from './columns'
import { DEFAULTS, hoursBetween, liftDose, type WeekInstance } from './instance'

/** A linear program in plain arrays, rows in compressed form. Minimised. */
export interface LinearModel {
  readonly cost: number[]
  readonly lower: number[]
  readonly upper: number[]
  readonly integer: boolean[]
  readonly rows: {
    readonly family: string
    readonly lower: number
    readonly upper: number
    readonly index: number[]
    readonly value: number[]
  }[]
}

/** Where things stand in the model. */
interface ModelMap {
  readonly columns: number
  /**
   * Slack of each elastic want, by its name: "short/AE", "over/AE", "plane/sagittal", "keep/last week",
   * "resisting/resisting before making".
   */
  readonly slacks: ReadonlyMap<string, number>
}

/** Families of hard rules that can be to blame, in words. */
export const RULE_FAMILIES = {
  minutes: 'the minutes', items: 'the number of items', fatigue: 'the fatigue allowed before the heavy lift',
  spineCost: 'the spine cost of the week', cycles: 'the bending cycles of the week',
  rest: 'the rest between high doses', distinct: 'the number of different drills',
  appearances: 'how often a drill may come', group: 'one rung of a ladder in a session',
} as const
export type RuleFamily = keyof typeof RULE_FAMILIES

/**
 * The instance as a mixed-integer program over its columns: x (column chosen), z (variation used), p (plane met in
 * session), h (high dose of an action in a session), and a slack for everything wanted. What the coach has locked is
 * counted beside the limits where it exceeds them, so that there is always a plan.
 *
 * @example
 * weekModel({ actions: ['AE'], bands: { AE: { low: 1, high: 2 } }, sessions: [], variations: [], limits: {} }, []).model.cost // => [1, 1]
 */
export function weekModel(instance: WeekInstance, columns: readonly Column[]): { model: LinearModel, map: ModelMap } {
  const model: LinearModel = { cost: [], lower: [], upper: [], integer: [], rows: [] }
  const variable = (cost: number, upper: number, integer: boolean, lower = 0): number => {
    model.cost.push(cost)
    model.lower.push(lower)
    model.upper.push(upper)
    model.integer.push(integer)
    return model.cost.length - 1
  }
  const row = (family: string, lower: number, upper: number, entries: readonly (readonly [number, number])[]): void => {
    const kept = entries.filter(([, v]) => v !== 0)
    model.rows.push({ family, lower, upper, index: kept.map(e => e[0]), value: kept.map(e => e[1]) })
  }
  /** Nothing above `most`, or above what is locked already. */
  const atMost = (
    family: RuleFamily | 'once', entries: readonly (readonly [number, number])[], most: number | undefined,
  ): void => {
    if (most === undefined || entries.length === 0) return
    const locked = entries.reduce((sum, [i, v]) => sum + (columns[i]?.fixed ? v : 0), 0)
    row(family, -Infinity, Math.max(most, locked), entries)
  }
  const slacks = new Map<string, number>()
  const slack = (want: string, of: string, cost: number): number => {
    const index = variable(cost, Infinity, false)
    slacks.set(`${want}/${of}`, index)
    return index
  }
  const { sessions, variations, limits, penalties = {}, actions } = instance
  for (const column of columns) variable(0, 1, true, column.fixed ? 1 : 0)
  const xs = columns.map((column, i) => ({ ...column, i }))
  const ones = (list: readonly { i: number }[]): [number, number][] => list.map(x => [x.i, 1])

  sessions.forEach((session, s) => {
    const here = xs.filter(x => x.session === s)
    atMost('minutes', here.map(x => [x.i, (session.slots[x.slot]!.paired ? 0.5 : 1) * x.dose.seconds]), session.capS)
    atMost('minutes', here.map(x => [x.i, x.dose.seconds]), session.workCapS)
    atMost('items', ones(here), session.items)
    session.slots.forEach((slot, l) => {
      const inSlot = here.filter(x => x.slot === l)
      atMost('minutes', inSlot.map(x => [x.i, x.dose.seconds]), slot.capS)
      atMost('items', ones(inSlot), slot.items)
      atMost('fatigue', inSlot.map(x => [x.i, x.dose.fatigue]), slot.fatigue)
    })
    const byGroup = new Map<string, typeof xs>()
    const byVariation = new Map<number, typeof xs>()
    for (const x of here) {
      byVariation.set(x.variation, [...(byVariation.get(x.variation) ?? []), x])
      const { group } = variations[x.variation]!
      if (group !== undefined) byGroup.set(group, [...(byGroup.get(group) ?? []), x])
    }
    for (const list of byVariation.values()) if (list.length > 1) atMost('once', ones(list), 1)
    for (const list of byGroup.values()) if (list.length > 1) atMost('group', ones(list), 1)
  })
  atMost('spineCost', xs.map(x => [x.i, variations[x.variation]!.spineCost]), limits.spineCost)
  atMost('cycles', xs.map(x => [x.i, x.dose.cycles ?? 0]), limits.cycles)

  const previous = new Set(instance.previous ?? [])
  const used: [number, number][] = []
  const keptUse: [number, number][] = []
  const groupsOfWeek = new Map<string, [number, number][]>()
  variations.forEach((variation, v) => {
    const own = xs.filter(x => x.variation === v)
    if (own.length === 0) return
    atMost('appearances', ones(own), limits.appearances)
    if (variation.group !== undefined)
      groupsOfWeek.set(variation.group, [...(groupsOfWeek.get(variation.group) ?? []), ...ones(own)])
    if (limits.distinct === undefined && !(previous.has(variation.id) && (instance.keep ?? 0) > 0)) return
    const z = variable(0, 1, true, own.some(x => x.fixed) ? 1 : 0)
    for (let s = 0; s < sessions.length; s++) {
      const inSession = own.filter(x => x.session === s)
      // Tighter than one row for all sessions: a fraction of a column opens no more than its own fraction of the drill.
      if (inSession.length > 0) row('link', -Infinity, 0, [...ones(inSession), [z, -1]])
    }
    row('link', 0, Infinity, [...ones(own), [z, -1]])
    used.push([z, 1])
    if (previous.has(variation.id)) keptUse.push([z, 1])
  })
  for (const entries of groupsOfWeek.values()) atMost('group', entries, limits.groupPerWeek)
  if (limits.distinct !== undefined && used.length > 0) {
    row(
      'distinct', -Infinity,
      Math.max(limits.distinct, new Set(columns.filter(c => c.fixed).map(c => c.variation)).size),
      used,
    )
  }
  if ((instance.keep ?? 0) > 0)
    row('wanted', instance.keep!, Infinity, [...keptUse, [
      slack('keep', 'last week', penalties.keep ?? DEFAULTS.keep), 1,
    ]])

  actions.forEach((action, k) => {
    const doses = xs.map((x): [number, number] => [x.i, x.demand[k]!])
    const band = instance.bands[action]
    if (band) {
      const lifts = liftDose(instance, action)
      row('wanted', band.low - lifts, Infinity, [...doses, [slack('short', action, band.weight ?? DEFAULTS.weight), 1]])
      row('wanted', -Infinity, Math.max(0, band.high - lifts), [...doses, [
        slack('over', action, band.over ?? DEFAULTS.over), -1,
      ]])
    }
    if (limits.highOver !== undefined) addRest(action, k)
  })
  function addRest(action: string, k: number): void {
    const highOver = limits.highOver!
    const rest = limits.restHours ?? 0
    const pairs = sessions.flatMap((a, i) =>
      sessions.flatMap((b, j) => (j > i && hoursBetween(a, b) < rest ? [[i, j] as const] : []))
    )
    const high = new Map<number, number>()
    for (const s of new Set(pairs.flat())) {
      const here = xs.filter(x => x.session === s && x.demand[k]! > 0)
      const most = here.reduce((sum, x) => sum + x.demand[k]!, 0)
      if (most <= highOver) continue
      const h = variable(0, 1, true)
      high.set(s, h)
      // By how much at most, given the items of the session: a tight figure makes a tight bound.
      const count = Math.max(sessions[s]!.items, xs.filter(x => x.fixed && x.session === s).length)
      const largest = [...here].map(x => x.demand[k]!).sort((a, b) => b - a).slice(0, count).reduce((a, b) => a + b, 0)
      row('rest', -Infinity, highOver, [...here.map((x): [number, number] => [x.i, x.demand[k]!]), [
        h, -Math.max(0, largest - highOver),
      ]])
    }
    for (const [a, b] of pairs) {
      const [ha, hb] = [high.get(a), high.get(b)]
      if (ha === undefined || hb === undefined) continue
      const locked = [a, b].filter(s =>
        xs.reduce((sum, x) => sum + (x.fixed && x.session === s ? x.demand[k]! : 0), 0) > highOver
      ).length
      row('rest', -Infinity, Math.max(1, locked), [[ha, 1], [hb, 1]])
    }
  }
  for (const [plane, times] of Object.entries(instance.planes ?? {})) {
    if (times === 0) continue
    const met = sessions.flatMap((_, s): [number, number][] => {
      const here = xs.filter(x => x.session === s && variations[x.variation]!.planes.includes(plane))
      if (here.length === 0) return []
      const p = variable(0, 1, false)
      row('link', -Infinity, 0, [[p, 1], ...here.map((x): [number, number] => [x.i, -1])])
      return [[p, 1]]
    })
    row('wanted', times, Infinity, [...met, [slack('plane', plane, penalties.plane ?? DEFAULTS.plane), 1]])
  }
  if (instance.resisting) {
    const resists = new Set(instance.resisting)
    const sign = actions.map(a => (resists.has(a) ? 1 : -1))
    const lifts = actions.reduce((sum, a, k) => sum + sign[k]! * liftDose(instance, a), 0)
    row('wanted', -lifts, Infinity, [
      ...xs.map((x): [number, number] => [x.i, x.demand.reduce((sum, d, k) => sum + sign[k]! * d, 0)]),
      [slack('resisting', 'resisting before making', penalties.resisting ?? DEFAULTS.resisting), 1],
    ])
  }
  return { model, map: { columns: columns.length, slacks } }
}
