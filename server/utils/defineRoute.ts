import { defineEventHandler, getRouterParam, readBody, setResponseHeader, setResponseStatus, type EventHandler, type H3Event } from 'h3'
import type { ObjectSchema } from 'joi'
import { isTrainingDay } from '~~/core/calendar'
import { AppError, type ErrorBody } from '~~/shared/errors'
import { checked } from '~~/shared/schemas'
import type { Me, Role } from '~~/shared/types'
import type { Context } from '../services/context'
import { toHttpFailure } from './httpErrors'
import { useRuntime } from './runtime'
import { signedIn } from './signedIn'

/** Roles that plan; roles that may also read and log; everybody. */
export const COACHES: readonly Role[] = ['headCoach', 'coach']
export const STAFF: readonly Role[] = [...COACHES, 'assistant']
export const ALL: readonly Role[] = [...STAFF, 'athlete']

/** What a handler is given: checked body, the context to call services with, and path parameters by name. */
export interface RouteInput<Body> {
  readonly event: H3Event
  readonly body: Body
  readonly context: Context
  readonly me: Me
  readonly param: (name: string) => string
}

interface RouteOptions<Body, Answer> {
  readonly roles: readonly Role[]
  readonly body?: ObjectSchema<Body>
  readonly handle: (input: RouteInput<Body>) => Promise<Answer>
}

/** A route for signed-in people: authorise, validate, call, answer; every error in the one shape. */
export function defineRoute<Answer, Body = undefined>(options: RouteOptions<Body, Answer>): EventHandler {
  return guarded(async (event) => {
    const who = await signedIn(event)
    if (!who) throw new AppError('notSignedIn', 'Sign in first.')
    if (!options.roles.includes(who.actor.role)) throw new AppError('notAllowed', 'Your role may not do this.')
    const body = options.body ? checked(options.body, await readBodySafely(event)) : undefined
    return options.handle({
      event,
      body: body as Body,
      me: who.me,
      context: { db: useRuntime().db, actor: who.actor, today: who.me.today },
      param: name => uuidOrDayParam(event, name),
    })
  })
}

/** A route for anybody, with the same error shape. */
export function guarded<Answer>(handle: (event: H3Event) => Promise<Answer>): EventHandler {
  return defineEventHandler(async (event): Promise<Answer | ErrorBody> => {
    const { log, ready } = useRuntime()
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      await ready
      return await handle(event)
    }
    catch (error) {
      const { status, body, unexpected } = toHttpFailure(error)
      if (unexpected) {
        const { message, stack, code } = (error ?? {}) as { message?: string, stack?: string, code?: string }
        log.error({ requestId: event.context.requestId as string, code, error: message ?? String(error), stack }, 'request failed')
      }
      setResponseStatus(event, status)
      return body
    }
  })
}

/** The JSON body; nothing, and anything that is not JSON, is told apart from a wrong value. */
export async function readBodySafely(event: H3Event): Promise<unknown> {
  try {
    return await readBody<unknown>(event, { strict: true })
  }
  catch {
    throw new AppError('unreadable', 'The request cannot be read.')
  }
}

/** Path parameters are keys or days; anything else names nothing that exists. */
function uuidOrDayParam(event: H3Event, name: string): string {
  const value = getRouterParam(event, name) ?? ''
  if (/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(value)) return value.toLowerCase()
  if (isTrainingDay(value)) return value
  throw new AppError('notFound', 'There is nothing at this address.')
}
