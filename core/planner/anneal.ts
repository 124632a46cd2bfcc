import { chanceFrom } from '../chance'
import type { Column } from './columns'
import type { WeekInstance } from './instance'
import { WeekState } from './state'
import type { Place } from './tallies'

/** How much work: steps and not seconds, so that the same input gives the same plan on any machine. */
export interface AnnealBudget {
  readonly steps: number
  readonly restarts: number
  /** Steps on the second level. */
  readonly preferenceSteps: number
}
export const USUAL_BUDGET: AnnealBudget = { steps: 20_000, restarts: 4, preferenceSteps: 8_000 }

/** What annealing found: the columns chosen, in their order, and what they cost. */
export interface Annealed {
  readonly chosen: readonly Column[]
  readonly goal: number
  readonly preference: number
  /** Goal met the bound: nothing better exists. */
  readonly met: boolean
}

/**
 * Simulated annealing over plans that break no hard rule: add, drop, change of dose or place, swap, move to another
 * session, double swap. First the goal, until it meets the bound or the steps run out; then the preference among plans
 * as good.
 *
 * @param start columns to begin with, for a plan that is only changed a little
 * @example
 * anneal({ actions: ['AE'], bands: {}, sessions: [], variations: [], limits: {} }, [], { bound: 0 }).met // => true
 */
export function anneal(
  instance: WeekInstance, columns: readonly Column[],
  options: {
    readonly bound: number
    readonly start?: readonly Column[]
    readonly budget?: AnnealBudget
    readonly seed?: number
  },
): Annealed {
  const { bound, budget = USUAL_BUDGET } = options
  const search = new Search(instance, columns)
  const enough = LEAST_STEPS + STEPS_PER_COLUMN * columns.length
  const seed = options.seed ?? 0
  let best = search.begin(options.start ?? [], seed + 1)
  for (let round = 0; round < budget.restarts && best.goal > bound + 1e-6; round++) {
    const found = search.goalRun(
      round % 2 === 1 ? best.chosen : options.start ?? [], Math.min(budget.steps, enough), bound, seed + round + 1,
    )
    if (found.goal < best.goal - 1e-9) best = found
  }
  if (budget.preferenceSteps > 0) best = search.preferenceRun(best, Math.min(budget.preferenceSteps, enough), seed + 99)
  return { ...best, met: best.goal <= bound + 1e-6 }
}

type Found = Omit<Annealed, 'met'>
type Out = (place: Place | undefined) => void
type Into = (place: Place | undefined) => boolean

/** Steps after which the wall of the second level rises. */
const WALL_STEPS = 50
/** Steps a column is worth: a small week is soon known. */
const STEPS_PER_COLUMN = 300
const LEAST_STEPS = 1500

class Search {
  private readonly state: WeekState
  private readonly places: readonly Place[]
  private chance = chanceFrom(0)
  private readonly scale: number

  constructor(instance: WeekInstance, columns: readonly Column[]) {
    this.state = new WeekState(instance, columns)
    this.places = this.state.places
    const sizes = columns.map(({ dose }) => Math.max(0, ...Object.values(dose.demand))).sort((a, b) => a - b)
    this.scale = Math.max(1, sizes[Math.floor(sizes.length / 2)] ?? 1)
  }

  begin(start: readonly Column[], seed: number): Found {
    const { state, places } = this
    this.chance = chanceFrom(seed * 7919)
    state.clear()
    for (const place of places) if (place.column.fixed) state.add(place)
    for (const { index } of start) {
      const place = places[index]
      if (place && !state.has(place) && state.fits(place)) state.add(place)
    }
    return this.found()
  }

  private found(): Found {
    return {
      chosen: this.state.chosen.map(({ column }) => column).sort((a, b) => a.index - b.index),
      goal: this.state.goal(), preference: this.state.preference(),
    }
  }

  goalRun(start: readonly Column[], steps: number, bound: number, seed: number): Found {
    let best = this.begin(start, seed)
    if (this.places.length === 0) return best
    let now = best.goal
    const [hot, cold] = [this.scale * 0.4, this.scale * 0.004]
    for (let step = 0; step < steps && best.goal > bound + 1e-6; step++) {
      const heat = hot * (cold / hot) ** (step / steps)
      now = this.step(now, () => this.state.goal(), heat)
      if (now < best.goal - 1e-9) best = this.found()
    }
    return best
  }

  preferenceRun(from: Found, steps: number, seed: number): Found {
    let best = this.begin(from.chosen, seed)
    if (this.places.length === 0) return best
    const wall = best.goal
    // The wall rises: at first a worse goal is a way through, at the end it is none.
    let weight = 0
    const energy = (): number => this.state.preference() + Math.max(0, this.state.goal() - wall) * weight
    let now = 0
    for (let step = 0; step < steps && best.preference > 0; step++) {
      if (step % WALL_STEPS === 0) {
        weight = (0.5 + 20 * step / steps) / this.scale
        now = energy()
      }
      const heat = 3 * (0.05 / 3) ** (step / steps)
      now = this.step(now, energy, heat)
      if (this.state.preference() < best.preference - 1e-9 && this.state.goal() <= wall + 1e-9) best = this.found()
    }
    return best
  }

  /** One step: tried, kept by chance, or taken back. */
  private step(now: number, energy: () => number, heat: number): number {
    const { state } = this
    const removed: Place[] = []
    const added: Place[] = []
    const out = (place: Place | undefined): void => {
      if (!place || !state.has(place) || place.column.fixed) return
      state.remove(place)
      removed.push(place)
    }
    const into = (place: Place | undefined): boolean => {
      if (!place || state.has(place) || !state.fits(place)) return false
      state.add(place)
      added.push(place)
      return true
    }
    this.propose(out, into)
    if (removed.length + added.length === 0) return now
    const then = energy()
    if (then <= now || this.chance() < Math.exp((now - then) / heat)) return then
    for (const place of added.reverse()) state.remove(place)
    for (const place of removed.reverse()) state.add(place)
    return now
  }

  private propose(out: Out, into: Into): void {
    const { chosen } = this.state
    const kind = this.chance()
    if (kind < 0.12) out(this.any(chosen))
    else if (kind < 0.27) {
      const from = this.any(chosen)
      if (!from) return
      const to = this.any(from.variation.places)
      out(from)
      this.put(to, out, into)
    }
    else if (kind < 0.37) {
      out(this.any(chosen))
      out(this.any(chosen))
      into(this.any(this.needed()))
      into(this.any(this.places))
    }
    else this.put(this.any(kind < 0.7 ? this.needed() : this.places), out, into)
  }

  /**
   * Puts a column in: whatever of the same drill stands in that session makes way, and if need be one more item of the
   * session.
   */
  private put(place: Place | undefined, out: Out, into: Into): void {
    const { state } = this
    if (!place || state.has(place)) return
    out(state.like(place))
    if (into(place)) return
    out(this.any(state.chosen.filter(({ session }) => session === place.session)))
    if (into(place)) return
    out(this.any(state.chosen.filter(({ variation }) => variation === place.variation)))
    into(place)
  }

  private any(list: readonly Place[]): Place | undefined {
    return list.length === 0 ? undefined : list[Math.floor(this.chance() * list.length)]
  }

  private needed(): readonly Place[] {
    return this.state.shortest()?.places ?? []
  }
}
