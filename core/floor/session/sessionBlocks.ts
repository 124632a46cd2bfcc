import type { Catalogue } from '../../catalogue'
import { doseSessionS, type Dose, type Side, type Sides } from '../../dose'
import { circuitS, liftFacts, liftWithPairedS, type Circuit, type PlannedLift, type Slot } from '../../programme'
import { TICK_S, type Block } from '../room'
import { drillNeeds, liftNeeds, type Counts, type Needs } from './stations'

/** A drill of a session as it was handed out. */
export interface FloorItem {
  readonly id: string
  readonly variationId: string
  readonly dose: Dose
  readonly sides: Sides
  readonly extraSetSide: Side | null
  readonly slot: Slot
  /** Planned lift in whose rests, or inside which, it is done. */
  readonly pairedWith: string | null
  /** Circuit it is a station of, or is done between the rounds of. */
  readonly circuit?: string
  readonly between?: true
}

/** What one athlete does today. */
export interface FloorWork {
  /** Unique in the room. */
  readonly id: string
  readonly lifts: readonly PlannedLift[]
  readonly items: readonly FloorItem[]
  readonly circuits?: readonly Circuit[]
}

/** A block with what is done in it. */
export interface WorkBlock extends Block {
  readonly lift: string | null
  readonly items: readonly string[]
}

/** From this load on a coach looks on at a lift (common practice, no source). */
export const WATCHED_FROM_PERCENT = 90

/**
 * The blocks of a session in the order of doing: what wakes up, each lift with what lies in its rests, the rest, and
 * finishers. Drills one after another at the same place are one block, and so is a circuit with all it needs. A heavy
 * lift is watched, and so is whatever is new to the athlete.
 *
 * @param isNew whether a drill has not been done before, or was just moved up to
 * @throws DomainError `tempo` when a written one cannot be read
 * @example
 * sessionBlocks({ id: 's', lifts: [{ id: 'a', lift: 'benchPull', sets: 2, reps: 5, percent1Rm: 65 }], items: [] }, STANDARD, {}).map(({ needs, ticks }) => [needs, ticks]) // => [[['bench', 'barbell'], 7]]
 */
export function sessionBlocks(
  { id, lifts, items, circuits = [] }: FloorWork, catalogue: Catalogue, counts: Counts,
  isNew: (variationId: string) => boolean = () => false,
): WorkBlock[] {
  const inSlot = (...slots: readonly Slot[]): FloorItem[] =>
    slots.flatMap(slot => items.filter(item => item.slot === slot))
  const needsOf = ({ variationId }: FloorItem): Needs => {
    const drill = catalogue.find(variationId)
    return drill ? drillNeeds(drill, counts) : { needs: ['floor'], partner: false }
  }
  const alone = (item: FloorItem): WorkBlock => ({
    id: `${id}/${item.id}`, ...needsOf(item), ticks: ticksOf(secondsOf(item)), watched: isNew(item.variationId),
    lift: null, items: [item.id],
  })
  const withLift = (planned: PlannedLift): WorkBlock => {
    const own = inSlot('paired', 'inside').filter(({ pairedWith }) => pairedWith === planned.id)
    const more = own.map(needsOf)
    const pairedS = own.reduce((sum, item) => sum + secondsOf(item), 0)
    return {
      id: `${id}/${planned.id}`,
      needs: [...new Set([...liftNeeds(planned.lift), ...more.flatMap(one => one.needs)])],
      ticks: ticksOf(liftWithPairedS(planned, pairedS)),
      watched: planned.percent1Rm >= WATCHED_FROM_PERCENT || own.some(item => isNew(item.variationId)),
      partner: more.some(({ partner }) => partner), lift: liftFacts(planned.lift).name, items: own.map(item => item.id),
    }
  }
  const asCircuit = (circuit: Circuit): WorkBlock => {
    const own = items.filter(item => item.circuit === circuit.id)
    const all = own.map(needsOf)
    return {
      id: `${id}/${circuit.id}`, needs: [...new Set(all.flatMap(one => one.needs))],
      ticks: ticksOf(circuitS(circuit, own, catalogue)), partner: all.some(({ partner }) => partner),
      watched: own.some(item => isNew(item.variationId)), lift: null, items: own.map(item => item.id),
    }
  }
  /** Drills in a row; a circuit stands whole where its first station stands. */
  const inRow = (row: readonly FloorItem[]): WorkBlock[] => {
    const at = row.findIndex(item => circuits.some(circuit => circuit.id === item.circuit))
    const circuit = circuits.find(one => one.id === row[at]?.circuit)
    if (!circuit) return joined(row.map(alone))
    return [
      ...joined(row.slice(0, at).map(alone)), asCircuit(circuit),
      ...inRow(row.slice(at).filter(item => item.circuit !== circuit.id)),
    ]
  }
  return [...inRow(inSlot('activation')), ...lifts.map(withLift), ...inRow(inSlot('after', 'finisher'))]
}

const secondsOf = ({ dose, sides, extraSetSide }: FloorItem): number => doseSessionS(dose, sides, extraSetSide)
const ticksOf = (seconds: number): number => Math.max(1, Math.ceil(seconds / TICK_S))

/** Longest block that drills in a row at one place are joined to: somebody else wants to get there too. */
const JOINED_TICKS = 600 / TICK_S

function joined(blocks: readonly WorkBlock[]): WorkBlock[] {
  const all: WorkBlock[] = []
  for (const block of blocks) {
    const last = all.at(-1)
    const same = last && last.needs.join() === block.needs.join() && last.partner === block.partner
    if (!same || last.ticks + block.ticks > JOINED_TICKS) all.push(block)
    else all[all.length - 1] = {
      ...last, ticks: last.ticks + block.ticks, watched: last.watched || block.watched,
      items: [...last.items, ...block.items],
    }
  }
  return all
}

