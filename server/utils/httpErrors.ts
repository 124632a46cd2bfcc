import { DomainError } from '~~/core/errors'
import { AppError, ERROR_STATUS, type ErrorBody } from '~~/shared/errors'

/** An error as it leaves the server, and whether somebody should look into it. */
interface HttpFailure {
  readonly status: number
  readonly body: ErrorBody
  readonly unexpected: boolean
}

const failure = (error: AppError, unexpected = false): HttpFailure => ({
  status: ERROR_STATUS[error.code],
  body: {
    code: error.code, message: error.message, ...(error.fields ? { fields: error.fields } : {}),
    ...(error.current === undefined ? {} : { current: error.current }),
  },
  unexpected,
})

/**
 * PostgreSQL, network and pool codes that mean "not now" rather than "never": no connection, server going down or
 * coming up, too many connections, a wait that was given up, a deadlock, and a disk that takes nothing.
 */
const NOT_NOW = new Set([
  'ECONNREFUSED', 'ECONNRESET', 'ETIMEDOUT', 'EPIPE', '57P01', '57P02', '57P03', '53300', '08000', '08003', '08006',
  '08001', '08004', '57014', '55P03', '40P01', '40001', '25006', '25P03',
])
const DISK = new Set(['53100', '53200', '58030', '53000'])
/** What pg says without a code when a connection ends under it. */
const LOST = new RegExp([
  'Connection terminated', 'timeout exceeded when trying to connect', 'Client has encountered a connection error',
  'not queryable',
].join('|'))

const WRONG_VALUE = new Set([
  '22P02', '22003', '22021', '22P05', '22007', '22008', '22001', '22026', '54000', '23514', '23502',
])

/** Whether a failure passes by itself: the database is away, full or overrun for now. */
export function isPassing(error: unknown): boolean {
  return toHttpFailure(error).body.code === 'notReady'
}

/** Turns anything thrown into the one error shape; details stay in the log. */
// eslint-disable-next-line complexity -- one line for each kind of error
export function toHttpFailure(error: unknown): HttpFailure {
  if (error instanceof AppError) return failure(error)
  if (error instanceof DomainError)
    return failure(new AppError('badInput', error.message, { [error.field]: error.message }))
  const { code, name, statusCode, message } = (error ?? {}) as {
    code?: string
    name?: string
    statusCode?: number
    message?: string
  }
  if (code === '23505') return failure(new AppError('alreadyExists', 'This is already there.'))
  if (code && WRONG_VALUE.has(code)) return failure(new AppError('badInput', 'Some of this cannot be stored.'))
  if (code === '23503') return failure(new AppError('notFound', 'Something this leans on is not there.'))
  if (code === '42501') return failure(new AppError('notFound', 'There is nothing here that you may do this to.'), true)
  if (code && DISK.has(code)) {
    return failure(
      new AppError('notReady', 'The server cannot store anything just now. Nothing is lost here: it is tried again.'),
      true,
    )
  }
  if ((code && NOT_NOW.has(code)) || name === 'KnexTimeoutError' || LOST.test(message ?? '')) {
    return failure(
      new AppError('notReady', 'The database does not answer just now. Nothing is lost here: it is tried again.'),
      true,
    )
  }
  if (statusCode && statusCode >= 400 && statusCode < 500)
    return failure(new AppError('unreadable', 'The request cannot be read.'))
  return failure(new AppError('unexpected', 'Something went wrong on our side. It is in the log.'), true)
}
