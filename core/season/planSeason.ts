import { must } from '../errors'
import { checkSeason } from './checkSeason'
import { volumeBand } from './evaluateSeason'
import { DAY_KINDS, KIND_VOLUMES, SEASON_COSTS, type SeasonInstance, type SeasonPlan } from './instance'
import { dayLimits, restWeeks, taperWeeks } from './limits'
import { kindsOf, weekTable, type WeekWay } from './weekTable'

export interface SeasonOptions {
  /** The plan that changes are counted from. */
  readonly before?: SeasonPlan | null
  /** Weeks whose phase and load are over and stay. */
  readonly past?: number
  /** What a change costs, where it is not the usual. */
  readonly costs?:
    | Partial<Pick<typeof SEASON_COSTS, 'change' | 'phaseMoved' | 'deloadFlipped'>>
    | Readonly<Record<string, number>>
}

type Load = SeasonPlan['loads'][number]
interface Node {
  readonly cost: number
  readonly from: Node | null
  readonly phase: number
  readonly inPhase: number
  readonly since: number
  readonly high: 0 | 1
  readonly taper: number
  readonly load: Load
  readonly code: number
}

/** Among plans that cost the same one is liked best. Too little to outweigh any cost. */
const TASTE = 1e-6
/** A week in no taper carries no volume on. */
const NO_TAPER = -1

/**
 * The cheapest season there is, exactly: dynamic programming over weeks (phase, weeks in it, weeks since unloading,
 * whether Sunday was high, last taper volume), with a seven-day programme inside each. The same input gives the same
 * plan.
 *
 * @throws DomainError as `checkSeason`.
 * @example
 * planSeason({ weeks: 1, phases: [{ id: 'base', least: 1, most: 4, start: 0, volume: 10 }], competitions: [] }).loads // => ['usual']
 */
export function planSeason(instance: SeasonInstance, options: SeasonOptions = {}): SeasonPlan {
  checkSeason(instance)
  const search = new Search(instance, options)
  let layer = new Map<number, Node>([[0, {
    cost: 0, from: null, phase: -1, inPhase: 0, since: 0, high: 0, taper: NO_TAPER, load: 'usual', code: 0,
  }]])
  for (let week = 0; week < instance.weeks; week++) layer = search.step(week, layer)
  let best: Node | null = null
  for (const node of layer.values()) {
    const cost = node.cost + search.endCost(node)
    if (best === null || cost < best.cost - 1e-12) best = { ...node, cost }
  }
  const nodes: Node[] = []
  for (let node: Node | null = best; node?.from; node = node.from) nodes.unshift(node)
  return {
    days: nodes.flatMap(n => kindsOf(n.code).map(k => must(DAY_KINDS[k]))),
    phases: nodes.map(n => n.phase), loads: nodes.map(n => n.load),
  }
}

class Search {
  private readonly limits
  private readonly tapers
  private readonly rests
  private readonly volumes
  private readonly costs
  private readonly before: SeasonPlan | null
  private readonly beforeStarts: readonly number[]
  /** What each phase is to hold, by load. */
  private readonly bands: ReadonlyMap<Load, readonly { readonly least: number, readonly most: number }[]>

  constructor(private readonly instance: SeasonInstance, private readonly options: SeasonOptions) {
    this.limits = dayLimits(instance)
    this.tapers = taperWeeks(instance)
    this.rests = restWeeks(instance)
    const volumes = { ...KIND_VOLUMES, ...instance.volumes }
    this.volumes = DAY_KINDS.map(kind => volumes[kind])
    this.costs = { ...SEASON_COSTS, ...options.costs }
    this.bands = new Map(
      (['usual', 'deload', 'taper'] as const).map(load => [
        load,
        instance.phases.map(phase => volumeBand(phase.volume, load)),
      ]),
    )
    this.before = options.before ?? null
    this.beforeStarts = instance.phases.map((_, index) => this.before?.phases.indexOf(index) ?? -1)
  }

  // eslint-disable-next-line complexity -- the state of the programme, dimension by dimension
  step(week: number, layer: ReadonlyMap<number, Node>): Map<number, Node> {
    const next = new Map<number, Node>()
    const tables = [0, 1].map(high =>
      weekTable((day, kind) => this.dayCost(7 * week + day, kind), this.volumes, high === 1, this.costs.dayRule)
    )
    const loads = this.loadsOf(week)
    // Ways of a week by load, phase, Sunday before and Sunday: outside a taper only the cheapest counts.
    const ways = loads.map(load =>
      this.instance.phases.map((_, phase) =>
        tables.map(table => table.map(all => (load === 'taper' ? all : this.cheapestWay(all, phase, load))))
      )
    )
    for (const node of layer.values()) {
      for (const phase of this.phasesFrom(node, week)) {
        const entering = phase !== node.phase
        const inPhase = entering ? 1 : Math.min(node.inPhase + 1, this.countedWeeks(phase))
        const tooLong = (entering ? 1 : node.inPhase + 1) > must(this.instance.phases[phase]).most
          ? this.costs.phaseLength
          : 0
        const base = node.cost + tooLong + (entering ? this.leaveCost(node) + this.enterCost(phase, week) : 0)
        for (let l = 0; l < loads.length; l++) {
          const load = must(loads[l])
          const since = load === 'usual' && !this.rests[week] ? Math.min(node.since + 1, this.mostSince()) : 0
          const weekCost = base + this.loadCost(load, since, week)
          for (const high of [0, 1] as const) {
            for (const way of must(must(must(must(ways[l])[phase])[node.high])[high])) {
              const taper = load === 'taper' ? way.volume : NO_TAPER
              const cost = weekCost + way.cost + (load === 'taper' ? this.taperCost(way.volume, phase, node.taper) : 0)
              // All of a state in one number: phases to 12, weeks to 60, since to 60, volumes to 350.
              const key = (((phase * 64 + inPhase) * 64 + since) * 2 + high) * 512 + taper + 1
              const there = next.get(key)
              if (!there || cost < there.cost - 1e-12)
                next.set(key, { cost, from: node, phase, inPhase, since, high, taper, load, code: way.code })
            }
          }
        }
      }
    }
    return next
  }

  endCost(node: Node): number {
    return this.leaveCost(node)
      + this.instance.phases.slice(node.phase + 1).reduce((sum, phase) => sum + this.costs.phaseLength * phase.least, 0)
  }

  private dayCost(day: number, kind: number): number {
    const settled = this.instance.fixed?.[day]
    if (settled !== undefined && DAY_KINDS[kind] !== settled) return Infinity
    const broken = kind > must(this.limits[day]).most ? this.costs.dayRule : 0
    // A rule may be broken by a settled day only.
    if (broken > 0 && settled === undefined) return Infinity
    const was = this.before?.days[day]
    // Of changes that cost the same the smaller step is taken.
    const step = was === undefined ? 0 : Math.abs(DAY_KINDS.indexOf(was) - kind)
    const changed = step > 0 ? this.costs.change + TASTE * 10 * step : 0
    const elsewhere = DAY_KINDS[kind] === 'high' && this.instance.hardDays && !this.instance.hardDays.includes(day % 7)
      ? this.costs.highElsewhere
      : 0
    return broken + changed + elsewhere + TASTE * this.dislike(day, kind)
  }

  /**
   * What speaks against a kind where nothing else does. Days that are there to train on are used, and a taper keeps how
   * often one trains (Bosquet et al. 2007); where any day would do, few are taken and weekends left free. Much goes to
   * the days of the hard lifts.
   */
  private dislike(day: number, kind: number): number {
    const { weekdays, hardDays } = this.instance
    const asked = weekdays !== undefined || this.tapers[Math.floor(day / 7)]
    const free = (kind === 0) === asked ? 6 : 0
    const hard = hardDays?.includes(day % 7)
    const misplaced = hardDays && kind > 0 && hard !== kind >= 3 ? 0.5 : 0
    return free + misplaced + (kind > 0 && day % 7 > 4 ? 2 : 0) + must([0, 2, 1, 0, 0][kind])
  }

  private phasesFrom({ phase, from }: Node, week: number): number[] {
    if (week < (this.options.past ?? 0) && this.before) return [must(this.before.phases[week])]
    if (from === null) return [0]
    return phase + 1 < this.instance.phases.length ? [phase, phase + 1] : [phase]
  }

  private loadsOf(week: number): readonly Load[] {
    if (week < (this.options.past ?? 0) && this.before) return [must(this.before.loads[week])]
    if (this.tapers[week]) return ['taper']
    return this.instance.volumeRules === false || this.deloadEvery() === 0 ? ['usual'] : ['usual', 'deload']
  }

  private deloadEvery(): number {
    return this.instance.deloadEvery ?? 4
  }

  private mostSince(): number {
    return Math.max(1, this.deloadEvery())
  }

  private leaveCost({ phase, inPhase }: Node): number {
    if (phase < 0) return 0
    // Weeks too many are paid for as they come.
    return this.costs.phaseLength * Math.max(0, must(this.instance.phases[phase]).least - inPhase)
  }

  /** Weeks in a phase beyond which it makes no difference how many there were. */
  private countedWeeks(phase: number): number {
    return Math.max(1, must(this.instance.phases[phase]).most)
  }

  private enterCost(phase: number, week: number): number {
    const { start, notBefore = 0 } = must(this.instance.phases[phase])
    return this.costs.notOpen * Math.max(0, notBefore - week)
      + (start === null ? 0 : this.costs.phaseShift * Math.abs(week - start))
      + (this.before && this.beforeStarts[phase] !== week ? this.costs.phaseMoved : 0)
  }

  private loadCost(load: Load, since: number, week: number): number {
    const every = this.deloadEvery()
    const was = this.before?.loads[week]
    const flipped = was !== undefined && load !== 'taper' && (load === 'deload') !== (was === 'deload')
      ? this.costs.deloadFlipped
      : 0
    return flipped + (load === 'deload' ? this.costs.deload : 0)
      + (this.instance.volumeRules !== false && every > 0 && since >= every ? this.costs.noUnload : 0)
  }

  private taperCost(volume: number, phase: number, last: number): number {
    const { least, most } = must(must(this.bands.get('taper'))[phase])
    // Of tapers that cost the same the one that goes down from much to little is liked best.
    const flat = last === NO_TAPER ? Math.abs(most - volume) : volume
    return this.costs.taper
        * (Math.max(0, least - volume, volume - most) + (last === NO_TAPER ? 0 : Math.max(0, volume - last)))
      + TASTE * 10 * flat
  }

  private cheapestWay(ways: readonly WeekWay[], phase: number, load: Load): WeekWay[] {
    let best: WeekWay | null = null
    const { least, most } = must(must(this.bands.get(load))[phase])
    for (const way of ways) {
      const cost = way.cost
        + (this.instance.volumeRules === false
          ? 0
          : this.costs.under * Math.max(0, least - way.volume) + this.costs.over * Math.max(0, way.volume - most))
      if (best === null || cost < best.cost - 1e-12) best = { ...way, cost }
    }
    return best ? [best] : []
  }
}
