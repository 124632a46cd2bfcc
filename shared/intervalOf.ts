import type { Circuit } from '../core/programme'
import { setSeconds } from '../core/dose'
import type { IntervalSession, IntervalStation, PhaseSet } from '../core/timer'
import type { DrillOption, PrescribedItem, PrescribedSession } from './types'

/** Which option somebody takes of each drill that leaves a choice, by its id. */
type OptionsTaken = Readonly<Record<string, string>>

/** What may be done in a set, what is asked first. */
export function optionsAt(item: PrescribedItem, setNumber: number): readonly DrillOption[] {
  return item.options?.[setNumber - 1] ?? [{ variationId: item.variationId, name: item.name }]
}

/** The option of a set that is taken: what was chosen for its drill where that may be done, else what is asked. */
export function optionTaken(item: PrescribedItem, setNumber: number, taken: OptionsTaken): DrillOption {
  const options = optionsAt(item, setNumber)
  return options.find(one => one.variationId === taken[item.id]) ?? options[0]!
}

/** Drills of a circuit that may be done today, in their order. */
export function circuitItems({ items }: PrescribedSession, { id }: Circuit): PrescribedItem[] {
  return items.filter(item => item.circuit === id && !item.stopped)
}

/**
 * A circuit as it is gone through by the clock. Where a session is nothing but circuits its warm-up and cool-down are
 * part of the first and the last of them.
 */
export function intervalOf(session: PrescribedSession, circuit: Circuit, taken: OptionsTaken): IntervalSession {
  const items = circuitItems(session, circuit)
  const between = items.find(item => item.between)
  const all = session.circuits ?? []
  const isWhole = session.lifts.length === 0
    && session.items.every(item => item.circuit !== undefined || item.slot === 'home' || item.stopped)
  const stationOf = (item: PrescribedItem): IntervalStation => ({
    id: item.id, sides: item.sides, workS: setSeconds(item.dose),
    names: Array.from({ length: item.dose.sets }, (_, i) => optionTaken(item, i + 1, taken).name),
  })
  return {
    stations: items.filter(item => !item.between).map(stationOf),
    rounds: circuit.rounds, times: circuit.times ?? 1, restS: circuit.restS, roundRestS: circuit.roundRestS,
    between: between ? stationOf(between) : null,
    warmUp: isWhole && all[0]?.id === circuit.id ? session.warmUp ?? [] : [],
    coolDown: isWhole && all.at(-1)?.id === circuit.id ? session.coolDown ?? [] : [],
  }
}

/** The drill that a set of a circuit belongs to. */
export function itemOfSet({ items }: PrescribedSession, { id }: PhaseSet): PrescribedItem | null {
  return items.find(item => item.id === id) ?? null
}
