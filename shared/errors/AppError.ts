/** Every way a request can fail, with the HTTP status it travels under. */
export const ERROR_STATUS = {
  badInput: 422,
  unreadable: 400,
  notSignedIn: 401,
  wrongSignIn: 401,
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
