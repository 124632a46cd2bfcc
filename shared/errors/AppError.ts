/** Every way a request can fail, with the HTTP status it travels under. */
export const ERROR_STATUS = {
  badInput: 422,
  unreadable: 400,
  notSignedIn: 401,
  wrongSignIn: 401,
  codeNeeded: 401,
  notAllowed: 403,
  badToken: 403,
  notFound: 404,
  changedElsewhere: 409,
  alreadyExists: 409,
  stopped: 409,
  needsReason: 409,
  linkOver: 410,
  tooLarge: 413,
  tooMany: 429,
  notReady: 503,
  unexpected: 500,
} as const
export type ErrorCode = keyof typeof ERROR_STATUS

/** The one error shape that leaves the server: a code, a plain message, and messages by field. */
export interface ErrorBody {
  readonly code: ErrorCode
  readonly message: string
  readonly fields?: Readonly<Record<string, string>>
  /** What is stored now, where another write came first: the two can be put side by side. */
  readonly current?: unknown
}

/** A failure that the user may read about. */
export class AppError extends Error {
  readonly code: ErrorCode
  readonly fields: Readonly<Record<string, string>> | undefined
  readonly current: unknown

  constructor(code: ErrorCode, message: string, fields?: Readonly<Record<string, string>>, current?: unknown) {
    super(message)
    this.name = 'AppError'
    this.code = code
    this.fields = fields
    this.current = current
  }
}

/** What is stored now, where another write came first; null for every other trouble. */
export function storedFirst<T>(error: unknown): T | null {
  if (!(error instanceof AppError) || error.code !== 'changedElsewhere') return null
  return (error.current as T | undefined) ?? null
}

/** Thrown when no answer came at all: the line is down or the server is. */
export class NoConnection extends Error {
  constructor() {
    super('No connection. What you typed is still here.')
    this.name = 'NoConnection'
  }
}

/** What to tell a person about anything thrown. */
export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.'
}
