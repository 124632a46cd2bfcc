import type { Repaired, FloorEvent, Room, Timetable } from '~~/core/floor'
import type { FloorBoard, FloorBoardInput, FloorDay } from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { threadOf } from './thread'
import { waitingWrites, writes } from './writes'

export const fetchFloor = (groupId: string): Promise<FloorDay> => keptCall(`/api/floor/${groupId}`)
export const fetchBoard = (groupId: string): Promise<{ board: FloorBoard | null }> =>
  call(`/api/floor/${groupId}/board`)
const boardKey = (groupId: string): string => `board/${groupId}`
/** A later stand takes the place of one that waits. */
export const keepBoard = (groupId: string, input: FloorBoardInput): Promise<{ board: FloorBoard | null } | null> =>
  writes.send({
    key: boardKey(groupId), label: 'The board of the floor', method: 'PUT', path: `/api/floor/${groupId}/board`,
    body: input,
  })
/** The stand of a board that waits on this device. */
export const waitingBoard = (groupId: string): FloorBoardInput | null =>
  (waitingWrites.value.find(({ key }) => key === boardKey(groupId))?.body as FloorBoardInput | undefined) ?? null

/** What the thread beside the page is asked. */
export type FloorAsk =
  | { readonly room: Room }
  | {
    readonly room: Room
    readonly before: Timetable
    readonly now: number
    readonly events: readonly FloorEvent[]
  }
export type FloorAnswer = { readonly timetable: Timetable } | { readonly repaired: Repaired }

const thread = threadOf<FloorAsk, FloorAnswer>(() =>
  new Worker(new URL('./floorThread.ts', import.meta.url), { type: 'module' }))

/**
 * Plans a floor, in a thread of its own.
 *
 * @throws Error with what the core refuses
 */
export async function planFloor(room: Room): Promise<Timetable> {
  const answer = await thread.ask({ room })
  if ('timetable' in answer) return answer.timetable
  throw new Error('The floor cannot be planned.')
}

/**
 * Mends a running timetable, in a thread of its own.
 *
 * @throws Error with what the core refuses
 */
export async function mendFloor(
  room: Room, before: Timetable, now: number, events: readonly FloorEvent[],
): Promise<Repaired> {
  const answer = await thread.ask({ room, before, now, events })
  if ('repaired' in answer) return answer.repaired
  throw new Error('The floor cannot be mended.')
}
