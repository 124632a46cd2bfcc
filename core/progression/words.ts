import type { Catalogue } from '../catalogue'
import { DOSE_UNIT_WORDS, formatDose } from '../dose'
import { loadText } from '../programme'
import type { Decision, DecisionKind, Step } from './decision'

/** What each decision is called. */
export const DECISION_NAMES: Readonly<Record<DecisionKind, string>> = {
  refer: 'To be seen', swap: 'Another drill', down: 'A step down', up: 'Up a rung', more: 'More', stay: 'Stay',
}

/**
 * A step in words: sets, amount and what it is set to, and no tempo.
 *
 * @example
 * stepText({ variationId: 'press-out.standing', dose: { sets: 3, amount: 6, unit: 'reps', restS: 45 }, setting: { bandN: 100 }, effort: 0.5 }, STANDARD) // => '3 × 6 a side against 100 N'
 */
export function stepText({ variationId, dose, setting }: Step, catalogue: Catalogue): string {
  const { sets, amount, unit, restS } = dose
  const sides = catalogue.find(variationId)?.sides ?? 'both'
  return `${formatDose({ sets, amount, unit, restS }, sides)}${loadText(setting)}`
}

/**
 * What a decision would change, in a few words; nothing where nothing is given or all stays.
 *
 * @example
 * changeText({ from: step, to: null }, STANDARD) // => ''
 */
export function changeText({ from, to }: Pick<Decision, 'from' | 'to'>, catalogue: Catalogue): string {
  if (!to) return ''
  if (to.variationId !== from.variationId) return `begin with ${stepText(to, catalogue)}`
  const { setting: { loadKg, bandN }, dose: { amount, sets, unit } } = to
  const begun = amount === from.dose.amount ? '' : `, ${amount} ${DOSE_UNIT_WORDS[unit]} a set`
  if (loadKg !== undefined && loadKg !== from.setting.loadKg)
    return `${from.setting.loadKg ?? 0} → ${loadKg} kg${begun}`
  if (bandN !== undefined && bandN !== from.setting.bandN) return `${from.setting.bandN ?? 0} → ${bandN} N${begun}`
  if (amount === from.dose.amount && sets !== from.dose.sets) return `${from.dose.sets} → ${sets} sets`
  return `${from.dose.amount} → ${amount} ${DOSE_UNIT_WORDS[unit]}`
}

/**
 * A decision as the athlete is told of it; nothing of one that stays.
 *
 * @example
 * athleteText({ kind: 'refer', from: step, to: null }, STANDARD) // => 'Press-out, standing waits until somebody qualified has looked at you.'
 */
export function athleteText(
  { kind, from, to }: Pick<Decision, 'kind' | 'from' | 'to'>, catalogue: Catalogue,
): string {
  const name = catalogue.find(from.variationId)?.name ?? 'A drill'
  const next = to ? catalogue.find(to.variationId)?.name ?? 'another drill' : ''
  switch (kind) {
    case 'stay': return ''
    case 'refer': return `${name} waits until somebody qualified has looked at you.`
    case 'swap': return to ? `${next} takes the place of ${name.toLowerCase()}.` : `${name} is left out for now.`
    case 'up': return `You move up: ${next}, ${changeText({ from, to }, catalogue)}.`
    case 'more': return `A little more: ${name.toLowerCase()}, ${changeText({ from, to }, catalogue)}.`
    case 'down':
      return to && to.variationId !== from.variationId
        ? `A step back to get it clean: ${next}.`
        : `A step back to get it clean: ${name.toLowerCase()}, ${changeText({ from, to }, catalogue)}.`
  }
}
