import { checkDose } from '../dose'
import { DomainError } from '../errors'
import { ACTION_FACTS, TRUNK_ACTIONS } from './trunkAction'
import type { OwnVariation } from './own'

const WORDS = { name: 'name', purpose: 'purpose', setUp: 'set-up', stopSign: 'stop sign' } as const

/**
 * Checks what the type cannot: shares sum to 1, the words are there, doses make sense and the gate can be reached. A
 * drill that is not there to load the trunk resists nothing, and may do nothing at all.
 *
 * @throws DomainError naming the field that is wrong.
 * @example
 * checkVariation(VARIATIONS[0]) // => undefined
 */
// eslint-disable-next-line complexity -- a list of refusals, each a line of its own
export function checkVariation(variation: OwnVariation): void {
  const total = TRUNK_ACTIONS.reduce((sum, action) => sum + (variation.shares[action] ?? 0), 0)
  // What is there to wake, to breathe or to loosen may do nothing at all; where it bends or turns, its hazards follow.
  const loads = variation.kind === undefined || total > 0
  if (loads && !(Math.abs(total - 1) < 1e-9)) throw new DomainError('shares', 'Action shares must sum to 1.')
  const resisted = TRUNK_ACTIONS.find(a => ACTION_FACTS[a].resists && variation.shares[a] !== undefined)
  if (variation.kind !== undefined && resisted) {
    const { label } = ACTION_FACTS[resisted]
    throw new DomainError('shares', `Activation, mobility and brace drills resist nothing: leave “${label}” out.`)
  }
  if (!Object.values(variation.shares).every(share => share > 0 && share <= 1)) {
    throw new DomainError('shares', 'Every share lies above 0 and up to 1.')
  }
  if (!/^[a-z0-9-]+\.[a-z0-9-]+$/.test(variation.id)) throw new DomainError('id', 'An id reads ladder.rung-name.')
  for (const field of ['name', 'purpose', 'setUp', 'stopSign'] as const) {
    if (variation[field].trim().length < 4) throw new DomainError(field, `Say its ${WORDS[field]}.`)
  }
  if (variation.faults.length === 0) throw new DomainError('faults', 'Say at least one fault and its fix.')
  if (variation.muscles.length === 0) throw new DomainError('muscles', 'Say what it works.')
  if (variation.equipment.some(need => need.length === 0)) {
    throw new DomainError('equipment', 'A need that nothing meets.')
  }
  if (!(Number.isInteger(variation.braceStep) && variation.braceStep >= 1 && variation.braceStep <= 7)) {
    throw new DomainError('braceStep', 'Brace steps go from 1 to 7.')
  }
  if (variation.doses.length === 0) throw new DomainError('doses', 'It needs a dose.')
  variation.doses.forEach(checkDose)
  if (new Set(variation.doses.map(dose => dose.unit)).size !== 1) {
    throw new DomainError('doses', 'Doses of a drill are counted in one unit, so that its gate can be read.')
  }
  const { sets, amount, sessions } = variation.gate
  if (!(sets >= 1 && amount >= 1 && sessions >= 1))
    throw new DomainError('gate', 'A gate asks for at least one of each.')
}
