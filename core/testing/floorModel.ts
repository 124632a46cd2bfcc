import { atOnceAt, type Block, type Room } from '../floor'
import type { LinearModel } from '../planner'

/** A start that somebody may have: a block of their own, or one they help with. */
interface Choice {
  readonly block: Block
  readonly who: string
  readonly own: boolean
  readonly start: number
}

/**
 * Whether a room can be through by a tick, as a whole-number program: one variable for each block and start, and for
 * each helper of it. Feasible exactly when it can. For holding a timetable against a general solver.
 */
export function floorModel(room: Room, end: number): LinearModel {
  const choices = choicesOf(room, end)
  const model: LinearModel = {
    cost: choices.map(() => 0), lower: choices.map(() => 0), upper: choices.map(() => 1),
    integer: choices.map(() => true), rows: [],
  }
  const row = (index: number[], lower: number, upper: number, value = index.map(() => 1)): void => {
    if (index.length > 0 || lower > 0) model.rows.push({ family: 'floor', index, value, lower, upper })
  }
  const where = (is: (one: Choice) => boolean): number[] => choices.flatMap((one, i) => (is(one) ? [i] : []))
  for (const { id: who, blocks, order } of room.athletes) {
    for (const [nth, block] of blocks.entries()) {
      row(where(one => one.own && one.block === block), 1, 1)
      for (let at = 0; block.partner && at < end; at++) {
        const [own, help] = [true, false].map(is => where(o => o.own === is && o.block === block && o.start === at))
        row([...own!, ...help!], 0, 0, [...own!.map(() => 1), ...help!.map(() => -1)])
      }
      const before = order === 'strict' ? blocks[nth - 1] : undefined
      if (before) inOrder(before, block)
    }
    const mine = choices.flatMap((one, i) => (one.who === who ? [i] : []))
    for (let tick = 0; tick < end; tick++) row(mine.filter(i => isOn(choices[i]!, tick)), 0, 1)
    if (room.moveTicks > 0) movesOf(mine)
  }
  const own = where(one => one.own)
  for (let tick = 0; tick < end; tick++) {
    const now = own.filter(i => isOn(choices[i]!, tick))
    for (const place of room.places)
      row(now.filter(i => choices[i]!.block.needs.includes(place.id)), 0, atOnceAt(place, tick))
    if (room.coach) row(now.filter(i => choices[i]!.block.watched), 0, atOnceAt(room.coach, tick))
    for (const pair of room.apart) {
      const which = model.cost.length
      for (const list of [model.cost, model.lower]) list.push(0)
      model.upper.push(1)
      model.integer.push(true)
      for (const [k, id] of pair.entries()) {
        const uses = now.filter(i => choices[i]!.block.needs.includes(id))
        const most = room.places.find(place => place.id === id)!.atOnce
        row([...uses, which], -Infinity, k === 0 ? 0 : most, [...uses.map(() => 1), k === 0 ? -most : most])
      }
    }
  }
  return model

  function inOrder(before: Block, block: Block): void {
    const move = before.needs[0] === block.needs[0] ? 0 : room.moveTicks
    for (let tick = 0; tick < end; tick++) {
      const begun = where(one => one.own && one.block === block && one.start <= tick)
      const over = where(one => one.own && one.block === before && one.start <= tick - before.ticks - move)
      row([...begun, ...over], -Infinity, 0, [...begun.map(() => 1), ...over.map(() => -1)])
    }
  }

  function movesOf(mine: readonly number[]): void {
    const kinds = [...new Set(mine.map(i => choices[i]!.block))]
    for (const first of kinds) {
      for (const then of kinds.filter(block => block.needs[0] !== first.needs[0])) {
        for (let tick = 0; tick < end; tick++) {
          const still = mine.filter(i => choices[i]!.block === first && isOn(choices[i]!, tick, room.moveTicks))
          row([...still, ...mine.filter(i => choices[i]!.block === then && isOn(choices[i]!, tick))], 0, 1)
        }
      }
    }
  }
}

function choicesOf({ athletes }: Room, end: number): Choice[] {
  return athletes.flatMap(({ id, blocks }) => blocks.flatMap(block =>
    athletes.filter(who => who.id === id || block.partner).flatMap(({ id: who, from }) =>
      Array.from({ length: Math.max(0, end - block.ticks - from + 1) }, (_, i): Choice =>
        ({ block, who, own: who === id, start: from + i })))))
}

const isOn = ({ block, start }: Choice, tick: number, after = 0): boolean =>
  start <= tick && tick < start + block.ticks + after
