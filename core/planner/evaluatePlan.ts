import { DEFAULTS, hoursBetween, liftDose, type PlannerItem, type WeekInstance } from './instance'

/** A hard rule that a plan breaks. */
export interface BrokenRule {
  readonly rule: string
  readonly where: string
  readonly by: number
}

/** One thing that is wanted and not wholly there. */
export interface Relaxation {
  readonly want: 'short' | 'over' | 'plane' | 'keep' | 'resisting'
  /** Action or plane. */
  readonly of: string
  readonly by: number
  readonly cost: number
}

/** Everything a plan amounts to. */
export interface Evaluation {
  readonly broken: readonly BrokenRule[]
  /** Lifts and drills together. */
  readonly doses: Readonly<Record<string, number>>
  readonly relaxations: readonly Relaxation[]
  readonly goal: number
  readonly preference: number
}

/**
 * Recomputes every rule and cost of a plan from the instance alone, the slow and obvious way: the solver's own figures
 * are never taken for granted. What the coach has locked may stand where a place rule would forbid it; other rules
 * count it.
 *
 * @example
 * evaluatePlan({ actions: ['AE'], bands: { AE: { low: 10, high: 20 } }, sessions: [], variations: [], limits: {} }, []).goal // => 10
 */
export function evaluatePlan(instance: WeekInstance, plan: readonly PlannerItem[]): Evaluation {
  const { limits, penalties = {} } = instance
  const broken: BrokenRule[] = []
  const atMost = (rule: string, where: string, value: number, most: number | undefined): void => {
    if (most !== undefined && value > most + 1e-9) broken.push({ rule, where, by: value - most })
  }
  const items = plan.flatMap((item) => {
    const variation = instance.variations.find(v => v.id === item.variation)
    const session = instance.sessions.find(s => s.id === item.session)
    const slot = session?.slots.find(s => s.id === item.slot)
    const dose = variation?.doses.find(d => d.sets === item.sets)
    if (!variation || !session || !slot || !dose) {
      broken.push({ rule: 'unknown', where: `${item.session}/${item.slot}/${item.variation}`, by: 1 })
      return []
    }
    return [{ item, variation, session, slot, dose }]
  })
  const sum = <T>(list: readonly T[], of: (one: T) => number): number => list.reduce((total, one) => total + of(one), 0)

  for (const { item, variation, session, slot } of items) {
    const where = `${session.id}/${slot.id}/${variation.id}`
    if (variation.removed) broken.push({ rule: variation.removed.rule, where, by: 1 })
    const locked = instance.locks?.keep?.some(k =>
      k.variation === item.variation && k.session === item.session && k.slot === item.slot && k.sets === item.sets
    )
    if (locked) continue
    if (instance.locks?.never?.includes(variation.id)) broken.push({ rule: 'lock', where, by: 1 })
    const only = instance.locks?.only?.[variation.id]
    if (only && !only.includes(slot.id)) broken.push({ rule: 'lock', where, by: 1 })
    const not = variation.not?.find(place =>
      place.session === session.id && place.slot === slot.id && (place.sets ?? item.sets) === item.sets
    )
    if (not) broken.push({ rule: not.rule, where, by: 1 })
    if (variation.slots && !variation.slots.includes(slot.id)) broken.push({ rule: 'slot', where, by: 1 })
  }
  for (const kept of instance.locks?.keep ?? []) {
    const there = plan.some(p =>
      p.variation === kept.variation && p.session === kept.session && p.slot === kept.slot && p.sets === kept.sets
    )
    const removed = instance.variations.find(v => v.id === kept.variation)?.removed
    if (!there && !removed)
      broken.push({ rule: 'lock', where: `${kept.session}/${kept.slot}/${kept.variation}`, by: 1 })
  }

  for (const session of instance.sessions) {
    const here = items.filter(i => i.session === session)
    atMost('minutes', session.id, sum(here, i => (i.slot.paired ? 0.5 : 1) * i.dose.seconds), session.capS)
    atMost('minutes', session.id, sum(here, i => i.dose.seconds), session.workCapS)
    atMost('items', session.id, here.length, session.items)
    for (const slot of session.slots) {
      const inSlot = here.filter(i => i.slot === slot)
      const where = `${session.id}/${slot.id}`
      atMost('minutes', where, sum(inSlot, i => i.dose.seconds), slot.capS)
      atMost('items', where, inSlot.length, slot.items)
      atMost('fatigue', where, sum(inSlot, i => i.dose.fatigue), slot.fatigue)
    }
    for (const v of instance.variations)
      atMost(
        'once', `${session.id}/${v.id}`, here.filter(i => i.variation === v).length, 1,
      )
    for (const group of new Set(here.map(i => i.variation.group).filter(g => g !== undefined))) {
      atMost('group', `${session.id}/${group}`, here.filter(i => i.variation.group === group).length, 1)
    }
  }
  for (const v of instance.variations)
    atMost(
      'appearances', v.id, items.filter(i => i.variation === v).length, limits.appearances,
    )
  for (const group of new Set(instance.variations.map(v => v.group).filter(g => g !== undefined))) {
    atMost('group', group!, items.filter(i => i.variation.group === group).length, limits.groupPerWeek)
  }
  atMost('distinct', 'week', new Set(items.map(i => i.variation.id)).size, limits.distinct)
  atMost('spineCost', 'week', sum(items, i => i.variation.spineCost), limits.spineCost)
  atMost('cycles', 'week', sum(items, i => i.dose.cycles ?? 0), limits.cycles)

  const inSession = (action: string, id: string): number =>
    sum(items.filter(i => i.session.id === id), i => i.dose.demand[action] ?? 0)
  let close = 0
  instance.sessions.forEach((a, i) =>
    instance.sessions.slice(i + 1).forEach((b) => {
      for (const action of instance.actions) {
        if (
          limits.highOver === undefined
          || !(inSession(action, a.id) > limits.highOver && inSession(action, b.id) > limits.highOver)
        ) continue
        if (hoursBetween(a, b) < (limits.restHours ?? 0))
          broken.push({ rule: 'rest', where: `${action} on ${a.id} and ${b.id}`, by: 1 })
        else if (hoursBetween(a, b) < DEFAULTS.spacingHours)
          close += 1
      }
    })
  )

  const doses: Record<string, number> = {}
  const relaxations: Relaxation[] = []
  const wanted = (want: Relaxation['want'], of: string, by: number, weight: number): void => {
    if (by > 1e-9) relaxations.push({ want, of, by, cost: by * weight })
  }
  for (const action of instance.actions) {
    const lifts = liftDose(instance, action)
    const drills = sum(items, i => i.dose.demand[action] ?? 0)
    doses[action] = lifts + drills
    const band = instance.bands[action]
    if (!band) continue
    wanted('short', action, Math.max(0, band.low - lifts - drills), band.weight ?? DEFAULTS.weight)
    // What lifts alone do past the band is not the drills' fault.
    wanted('over', action, Math.max(0, drills - Math.max(0, band.high - lifts)), band.over ?? DEFAULTS.over)
  }
  for (const [plane, times] of Object.entries(instance.planes ?? {})) {
    const met = instance.sessions.filter(s =>
      items.some(i => i.session === s && i.variation.planes.includes(plane))
    ).length
    wanted('plane', plane, Math.max(0, times - met), penalties.plane ?? DEFAULTS.plane)
  }
  const used = new Set(items.map(i => i.variation.id))
  const previous = instance.previous ?? []
  wanted(
    'keep', 'last week',
    Math.max(0, (instance.keep ?? 0) - previous.filter(id => used.has(id)).length),
    penalties.keep ?? DEFAULTS.keep,
  )
  if (instance.resisting) {
    const resists = new Set(instance.resisting)
    const lead = sum(instance.actions, a => (resists.has(a) ? 1 : -1) * doses[a]!)
    wanted('resisting', 'resisting before making', Math.max(0, -lead), penalties.resisting ?? DEFAULTS.resisting)
  }
  const fresh = previous.length > 0 ? [...used].filter(id => !previous.includes(id)).length : 0
  return {
    broken, doses, relaxations, goal: sum(relaxations, r => r.cost),
    preference:
      sum(
        items,
        i =>
          (i.variation.cost ?? 0) + (i.variation.slotCosts?.[i.slot.id] ?? 0)
          + (instance.preference?.minute ?? DEFAULTS.minute) * i.dose.seconds / 60,
      )
      + (instance.preference?.fresh ?? DEFAULTS.fresh) * fresh
      + (instance.preference?.spacing ?? DEFAULTS.spacing) * close,
  }
}
