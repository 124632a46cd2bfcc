import type { LinearModel } from '../planner'
import {
  DAY_KINDS, dayLimits, KIND_VOLUMES, restWeeks, SEASON_COSTS, taperWeeks, volumeBand, type SeasonInstance,
  type SeasonPlan,
} from '../season'

const HIGH = DAY_KINDS.indexOf('high')

/**
 * A season as a mixed-integer programme, written from the rules and not from the planner: a second way to the same
 * cost. Settled days that break a rule are not told here: oracle seasons have none.
 */
export function seasonModel(instance: SeasonInstance, before: SeasonPlan | null): LinearModel {
  const { weeks, phases, deloadEvery = 4, volumeRules = true } = instance
  const volumes = { ...KIND_VOLUMES, ...instance.volumes }
  const limits = dayLimits(instance)
  const tapers = taperWeeks(instance)
  const rests = restWeeks(instance)
  const model = {
    cost: [] as number[], lower: [] as number[], upper: [] as number[], integer: [] as boolean[],
    rows: [] as { family: string, index: number[], value: number[], lower: number, upper: number }[],
  }
  const variable = (cost: number, lower = 0, upper = 1, integer = true): number => {
    model.cost.push(cost)
    model.lower.push(lower)
    model.upper.push(upper)
    model.integer.push(integer)
    return model.cost.length - 1
  }
  const row = (terms: readonly (readonly [number, number])[], lower: number, upper: number): void => {
    model.rows.push({ family: 'season', index: terms.map(([i]) => i), value: terms.map(([, v]) => v), lower, upper })
  }
  const one = variable(0, 1, 1)

  const days = Array.from({ length: 7 * weeks }, (_, day) =>
    DAY_KINDS.map((kind, k) => {
      const settled = instance.fixed?.[day]
      const may = settled === undefined ? k <= limits[day]!.most : settled === kind
      const change = before?.days[day] !== undefined && before.days[day] !== kind ? SEASON_COSTS.change : 0
      const elsewhere = k === HIGH && instance.hardDays && !instance.hardDays.includes(day % 7)
        ? SEASON_COSTS.highElsewhere
        : 0
      return variable(change + elsewhere, 0, may ? 1 : 0)
    }))
  for (const kinds of days) row(kinds.map(v => [v, 1]), 1, 1)
  for (let day = 1; day < days.length; day++) row([[days[day - 1]![HIGH]!, 1], [days[day]![HIGH]!, 1]], 0, 1)
  const volume = (week: number, sign: number): [number, number][] =>
    days.slice(7 * week, 7 * week + 7).flatMap(kinds =>
      kinds.map((v, k): [number, number] => [v, sign * volumes[DAY_KINDS[k]!]])
    )

  // at[i][w]: week w is in phase i or a later one. One step a week, nothing skipped.
  const at = phases.map((_, i) => Array.from({ length: weeks }, (__, w) => variable(0, i === 0 ? 1 : 0, i > w ? 0 : 1)))
  phases.forEach((phase, i) => {
    for (let w = 1; w < weeks; w++) {
      row([[at[i]![w]!, 1], [at[i]![w - 1]!, -1]], 0, 1)
      if (i > 0) row([[at[i - 1]![w - 1]!, 1], [at[i]![w]!, -1]], 0, 1)
    }
    const length = at[i]!.flatMap((
      v, w,
    ): [number, number][] => [[v, 1], ...(at[i + 1] ? [[at[i + 1]![w]!, -1] as [number, number]] : [])])
    row([...length, [variable(SEASON_COSTS.phaseLength, 0, Infinity, false), 1]], phase.least, Infinity)
    row([...length, [variable(SEASON_COSTS.phaseLength, 0, Infinity, false), -1]], -Infinity, phase.most)
    // What it costs to begin in a week: a difference of two `at`s.
    at[i]!.forEach((v, w) => {
      const cost = (phase.start === null ? 0 : SEASON_COSTS.phaseShift * Math.abs(w - phase.start))
        + SEASON_COSTS.notOpen * Math.max(0, (phase.notBefore ?? 0) - w)
        + (before && before.phases.indexOf(i) !== w ? SEASON_COSTS.phaseMoved : 0)
      model.cost[v]! += cost
      if (w > 0) model.cost[at[i]![w - 1]!]! -= cost
    })
  })
  const inPhase = (w: number): [number, number][][] =>
    phases.map((_, i) => [[at[i]![w]!, 1], ...(at[i + 1] ? [[at[i + 1]![w]!, -1] as [number, number]] : [])])

  const lighter = Array.from({ length: weeks }, (_, w) => {
    const can = volumeRules && deloadEvery > 0 && !tapers[w]
    const was = before?.loads[w]
    const flip = was === undefined || tapers[w]
      ? 0
      : was === 'deload'
      ? -SEASON_COSTS.deloadFlipped
      : SEASON_COSTS.deloadFlipped
    if (was === 'deload' && !tapers[w]) model.cost[one]! += SEASON_COSTS.deloadFlipped
    return variable(SEASON_COSTS.deload + flip, 0, can ? 1 : 0)
  })
  if (!volumeRules) return model
  for (let w = deloadEvery - 1; deloadEvery > 0 && w < weeks; w++) {
    const stretch = Array.from({ length: deloadEvery }, (_, i) => w - i)
    const missing = variable(SEASON_COSTS.noUnload, 0, 1, false)
    row(
      [[missing, 1], ...stretch.map((v): [number, number] => [lighter[v]!, 1])],
      1 - stretch.filter(v => tapers[v] || rests[v]).length,
      Infinity,
    )
  }
  for (let w = 0; w < weeks; w++) {
    if (tapers[w]) {
      const bands = phases.map(phase => volumeBand(phase.volume, 'taper'))
      const weighed = (end: 'least' | 'most', sign: number): [number, number][] =>
        inPhase(w).flatMap((terms, i) => terms.map(([v, s]): [number, number] => [v, sign * s * bands[i]![end]]))
      row(
        [[variable(SEASON_COSTS.taper, 0, Infinity, false), 1], ...volume(w, 1), ...weighed('least', -1)],
        0, Infinity,
      )
      row([[variable(SEASON_COSTS.taper, 0, Infinity, false), 1], ...volume(w, -1), ...weighed('most', 1)], 0, Infinity)
      if (w > 0 && tapers[w - 1])
        row([[variable(SEASON_COSTS.taper, 0, Infinity, false), 1], ...volume(w, -1), ...volume(w - 1, 1)], 0, Infinity)
      continue
    }
    // Which phase and load a week has: its wanted volume is theirs.
    const both = phases.map(() => (['usual', 'deload'] as const).map(() => variable(0)))
    inPhase(w).forEach((terms, i) =>
      row([...both[i]!.map((v): [number, number] => [v, 1]), ...terms.map(([v, s]): [number, number] => [v, -s])], 0, 0)
    )
    row([...both.map((pair): [number, number] => [pair[1]!, 1]), [lighter[w]!, -1]], 0, 0)
    const wanted = (sign: number): [number, number][] =>
      phases.flatMap((phase, i) =>
        both[i]!.map((
          v, l,
        ): [number, number] => [v, sign * volumeBand(phase.volume, (['usual', 'deload'] as const)[l]!).least])
      )
    row([[variable(SEASON_COSTS.under, 0, Infinity, false), 1], ...volume(w, 1), ...wanted(-1)], 0, Infinity)
    row([[variable(SEASON_COSTS.over, 0, Infinity, false), 1], ...volume(w, -1), ...wanted(1)], 0, Infinity)
  }
  // Terms of one variable in a row are added up: solvers refuse the same column twice.
  for (const r of model.rows) {
    const sums = new Map<number, number>()
    r.index.forEach((v, i) => sums.set(v, (sums.get(v) ?? 0) + r.value[i]!))
    r.index = [...sums.keys()]
    r.value = [...sums.values()]
  }
  return model
}
