import type { Repaired, FloorEvent, Room, Timetable } from '~~/core/floor'
import type { FloorBoard, FloorBoardInput, FloorDay } from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
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
  | { readonly id: number, readonly room: Room }
  | {
    readonly id: number
    readonly room: Room
    readonly before: Timetable
    readonly now: number
    readonly events: readonly FloorEvent[]
  }
export type FloorAnswer =
  | { readonly id: number, readonly timetable: Timetable }
  | { readonly id: number, readonly repaired: Repaired }
  | { readonly id: number, readonly problem: string }

let thread: Worker | null = null
let asked = 0
const waiting = new Map<number, (answer: FloorAnswer) => void>()

function ask(question: (id: number) => FloorAsk): Promise<FloorAnswer> {
  if (!thread) {
    thread = new Worker(new URL('./floorThread.ts', import.meta.url), { type: 'module' })
    thread.addEventListener('message', ({ data }: MessageEvent<FloorAnswer>) => {
      waiting.get(data.id)?.(data)
      waiting.delete(data.id)
    })
  }
  const one = question(++asked)
  return new Promise((resolve) => {
    waiting.set(one.id, resolve)
    thread!.postMessage(JSON.parse(JSON.stringify(one)))
  })
}

/**
 * Plans a floor, in a thread of its own.
 *
 * @throws Error with what the core refuses
 */
export async function planFloor(room: Room): Promise<Timetable> {
  const answer = await ask(id => ({ id, room }))
  if ('timetable' in answer) return answer.timetable
  throw new Error('problem' in answer ? answer.problem : 'The floor cannot be planned.')
}

/**
 * Mends a running timetable, in a thread of its own.
 *
 * @throws Error with what the core refuses
 */
export async function mendFloor(
  room: Room, before: Timetable, now: number, events: readonly FloorEvent[],
): Promise<Repaired> {
  const answer = await ask(id => ({ id, room, before, now, events }))
  if ('repaired' in answer) return answer.repaired
  throw new Error('problem' in answer ? answer.problem : 'The floor cannot be mended.')
}
