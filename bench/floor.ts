import { timetable } from '~~/core/floor'
import { aRoom } from '~~/core/testing/rooms'
import { floorModel } from '~~/core/testing/floorModel'
import { highsSolver } from '~~/solver/highs'

const ROOMS = 200
/** Rooms that a general solver is asked about as well, and the longest it may take for one. */
const [SMALL_ROOMS, WALL_S] = [8, 20]

/** Random rooms of up to 30 athletes: how many are at their bound, how fast, and how a general solver does. */
export async function benchFloor(): Promise<string> {
  const times: number[] = []
  const gaps: number[] = []
  for (let seed = 0; seed < ROOMS; seed++) {
    const room = aRoom(seed)
    const from = performance.now()
    const { end, bound, proven } = timetable(room)
    times.push(performance.now() - from)
    if (!proven) gaps.push(end - bound.end)
  }
  const solver = await highsSolver()
  const ratios: number[] = []
  for (let seed = 300; seed < 300 + SMALL_ROOMS; seed++) {
    const room = aRoom(seed, 5)
    const from = performance.now()
    const { end } = timetable(room)
    const between = performance.now()
    solver({ model: floorModel(room, end), whole: true, grain: 1, wallS: WALL_S })
    ratios.push((performance.now() - between) / (between - from))
  }
  const sorted = (list: readonly number[]): number[] => [...list].sort((a, b) => a - b)
  const [byTime, byRatio] = [sorted(times), sorted(ratios)]
  const ms = (part: number): string => byTime[Math.floor(part * (ROOMS - 1))]!.toFixed(0)
  return [
    `Floor, ${ROOMS} rooms of up to 30 athletes: ${ROOMS - gaps.length} at the bound`,
    `the others ${sorted(gaps).map(gap => gap / 2).join(', ')} min above it`,
    `median ${ms(0.5)} ms, 95 % ${ms(0.95)} ms, longest ${ms(1)} ms`,
    `a general solver takes ${byRatio[Math.floor(SMALL_ROOMS / 2)]!.toFixed(0)} times as long for a small room`,
  ].join('; ')
}
