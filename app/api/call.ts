import { AppError, ERROR_STATUS, NoConnection, type ErrorBody } from '~~/shared/errors'
import type { SessionAnswer } from '~~/shared/types'
import { Left, openDoor, throughDoor } from './door'

interface CallOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
  /** The sender's own name for a write: sent again, it is the same write. */
  readonly writeId?: string
  /** What is known already, by what it is known by. */
  readonly tag?: string | null
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
export const call = async <T>(path: string, options: CallOptions = {}): Promise<T> =>
  (await callWith<T>(path, options)).answer

/** An answer and what it is known by. */
interface Tagged<T> {
  readonly answer: T
  readonly tag: string | null
}

/**
 * Asks for what may not have changed since.
 *
 * @returns null where what is known by this tag still holds.
 * @throws as `call`
 */
export async function callSince<T>(path: string, tag: string | null): Promise<Tagged<T> | null> {
  const found = await callWith<T>(path, { tag })
  return found.unchanged ? null : found
}

async function callWith<T>(path: string, options: CallOptions): Promise<Tagged<T> & { readonly unchanged: boolean }> {
  try {
    return await request<T>(path, options)
  }
  catch (error) {
    if (!(error instanceof AppError)) throw error
    if (error.code === 'notSignedIn' && !options.unasked) tellEnded()
    if (error.code !== 'badToken') throw error
    // Signed in again in another tab: the token of that sign-in is the one that counts.
    useToken((await request<SessionAnswer>('/api/session', {})).answer.csrf)
    return request<T>(path, options)
  }
}

async function request<T>(
  path: string, { method, body, writeId, tag }: CallOptions,
): Promise<Tagged<T> & { readonly unchanged: boolean }> {
  const headers: Record<string, string> = {}
  const isRead = (method ?? 'GET') === 'GET'
  if (!isRead && token) headers['x-keen-csrf'] = token
  if (writeId) headers['x-keen-write'] = writeId
  if (tag) headers['if-none-match'] = tag
  try {
    const answer = await throughDoor(isRead, signal =>
      $fetch.raw<T>(path, { method, headers, body: body as Record<string, unknown> | undefined, retry: 0, signal }))
    tellAnswered()
    return { answer: answer._data as T, tag: answer.headers.get('etag'), unchanged: answer.status === 304 }
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
