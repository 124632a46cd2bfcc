import type { DoseUnit } from '../dose'
import { must } from '../errors'
import { G } from '../mechanics'
import type { Gate, Variation } from './variation'

const UNIT: Readonly<Record<DoseUnit, string>> = {
  seconds: ' s', reps: '', breaths: ' breaths', metres: ' m', letters: ' letters',
}

/**
 * The least load a gate holds at, in kilograms; null where it asks for none.
 *
 * @param massKg body mass
 * @example
 * gateLoadKg({ sets: 3, amount: 30, sessions: 2, seen: '', ofBody: 0.25 }, 80) // => 20
 */
export function gateLoadKg({ ofBody }: Gate, massKg: number): number | null {
  return ofBody === undefined ? null : ofBody * massKg
}

/**
 * A gate in words; with a body mass the load it holds at in kilograms, and in newtons where a band is pulled.
 *
 * @example
 * gateText(findVariation('carries.suitcase'), 80) // => '3 × 30 m, 2 sessions running, at 20 kg or more'
 */
export function gateText({ gate, doses, settings }: Variation, massKg: number | null = null): string {
  const amount = `${gate.sets} × ${gate.amount}${UNIT[must(doses[0]).unit]}`
  const sessions = gate.sessions === 1 ? 'once' : `${gate.sessions} sessions running`
  const last = gate.lastHoldS === undefined ? '' : `, the last repeat held for ${gate.lastHoldS} s`
  if (gate.ofBody === undefined) return `${amount}, ${sessions}${last}`
  const pulled = settings.includes('bandN') && !settings.includes('loadKg')
  const load = massKg === null
    ? `${Number((gate.ofBody * 100).toFixed(1))} % of body ${pulled ? 'weight' : 'mass'}`
    : pulled ? `${Math.round(gate.ofBody * massKg * G / 5) * 5} N` : `${Math.round(gate.ofBody * massKg * 2) / 2} kg`
  return `${amount}, ${sessions}, at ${load} or more${last}`
}
