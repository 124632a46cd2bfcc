import { getRouterParam } from 'h3'
import { AppError } from '~~/shared/errors'
import { readReport } from '../../services/reports'
import { defineOpenRoute, mustBePrepared } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'

/** A secret as it is made: 32 random bytes. */
const SECRET = /^[\w-]{43}$/

export default defineOpenRoute('GET /api/shared/:token', async (event) => {
  const token = getRouterParam(event, 'token') ?? ''
  if (!SECRET.test(token)) throw new AppError('notFound', 'There is no report at this address, or it has expired.')
  const { db, configuration } = useRuntime()
  return readReport({ db, queue: mustBePrepared().queue, publicUrl: configuration.publicUrl }, token)
})
