import { AppError, ERROR_STATUS, type ErrorBody } from '~~/shared/errors'

interface CallOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  readonly body?: unknown
}

/** Thrown when no answer came at all: the line is down or the server is. */
export class NoConnection extends Error {
  constructor() {
    super('No connection. What you typed is still here.')
    this.name = 'NoConnection'
  }
}

/**
 * Calls the server.
 *
 * @throws AppError as the server told it; NoConnection when nothing answered.
 */
export async function call<T>(path: string, options: CallOptions = {}): Promise<T> {
  try {
    return await $fetch<T>(path, { ...options, body: options.body as Record<string, unknown> | undefined, retry: 0 })
  }
  catch (error) {
    const body = (error as { data?: ErrorBody }).data
    if (body?.code && body.code in ERROR_STATUS) throw new AppError(body.code, body.message, body.fields)
    if ((error as { statusCode?: number }).statusCode) {
      throw new AppError('unexpected', 'The server answered something that cannot be read.')
    }
    throw new NoConnection()
  }
}

/** What to tell a person about anything thrown. */
export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.'
}
