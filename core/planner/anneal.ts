import type { Column } from './columns'
import type { WeekInstance } from './instance'
import { WeekState } from './state'

/** How much work: steps and not seconds, so that the same input gives the same plan on any machine. */
export interface AnnealBudget {
  readonly steps: number
  readonly restarts: number
  /** Steps on the second level. */
  readonly preferenceSteps: number
}
export const USUAL_BUDGET: AnnealBudget = { steps: 20_000, restarts: 4, preferenceSteps: 8_000 }

/** What annealing found: the columns chosen, and what they cost. */
export interface Annealed {
  readonly chosen: readonly number[]
  readonly goal: number
  readonly preference: number
  /** Goal met the bound: nothing better exists. */
  readonly met: boolean
}

/** A small generator with a known seed: chance is an argument here too. */
function chanceFrom(seed: number): () => number {
  let state = (seed >>> 0) || 1
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
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
    readonly start?: readonly number[]
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

/** Steps after which the wall of the second level rises. */
const WALL_STEPS = 50
/** Steps a column is worth: a small week is soon known. */
const STEPS_PER_COLUMN = 300
const LEAST_STEPS = 1500

class Search {
  private state!: WeekState
  private chance!: () => number
  private readonly byVariation: number[][]
  private readonly byAction: number[][]
  private readonly fixed: number[]
  private readonly scale: number

  constructor(private readonly instance: WeekInstance, private readonly columns: readonly Column[]) {
    const lists = (n: number): number[][] => Array.from({ length: n }, () => [])
    this.byVariation = lists(instance.variations.length)
    this.byAction = lists(instance.actions.length)
    columns.forEach((column, i) => {
      this.byVariation[column.variation]!.push(i)
      column.demand.forEach((d, k) => { if (d > 0) this.byAction[k]!.push(i) })
    })
    this.fixed = columns.flatMap((column, i) => (column.fixed ? [i] : []))
    const sizes = columns.map(c => Math.max(0, ...c.demand)).sort((a, b) => a - b)
    this.scale = Math.max(1, sizes[Math.floor(sizes.length / 2)] ?? 1)
  }

  begin(start: readonly number[], seed: number): Found {
    this.chance = chanceFrom(seed * 7919)
    this.state = new WeekState(this.instance, this.columns)
    for (const index of this.fixed) this.state.add(index)
    for (const index of start) if (!this.state.has(index) && this.state.fits(index)) this.state.add(index)
    return this.found()
  }

  private found(): Found {
    return {
      chosen: [...this.state.chosen].sort((a, b) => a - b),
      goal: this.state.goal(), preference: this.state.preference(),
    }
  }

  goalRun(start: readonly number[], steps: number, bound: number, seed: number): Found {
    let best = this.begin(start, seed)
    if (this.columns.length === 0) return best
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
    if (this.columns.length === 0) return best
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
    const removed: number[] = []
    const added: number[] = []
    const out = (index: number): void => {
      if (index < 0 || !this.state.has(index) || this.columns[index]!.fixed) return
      this.state.remove(index)
      removed.push(index)
    }
    const into = (index: number): boolean => {
      if (index < 0 || this.state.has(index) || !this.state.fits(index)) return false
      this.state.add(index)
      added.push(index)
      return true
    }
    this.propose(out, into)
    if (removed.length + added.length === 0) return now
    const then = energy()
    if (then <= now || this.chance() < Math.exp((now - then) / heat)) return then
    for (const index of added.reverse()) this.state.remove(index)
    for (const index of removed.reverse()) this.state.add(index)
    return now
  }

  private propose(out: (index: number) => void, into: (index: number) => boolean): void {
    const { chance, state } = this
    const any = (
      list: readonly number[],
    ): number => (list.length === 0 ? -1 : list[Math.floor(chance() * list.length)]!)
    const kind = chance()
    if (kind < 0.12) out(any(state.chosen))
    else if (kind < 0.27) {
      const from = any(state.chosen)
      if (from < 0) return
      const to = any(this.byVariation[this.columns[from]!.variation]!)
      out(from)
      this.put(to, out, into, any)
    }
    else if (kind < 0.37) {
      out(any(state.chosen))
      out(any(state.chosen))
      into(any(this.needed()))
      into(this.random())
    }
    else this.put(kind < 0.7 ? any(this.needed()) : this.random(), out, into, any)
  }

  /**
   * Puts a column in: whatever of the same drill stands in that session makes way, and if need be one more item of the
   * session.
   */
  private put(
    index: number, out: (index: number) => void, into: (index: number) => boolean,
    any: (list: readonly number[]) => number,
  ): void {
    if (index < 0 || this.state.has(index)) return
    const { variation, session } = this.columns[index]!
    out(this.state.at(variation, session))
    if (into(index)) return
    out(any(this.state.chosen.filter(i => this.columns[i]!.session === session)))
    if (!into(index)) {
      out(any(this.state.chosen.filter(i => this.columns[i]!.variation === variation)))
      into(index)
    }
  }

  private needed(): readonly number[] {
    const k = this.state.shortest()
    return k < 0 ? [] : this.byAction[k]!
  }

  private random(): number {
    return Math.floor(this.chance() * this.columns.length)
  }
}
