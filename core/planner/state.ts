import { planOf, type Column } from './columns'
import { DEFAULTS, type PlannerItem, type WeekInstance } from './instance'
import { talliesOf, type ActionTally, type Place, type PlaneTally } from './tallies'

/**
 * A plan that is changed column by column, with every total kept up to date, so that a step costs a few dozen
 * additions. It never holds a broken hard rule, but for what the coach has locked.
 */
export class WeekState {
  readonly chosen: Place[] = []
  readonly places: readonly Place[]
  private readonly actions: readonly ActionTally[]
  private readonly planes: readonly PlaneTally[]
  private readonly lead0: number
  private readonly most: Readonly<Required<Omit<WeekInstance['limits'], 'restHours'>>>
  private distinct = 0
  private kept = 0
  private fresh = 0
  private spine = 0
  private cycles = 0
  private cost = 0

  constructor(private readonly instance: WeekInstance, columns: readonly Column[]) {
    const { actions, planes, places } = talliesOf(instance, columns)
    this.actions = actions
    this.planes = planes
    this.places = places
    const { limits } = instance
    this.lead0 = actions.reduce((sum, { sign, lifts }) => sum + sign * lifts, 0)
    this.most = {
      appearances: limits.appearances ?? Infinity, distinct: limits.distinct ?? Infinity,
      spineCost: limits.spineCost ?? Infinity, cycles: limits.cycles ?? Infinity, highOver: limits.highOver ?? Infinity,
      groupPerWeek: limits.groupPerWeek ?? Infinity,
    }
  }

  has(place: Place): boolean {
    return place.at >= 0
  }

  /** What stands of the same variation in the same session. */
  like({ here }: Place): Place | undefined {
    return here.times === 0 ? undefined : this.chosen.find(other => other.here === here)
  }

  /** Whether a column can be added without breaking a hard rule. */
  fits(place: Place): boolean {
    return this.fitsDrill(place) && fitsSession(place) && fitsSlot(place) && this.fitsWeek(place) && this.rests(place)
  }

  private fitsDrill({ here, variation, group }: Place): boolean {
    const { appearances, distinct, groupPerWeek } = this.most
    return here.times === 0 && variation.times < appearances && (variation.times > 0 || this.distinct < distinct)
      && (group === null || (group.here.times === 0 && group.week.times < groupPerWeek))
  }

  private fitsWeek({ column, cycles }: Place): boolean {
    return this.spine + column.variation.spineCost <= this.most.spineCost && this.cycles + cycles <= this.most.cycles
  }

  private rests({ loads }: Place): boolean {
    const { highOver } = this.most
    if (highOver === Infinity) return true
    for (const { by, cell } of loads) {
      if (cell.dose + by <= highOver) continue
      for (const other of cell.close) if (other.dose > highOver) return false
    }
    return true
  }

  add(place: Place): void {
    place.at = this.chosen.length
    this.chosen.push(place)
    this.count(place, 1)
  }

  remove(place: Place): void {
    const last = this.chosen.pop()
    if (last && last !== place) {
      this.chosen[place.at] = last
      last.at = place.at
    }
    place.at = -1
    this.count(place, -1)
  }

  /** Takes everything out. */
  clear(): void {
    for (const place of [...this.chosen]) this.remove(place)
    this.cost = 0
  }

  private count(place: Place, by: 1 | -1): void {
    const { session, slot, variation, group, column: { dose, cost } } = place
    for (const load of place.loads) {
      load.action.dose += by * load.by
      load.cell.dose += by * load.by
    }
    session.timeS += by * place.timeS
    session.workS += by * dose.seconds
    session.items += by
    slot.timeS += by * dose.seconds
    slot.items += by
    slot.fatigue += by * dose.fatigue
    place.here.times += by
    variation.times += by
    // The first use comes, or the last one goes.
    const edge = by === 1 ? 1 : 0
    if (variation.times === edge) {
      this.distinct += by
      if (variation.known) this.kept += by
      else this.fresh += by
    }
    if (group) {
      group.week.times += by
      group.here.times += by
    }
    for (const { plane, here } of place.planes) {
      here.times += by
      if (here.times === edge) plane.met += by
    }
    this.spine += by * place.column.variation.spineCost
    this.cycles += by * place.cycles
    this.cost += by * cost
  }

  /** Cost of everything wanted and not there. */
  goal(): number {
    const { penalties, keep, resisting } = this.instance
    let cost = 0
    let lead = this.lead0
    for (const { dose, low, room, weight, over, sign } of this.actions) {
      if (dose < low) cost += (low - dose) * weight
      if (dose > room) cost += (dose - room) * over
      lead += sign * dose
    }
    if (resisting && lead < 0) cost -= lead * (penalties?.resisting ?? DEFAULTS.resisting)
    for (const { times, met } of this.planes)
      cost += Math.max(0, times - met) * (penalties?.plane ?? DEFAULTS.plane)
    return cost + Math.max(0, (keep ?? 0) - this.kept) * (penalties?.keep ?? DEFAULTS.keep)
  }

  /** Cost of the second level. */
  preference(): number {
    const { preference, previous } = this.instance
    return this.cost + (preference?.spacing ?? DEFAULTS.spacing) * this.nearHigh()
      + ((previous?.length ?? 0) > 0 ? (preference?.fresh ?? DEFAULTS.fresh) * this.fresh : 0)
  }

  /** Pairs of high doses of one action that had better be further apart. */
  private nearHigh(): number {
    const { highOver } = this.most
    if (highOver === Infinity) return 0
    let pairs = 0
    for (const { cells } of this.actions) {
      for (const cell of cells) {
        if (cell.dose > highOver) { for (const other of cell.near) if (other.dose > highOver) pairs += 1 }
      }
    }
    return pairs
  }

  /** The action furthest below its band, by what it costs; null when none is short. */
  shortest(): ActionTally | null {
    let [worst, most]: [ActionTally | null, number] = [null, 0]
    for (const action of this.actions) {
      const cost = (action.low - action.dose) * action.weight
      if (cost > most) [worst, most] = [action, cost]
    }
    return worst
  }

  /** The plan in the order of sessions, slots and ids. */
  plan(): PlannerItem[] {
    return planOf(this.chosen.map(({ column }) => column))
  }
}

const fitsSession = ({ session, timeS, column: { dose } }: Place): boolean =>
  session.items < session.most && session.timeS + timeS <= session.capS
  && session.workS + dose.seconds <= session.workCapS

const fitsSlot = ({ slot, column: { dose } }: Place): boolean =>
  slot.items < slot.most && slot.timeS + dose.seconds <= slot.capS && slot.fatigue + dose.fatigue <= slot.tiring
