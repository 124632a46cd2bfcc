import type { DrillSession, Prescribed } from '../assessment'
import { kindOf, neighboursOf, type Variation } from '../catalogue'
import { must } from '../errors'
import { effortAt, grown, keyOf, loadsFor, shortened, type Given } from '../prescription'
import { meansOf, type PlanningContext } from '../programme'
import type { Step } from './decision'

/** What one drill was given as last: its last session as planned, in the setting of its first full set. */
export function givenLast(sessions: readonly DrillSession[], prescribed: readonly Prescribed[]): Given {
  const { sets: done, planned } = must(sessions.at(-1))
  const full = must(done.find(set => set.amount >= planned) ?? done[0])
  const item = prescribed.find(one => one.itemId === full.prescribedItemId)
  const { unit, tempo, setting } = full
  const bare = { sets: 1, amount: planned, unit, restS: 0, ...tempo ? { tempo } : {} }
  const turns = done.filter(set => set.side === full.side).length
  return { dose: { ...bare, sets: turns, ...item?.dose }, setting }
}

/** A drill as it was given, with how far it goes. */
export function asStep(variation: Variation, { dose, setting }: Given, context: PlanningContext): Step {
  const { effort: { effort } } = effortAt(variation, { ...dose, sets: 1 }, setting, meansOf(context))
  return { variationId: variation.id, dose, setting, effort }
}

/** One variable more, its amount or its load first, and never past where a set is to land; null where neither may. */
export function moreOf(
  variation: Variation, last: Given, first: 'amount' | 'load', context: PlanningContext,
): Step | null {
  const means = meansOf(context)
  const steps = grown(variation, last, first, means).map(next => asStep(variation, next, context))
  return steps.find(step => step.effort <= means.landing.effort[1]) ?? null
}

/** One set more, where sets are all that the gate still asks for; null where they are not, or a set goes too far. */
export function anotherSet(variation: Variation, last: Given, context: PlanningContext): Step | null {
  const { landing } = meansOf(context)
  const sets = last.dose.sets + 1
  const { gate, branch, rung } = variation
  const below = rung < (context.screen.rungs[branch] ?? 1) || last.dose.amount < gate.amount
  if (below || sets > Math.min(gate.sets, landing.sets[1])) return null
  const step = asStep(variation, { ...last, dose: { ...last.dose, sets } }, context)
  return step.effort <= landing.effort[1] ? step : null
}

/** The rung above, begun with the fewest sets; null where there is none, or every way of giving it goes too far. */
export function rungUp(variation: Variation, context: PlanningContext): Step | null {
  const { harder } = neighboursOf(variation, context.screen.catalogue)
  const given = harder && firstOf(harder, context)
  return harder && given ? asStep(harder, given, context) : null
}

/** How a drill is begun: as it is prescribed, with the fewest sets; what is no work in its own lightest dose. */
export function firstOf(variation: Variation, context: PlanningContext): Given | null {
  const means = meansOf(context)
  if (kindOf(variation) !== 'work')
    return { dose: must(variation.doses[0]), setting: means.usualSetting(variation) }
  const found = means.prescribed(variation)
  return found && { dose: { ...found.dose, sets: means.landing.sets[0] }, setting: found.setting }
}

/**
 * A step back of the variable that went up last: its load, its amount, or the rung when nothing grew since it was
 * reached.
 */
export function stepBack(
  variation: Variation, sessions: readonly DrillSession[], last: Given, cameFrom: Variation | null,
  context: PlanningContext,
): Step | null {
  const grew = lastGrown(variation, sessions)
  if (grew === 'load') {
    const lighter = lighterBy(variation, last, context)
    if (lighter) return lighter
  }
  if (grew === null && cameFrom) {
    const given = firstOf(cameFrom, context)
    if (given) return asStep(cameFrom, given, context)
  }
  return shorter(variation, last, context)
}

/** Under the load of now, the heaviest whose set lands; the lightest where none does, null where there is none. */
function lighterBy(variation: Variation, last: Given, context: PlanningContext): Step | null {
  const means = meansOf(context)
  const key = keyOf(variation)
  const lighter = loadsFor(variation, means).filter(load => load < (last.setting[key] ?? 0)).reverse()
    .map(load => asStep(variation, { ...last, setting: { ...last.setting, [key]: load } }, context))
  return lighter.find(step => step.effort <= means.landing.effort[1]) ?? lighter.at(-1) ?? null
}

/** The same drill with less of it in a set, so little that it lands; null where there is no less. */
export function shorter(variation: Variation, last: Given, context: PlanningContext): Step | null {
  let next = shortened(last)
  if (next.dose.amount === last.dose.amount) return null
  for (;;) {
    const step = asStep(variation, next, context)
    const less = shortened(next)
    if (step.effort <= meansOf(context).landing.effort[1] || less.dose.amount === next.dose.amount) return step
    next = less
  }
}

/** What of a drill grew last over its sessions; null where nothing did. */
function lastGrown(variation: Variation, sessions: readonly DrillSession[]): 'load' | 'amount' | null {
  const key = keyOf(variation)
  const loadOf = ({ sets }: DrillSession): number => Math.max(0, ...sets.map(set => set.setting[key] ?? 0))
  for (let i = sessions.length - 1; i > 0; i -= 1) {
    const [before, after] = [must(sessions[i - 1]), must(sessions[i])]
    if (loadOf(after) > loadOf(before)) return 'load'
    if (after.planned > before.planned) return 'amount'
  }
  return null
}

/** Whether two steps give the same of the same drill. */
export const isSameStep = (a: Step, b: Step): boolean =>
  a.variationId === b.variationId && a.dose.amount === b.dose.amount && a.dose.sets === b.dose.sets
  && a.setting.loadKg === b.setting.loadKg && a.setting.bandN === b.setting.bandN
