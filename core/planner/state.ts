import type { Column } from './columns'
import { DEFAULTS, hoursBetween, liftDose, type PlannerItem, type WeekInstance } from './instance'

/**
 * A plan that is changed column by column, with every total kept up to date, so that a step costs a few dozen
 * additions. It never holds a broken hard rule, but for what the coach has locked.
 */
export class WeekState {
  readonly chosen: number[] = []
  private readonly position: Int32Array
  private readonly K: number
  private readonly S: number
  private readonly doses: Float64Array
  private readonly sessionDose: Float64Array
  private readonly sessionTime: Float64Array
  private readonly sessionWork: Float64Array
  private readonly sessionItems: Int32Array
  private readonly slotStart: Int32Array
  private readonly slotTime: Float64Array
  private readonly slotItems: Int32Array
  private readonly slotFatigue: Float64Array
  private readonly uses: Int32Array
  private readonly usesIn: Int32Array
  private readonly groups: Int32Array
  private readonly groupUses: Int32Array
  private readonly groupUsesIn: Int32Array
  private readonly planeIds: readonly string[]
  private readonly planesOf: readonly (readonly number[])[]
  private readonly planeIn: Int32Array
  private readonly planeMet: Int32Array
  private readonly isPrevious: readonly boolean[]
  private readonly closePairs: readonly (readonly number[])[]
  private readonly spacedPairs: readonly (readonly [number, number])[]
  private readonly low: Float64Array
  private readonly room: Float64Array
  private readonly weight: Float64Array
  private readonly over: Float64Array
  private readonly sign: Float64Array | null
  private readonly lead0: number
  private distinct = 0
  private kept = 0
  private fresh = 0
  private spine = 0
  private cycles = 0
  private cost = 0

  constructor(readonly instance: WeekInstance, readonly columns: readonly Column[]) {
    const { actions, sessions, variations, bands } = instance
    const K = this.K = actions.length
    const S = this.S = sessions.length
    const V = variations.length
    this.position = new Int32Array(columns.length).fill(-1)
    this.doses = new Float64Array(K)
    this.sessionDose = new Float64Array(S * K)
    this.sessionTime = new Float64Array(S)
    this.sessionWork = new Float64Array(S)
    this.sessionItems = new Int32Array(S)
    this.slotStart = new Int32Array(S + 1)
    sessions.forEach((session, s) => { this.slotStart[s + 1] = this.slotStart[s]! + session.slots.length })
    const slots = this.slotStart[S]!
    this.slotTime = new Float64Array(slots)
    this.slotItems = new Int32Array(slots)
    this.slotFatigue = new Float64Array(slots)
    this.uses = new Int32Array(V)
    this.usesIn = new Int32Array(V * S)
    const names = [...new Set(variations.map(v => v.group).filter(g => g !== undefined))]
    this.groups = Int32Array.from(variations, v => (v.group === undefined ? -1 : names.indexOf(v.group)))
    this.groupUses = new Int32Array(names.length)
    this.groupUsesIn = new Int32Array(names.length * S)
    this.planeIds = Object.keys(instance.planes ?? {})
    this.planesOf = variations.map(v => this.planeIds.flatMap((plane, p) => (v.planes.includes(plane) ? [p] : [])))
    this.planeIn = new Int32Array(this.planeIds.length * S)
    this.planeMet = new Int32Array(this.planeIds.length)
    const previous = new Set(instance.previous ?? [])
    this.isPrevious = variations.map(v => previous.has(v.id))
    const rest = instance.limits.restHours ?? 0
    this.closePairs = sessions.map((a, i) =>
      sessions.flatMap((b, j) => (i !== j && hoursBetween(a, b) < rest ? [j] : []))
    )
    this.spacedPairs = sessions.flatMap((a, i) =>
      sessions.flatMap((
        b, j,
      ) => (j > i && hoursBetween(a, b) >= rest && hoursBetween(a, b) < DEFAULTS.spacingHours ? [[i, j] as const] : []))
    )
    const lifts = actions.map(action => liftDose(instance, action))
    this.low = Float64Array.from(actions, (a, k) => (bands[a] ? bands[a].low - lifts[k]! : -Infinity))
    this.room = Float64Array.from(actions, (a, k) => (bands[a] ? Math.max(0, bands[a].high - lifts[k]!) : Infinity))
    this.weight = Float64Array.from(actions, a => bands[a]?.weight ?? DEFAULTS.weight)
    this.over = Float64Array.from(actions, a => bands[a]?.over ?? DEFAULTS.over)
    const resists = instance.resisting && new Set(instance.resisting)
    this.sign = resists ? Float64Array.from(actions, a => (resists.has(a) ? 1 : -1)) : null
    this.lead0 = this.sign ? lifts.reduce((sum, dose, k) => sum + this.sign![k]! * dose, 0) : 0
  }

  has(index: number): boolean {
    return this.position[index]! >= 0
  }

  /** The chosen column of a variation in a session, -1 where there is none. */
  at(variation: number, session: number): number {
    if (this.usesIn[variation * this.S + session] === 0) return -1
    return this.chosen.find(i => this.columns[i]!.variation === variation && this.columns[i]!.session === session) ?? -1
  }

  /** Whether a column can be added without breaking a hard rule. */
  fits(index: number): boolean {
    const { variation: v, session: s, slot: l, dose, demand } = this.columns[index]!
    const { instance: { sessions, variations, limits }, S } = this
    if (this.usesIn[v * S + s]! > 0) return false
    if (limits.appearances !== undefined && this.uses[v]! >= limits.appearances) return false
    const session = sessions[s]!
    const slot = session.slots[l]!
    if (this.sessionItems[s]! >= session.items) return false
    if (this.sessionTime[s]! + (slot.paired ? dose.seconds / 2 : dose.seconds) > session.capS) return false
    if (session.workCapS !== undefined && this.sessionWork[s]! + dose.seconds > session.workCapS) return false
    const at = this.slotStart[s]! + l
    if (slot.items !== undefined && this.slotItems[at]! >= slot.items) return false
    if (slot.capS !== undefined && this.slotTime[at]! + dose.seconds > slot.capS) return false
    if (slot.fatigue !== undefined && this.slotFatigue[at]! + dose.fatigue > slot.fatigue) return false
    if (limits.spineCost !== undefined && this.spine + variations[v]!.spineCost > limits.spineCost) return false
    if (limits.cycles !== undefined && this.cycles + (dose.cycles ?? 0) > limits.cycles) return false
    if (limits.distinct !== undefined && this.uses[v] === 0 && this.distinct >= limits.distinct) return false
    const group = this.groups[v]!
    if (group >= 0) {
      if (this.groupUsesIn[group * S + s]! > 0) return false
      if (limits.groupPerWeek !== undefined && this.groupUses[group]! >= limits.groupPerWeek) return false
    }
    return limits.highOver === undefined || this.rests(s, demand, limits.highOver)
  }

  private rests(s: number, demand: readonly number[], highOver: number): boolean {
    const { K } = this
    for (let k = 0; k < K; k++) {
      if (demand[k] === 0 || this.sessionDose[s * K + k]! + demand[k]! <= highOver) continue
      for (const other of this.closePairs[s]!) if (this.sessionDose[other * K + k]! > highOver) return false
    }
    return true
  }

  add(index: number): void {
    this.position[index] = this.chosen.length
    this.chosen.push(index)
    this.count(this.columns[index]!, 1)
  }

  remove(index: number): void {
    const at = this.position[index]!
    const last = this.chosen.pop()!
    if (last !== index) {
      this.chosen[at] = last
      this.position[last] = at
    }
    this.position[index] = -1
    this.count(this.columns[index]!, -1)
  }

  private count({ variation: v, session: s, slot: l, dose, demand, cost }: Column, by: 1 | -1): void {
    const { K, S } = this
    for (let k = 0; k < K; k++) {
      this.doses[k]! += by * demand[k]!
      this.sessionDose[s * K + k]! += by * demand[k]!
    }
    const at = this.slotStart[s]! + l
    const paired = this.instance.sessions[s]!.slots[l]!.paired
    this.sessionTime[s]! += by * (paired ? dose.seconds / 2 : dose.seconds)
    this.sessionWork[s]! += by * dose.seconds
    this.sessionItems[s]! += by
    this.slotTime[at]! += by * dose.seconds
    this.slotItems[at]! += by
    this.slotFatigue[at]! += by * dose.fatigue
    this.usesIn[v * S + s]! += by
    this.uses[v]! += by
    // The first use comes, or the last one goes.
    if (this.uses[v] === (by === 1 ? 1 : 0)) {
      this.distinct += by
      if (this.isPrevious[v]) this.kept += by
      else this.fresh += by
    }
    const group = this.groups[v]!
    if (group >= 0) {
      this.groupUses[group]! += by
      this.groupUsesIn[group * S + s]! += by
    }
    for (const p of this.planesOf[v]!) {
      this.planeIn[p * S + s]! += by
      if (this.planeIn[p * S + s] === (by === 1 ? 1 : 0)) this.planeMet[p]! += by
    }
    this.spine += by * this.instance.variations[v]!.spineCost
    this.cycles += by * (dose.cycles ?? 0)
    this.cost += by * cost
  }

  /** Cost of everything wanted and not there. */
  goal(): number {
    const { instance: { penalties, planes, keep } } = this
    let cost = 0
    let lead = this.lead0
    for (let k = 0; k < this.K; k++) {
      const dose = this.doses[k]!
      if (dose < this.low[k]!) cost += (this.low[k]! - dose) * this.weight[k]!
      if (dose > this.room[k]!) cost += (dose - this.room[k]!) * this.over[k]!
      if (this.sign) lead += this.sign[k]! * dose
    }
    if (this.sign && lead < 0) cost -= lead * (penalties?.resisting ?? DEFAULTS.resisting)
    for (let p = 0; p < this.planeIds.length; p++)
      cost += Math.max(0, planes![this.planeIds[p]!]! - this.planeMet[p]!) * (penalties?.plane ?? DEFAULTS.plane)
    return cost + Math.max(0, (keep ?? 0) - this.kept) * (penalties?.keep ?? DEFAULTS.keep)
  }

  /** Cost of the second level. */
  preference(): number {
    const { instance: { limits: { highOver }, preference, previous }, K } = this
    let close = 0
    if (highOver !== undefined) {
      for (const [a, b] of this.spacedPairs) {
        for (let k = 0; k < K; k++)
          if (this.sessionDose[a * K + k]! > highOver && this.sessionDose[b * K + k]! > highOver) close += 1
      }
    }
    return this.cost + (preference?.spacing ?? DEFAULTS.spacing) * close
      + ((previous?.length ?? 0) > 0 ? (preference?.fresh ?? DEFAULTS.fresh) * this.fresh : 0)
  }

  /** The action furthest below its band, by what it costs; -1 when none is short. */
  shortest(): number {
    let [worst, most] = [-1, 0]
    for (let k = 0; k < this.K; k++) {
      const cost = (this.low[k]! - this.doses[k]!) * this.weight[k]!
      if (cost > most) [worst, most] = [k, cost]
    }
    return worst
  }

  /** The plan in the order of sessions, slots and ids. */
  plan(): PlannerItem[] {
    const { sessions, variations } = this.instance
    return [...this.chosen].map(i => this.columns[i]!)
      .sort((a, b) =>
        a.session - b.session || a.slot - b.slot || (variations[a.variation]!.id < variations[b.variation]!.id ? -1 : 1)
      )
      .map(c => ({
        variation: variations[c.variation]!.id, session: sessions[c.session]!.id,
        slot: sessions[c.session]!.slots[c.slot]!.id, sets: c.dose.sets,
      }))
  }
}
