import { defineEventHandler } from 'h3'
import { AppError } from '~~/shared/errors'
import { isDeclared } from '../utils/accessRules'
import { errorsInShape } from '../utils/defineRoute'

const nothing = errorsInShape(() => Promise.reject(new AppError('notFound', 'There is nothing at this address.')))

/** Whatever is not declared is not there: a route without a rule, or a method nobody wrote, is never reached. */
export default defineEventHandler((event) => {
  const path = event.path.split('?')[0]!
  if (!path.startsWith('/api/') && path !== '/api') return undefined
  return isDeclared(event.method, path) ? undefined : nothing(event)
})
