/** Every way a request can fail, with the HTTP status it travels under. */
export const ERROR_STATUS = {
  badInput: 422,
  unreadable: 400,
  notSignedIn: 401,
  wrongSignIn: 401,
  notAllowed: 403,
  notFound: 404,
  changedElsewhere: 409,
  alreadyExists: 409,
  notReady: 503,
  unexpected: 500,
} as const
export type ErrorCode = keyof typeof ERROR_STATUS

/** The one error shape that leaves the server: a code, a plain message, and messages by field. */
export interface ErrorBody {
  readonly code: ErrorCode
  readonly message: string
  readonly fields?: Readonly<Record<string, string>>
}

/** A failure that the user may read about. */
export class AppError extends Error {
  readonly code: ErrorCode
  readonly fields: Readonly<Record<string, string>> | undefined

  constructor(code: ErrorCode, message: string, fields?: Readonly<Record<string, string>>) {
    super(message)
    this.name = 'AppError'
    this.code = code
    this.fields = fields
  }
}
