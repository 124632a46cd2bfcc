import type { Body } from '../anatomy'
import { DomainError } from '../errors'
import type { Contact, Load, Resting, Section } from './statics'
import type { Skeleton } from './skeleton'

/** One thing that can be set about a position, in the unit a coach reads. */
export interface SettingFacts {
  readonly label: string
  readonly unit: 'kg' | 'cm' | 'N' | '°' | '%' | ''
  readonly min: number
  readonly max: number
  readonly step: number
  readonly default: number
}

export type ModelSettings = Readonly<Record<string, number>>

/** A position as it is held: the body, where it touches, and what is held. */
export interface Held {
  readonly skeleton: Skeleton
  readonly contacts: readonly Contact[]
  readonly loads: readonly Load[]
  readonly resting?: Resting
  /** Sections looked at; of several the one with the larger moment counts. */
  readonly sections?: readonly Section[]
}

/** How a position follows from a body and its settings. */
export interface Model {
  readonly id: string
  /** The side it is drawn from. */
  readonly view: 'side' | 'front'
  readonly settings: Readonly<Record<string, SettingFacts>>
  readonly hold: (body: Body, settings: ModelSettings) => Held
}

/**
 * A setting by its facts: label, unit, lowest, highest, step, default.
 *
 * @example
 * setting('Load', 'kg', 0, 60, 2.5, 0).default // => 0
 */
export function setting(
  label: string, unit: SettingFacts['unit'], min: number, max: number, step: number, standard: number,
): SettingFacts {
  return { label, unit, min, max, step, default: standard }
}

/**
 * Settings with the defaults filled in, checked against their ranges.
 *
 * @throws DomainError naming the setting that is unknown, no number, or out of range.
 * @example
 * settingsOf({ loadKg: setting('Load', 'kg', 0, 60, 2.5, 5) }, {}) // => { loadKg: 5 }
 */
export function settingsOf(facts: Model['settings'], given: Readonly<Record<string, unknown>>): ModelSettings {
  for (const name of Object.keys(given)) {
    if (!Object.hasOwn(facts, name)) throw new DomainError(name, `There is no setting ${name} here.`)
  }
  return Object.fromEntries(Object.entries(facts).map(([name, { label, unit, min, max, default: standard }]) => {
    const value = given[name] ?? standard
    if (typeof value !== 'number' || !(value >= min && value <= max)) {
      throw new DomainError(name, `${label} goes from ${min} to ${max} ${unit}.`.replace(' .', '.'))
    }
    return [name, value]
  }))
}

/**
 * A model, with its settings known by name inside `hold`.
 *
 * @example
 * defineModel('x', 'side', {}, () => { throw new Error('never held') }).id // => 'x'
 */
export function defineModel<Name extends string>(
  id: string, view: Model['view'], settings: Record<Name, SettingFacts>,
  hold: (body: Body, s: Readonly<Record<Name, number>>) => Held,
): Model {
  return { id, view, settings, hold: hold as Model['hold'] }
}
