import { createHash } from 'node:crypto'
import {
  defineEventHandler, getQuery, getRequestHeader, getRequestIP, getRouterParams, setResponseHeader, setResponseStatus,
  type EventHandler,
  type H3Event,
} from 'h3'
import type { ObjectSchema } from 'joi'
import { AppError, type ErrorBody } from '~~/shared/errors'
import { checked, dayParam, keyParam, mondayParam } from '~~/shared/schemas'
import type { Role } from '~~/shared/types'
import type { Context } from '../services/context'
import { ROUTE_RULES, type RouteName, type RouteRule } from './accessRules'
import { countedAddress } from './countedAddress'
import { csrfFits } from './csrf'
import { toHttpFailure } from './httpErrors'
import { readJson } from './readBody'
import { useRuntime, type Prepared } from './runtime'
import { signedIn, type SignedIn } from './signedIn'

/** What a handler is given: checked body and query, the context to call services with, and path parameters by name. */
interface RouteInput<Body, Query> {
  readonly event: H3Event
  readonly body: Body
  readonly query: Query
  readonly context: Context
  readonly who: SignedIn
  readonly param: (name: string) => string
}

interface RouteOptions<Body, Query, Answer> {
  readonly body?: ObjectSchema<Body>
  readonly query?: ObjectSchema<Query>
  /** What it answers may be seconds old, and it writes nothing. */
  readonly late?: true
  readonly handle: (input: RouteInput<Body, Query>) => Promise<Answer>
}

/** A route with the name it is declared under, so that a test can hold the two together. */
export type NamedRoute = EventHandler & { readonly routeName: RouteName }

/** How each path parameter is read. */
const PARAMS = {
  id: keyParam, groupId: keyParam, itemId: keyParam, startsOn: mondayParam, from: dayParam, to: dayParam,
} as const

/** A route for signed-in people: authorise, validate, call, answer; every error in the one shape. */
export function defineRoute<Answer, Body = undefined, Query = Record<string, never>>(
  name: RouteName, options: RouteOptions<Body, Query, Answer>,
): NamedRoute {
  const writes = !name.startsWith('GET ')
  return guarded(name, async (event) => {
    const { db, late, configuration } = useRuntime()
    const who = await signedIn(event)
    if (!who) throw new AppError('notSignedIn', 'Your session has ended. Sign in again; nothing typed is lost.')
    if (writes && !csrfFits(who.csrf, getRequestHeader(event, 'x-keen-csrf'))) {
      throw new AppError('badToken', 'This page is older than your session. Load it again.')
    }
    const { who: roles } = ROUTE_RULES[name] as RouteRule
    if (roles === 'anybody' || !roles.includes(who.actor.role as Role))
      throw new AppError('notAllowed', 'Your role may not do this.')
    const params = readParams(event)
    const query = readQuery(event, options.query)
    const body = options.body ? checked(options.body, await readJson(event)) : undefined
    const { queue } = mustBePrepared()
    return options.handle({
      event,
      body: body as Body,
      query: query as Query,
      who,
      context: {
        db: options.late ? late : db, actor: who.actor, today: who.me.today, queue,
        requestId: (event.context.requestId as string | undefined) ?? null,
        write: writes ? writeName(event, name, { params, body }) : null, publicUrl: configuration.publicUrl,
      },
      param: key => params[key]!,
    })
  })
}

/** A route for anybody, with the same error shape. */
export function defineOpenRoute<Answer>(name: RouteName, handle: (event: H3Event) => Promise<Answer>): NamedRoute {
  return guarded(name, handle)
}

function guarded<Answer>(name: RouteName, handle: (event: H3Event) => Promise<Answer>): NamedRoute {
  return Object.assign(errorsInShape(async (event) => {
    if (name !== 'GET /api/health') mustBePrepared()
    return handle(event)
  }), { routeName: name })
}

/**
 * Until the database is there and of this release the answer is "not now", at once: nobody hangs on a starting server.
 */
export function mustBePrepared(): Prepared {
  const { prepared } = useRuntime()
  if (!prepared) throw new AppError('notReady', 'The server is starting. Nothing is lost here: it is tried again.')
  return prepared
}

/** Turns whatever a handler throws into the one error shape, and details into the log. */
export function errorsInShape<Answer>(handle: (event: H3Event) => Promise<Answer>): EventHandler {
  return defineEventHandler(async (event): Promise<Answer | ErrorBody> => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      return await handle(event)
    }
    catch (error) {
      const { status, body, unexpected } = toHttpFailure(error)
      if (unexpected) logFailure(event, error)
      setResponseStatus(event, status)
      if (status === 429 || status === 503) setResponseHeader(event, 'retry-after', status === 429 ? 60 : 2)
      return body
    }
  })
}

/**
 * A database's message may quote what somebody typed: code, table and rule say enough. Other stacks are our own code.
 */
function logFailure(event: H3Event, error: unknown): void {
  const { message, stack, code, table, constraint, name } = (error ?? {}) as Record<string, string | undefined>
  const ours = code === undefined
  useRuntime().log.error({
    requestId: event.context.requestId as string, name, code, table, constraint,
    ...(ours ? { error: message ?? String(error), stack } : {}),
  }, 'request failed')
}

/** The address of whoever calls, for counting tries. */
export function callerAddress(event: H3Event): string {
  const { trustProxy } = useRuntime().configuration
  return countedAddress(getRequestIP(event), trustProxy ? getRequestHeader(event, 'x-forwarded-for') : undefined)
}

function readParams(event: H3Event): Record<string, string> {
  return Object.fromEntries(Object.entries(getRouterParams(event)).map(([name, sent]) => {
    const { value, error } = PARAMS[name as keyof typeof PARAMS].validate(sent) as { value: string, error?: Error }
    // A malformed key names nothing that exists.
    if (error) throw new AppError('notFound', 'There is nothing at this address.')
    return [name, value]
  }))
}

function readQuery<Query>(event: H3Event, schema: ObjectSchema<Query> | undefined): Query | undefined {
  const sent = getQuery(event)
  if (schema) return checked(schema, sent, true)
  if (Object.keys(sent).length > 0) throw new AppError('badInput', 'This address takes no questions.')
  return undefined
}

/** The sender's own name for a write, with a fingerprint of what it says. */
function writeName(event: H3Event, route: RouteName, said: unknown): Context['write'] {
  const id = getRequestHeader(event, 'x-keen-write')
  if (id === undefined) return null
  if (keyParam.validate(id).error) throw new AppError('badInput', 'The name of this write is not a key.')
  return {
    id: id.toLowerCase(),
    fingerprint: createHash('sha256').update(JSON.stringify([route, said])).digest('base64url'),
  }
}
