import { DomainError } from '~~/core/errors'
import { AppError, ERROR_STATUS, type ErrorBody } from '~~/shared/errors'

/** An error as it leaves the server, and whether somebody should look into it. */
export interface HttpFailure {
  readonly status: number
  readonly body: ErrorBody
  readonly unexpected: boolean
}

const failure = (error: AppError, unexpected = false): HttpFailure => ({
  status: ERROR_STATUS[error.code],
  body: { code: error.code, message: error.message, ...(error.fields ? { fields: error.fields } : {}) },
  unexpected,
})

/** PostgreSQL and pool codes that mean "not now" rather than "never". */
const NOT_NOW = new Set(['ECONNREFUSED', 'ECONNRESET', 'ETIMEDOUT', '57P01', '57P03', '53300', '08006', '08001', '08003'])

/** Turns anything thrown into the one error shape; details stay in the log. */
export function toHttpFailure(error: unknown): HttpFailure {
  if (error instanceof AppError) return failure(error)
  if (error instanceof DomainError) return failure(new AppError('badInput', error.message, { [error.field]: error.message }))
  const { code, name, statusCode } = (error ?? {}) as { code?: string, name?: string, statusCode?: number }
  if (code === '23505') return failure(new AppError('alreadyExists', 'This is already there.'))
  if (code === '22P02' || code === '22003' || code === '22021' || code === '22P05' || code === '22007' || code === '22008') {
    return failure(new AppError('badInput', 'Some of this cannot be stored.'))
  }
  if ((code && NOT_NOW.has(code)) || name === 'KnexTimeoutError') {
    return failure(new AppError('notReady', 'The database does not answer just now. Try again in a moment.'), true)
  }
  if (statusCode && statusCode >= 400 && statusCode < 500) return failure(new AppError('unreadable', 'The request cannot be read.'))
  return failure(new AppError('unexpected', 'Something went wrong on our side. It is in the log.'), true)
}
