import { AppError, ERROR_STATUS, NoConnection, type ErrorBody } from '~~/shared/errors'
import type { SessionAnswer } from '~~/shared/types'
import { Left, openDoor, throughDoor } from './door'

interface CallOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
  /** The sender's own name for a write: sent again, it is the same write. */
  readonly writeId?: string
  /** Asked by the clock and not by the person: an ended session is left for the next thing they do. */
  readonly unasked?: boolean
}

let token: string | null = null
let tellEnded: () => void = () => undefined
let tellAnswered: () => void = () => undefined

/** The token that this session's writes carry; with one, there is somebody to read for. */
export function useToken(csrf: string | null): void {
  token = csrf
  if (csrf) openDoor()
}

/** Calls `tell` whenever an answer says that the session has ended. */
export function whenSessionEnds(tell: () => void): void {
  tellEnded = tell
}

/** Calls `tell` whenever the server has answered. */
export function whenAnswered(tell: () => void): void {
  tellAnswered = tell
}

/**
 * Calls the server.
 *
 * @throws AppError as the server told it; NoConnection when nothing answered; Left when nobody is there to read for.
 */
export async function call<T>(path: string, options: CallOptions = {}): Promise<T> {
  try {
    return await request<T>(path, options)
  }
  catch (error) {
    if (!(error instanceof AppError)) throw error
    if (error.code === 'notSignedIn' && !options.unasked) tellEnded()
    if (error.code !== 'badToken') throw error
    // Signed in again in another tab: the token of that sign-in is the one that counts.
    useToken((await request<SessionAnswer>('/api/session', {})).csrf)
    return request<T>(path, options)
  }
}

async function request<T>(path: string, { method, body, writeId }: CallOptions): Promise<T> {
  const headers: Record<string, string> = {}
  const isRead = (method ?? 'GET') === 'GET'
  if (!isRead && token) headers['x-keen-csrf'] = token
  if (writeId) headers['x-keen-write'] = writeId
  try {
    const answer = await throughDoor(isRead, signal =>
      $fetch<T>(path, { method, headers, body: body as Record<string, unknown> | undefined, retry: 0, signal }))
    tellAnswered()
    return answer
  }
  catch (error) {
    if (error instanceof Left) throw error
    const answer = (error as { data?: ErrorBody }).data
    if (answer?.code && answer.code in ERROR_STATUS)
      throw new AppError(answer.code, answer.message, answer.fields, answer.current)
    const { statusCode } = error as { statusCode?: number }
    // A proxy in front of a server that is down answers in its own words.
    if (statusCode && ![502, 503, 504].includes(statusCode)) {
      throw new AppError('unexpected', 'The server answered something that cannot be read.')
    }
    throw new NoConnection()
  }
}
