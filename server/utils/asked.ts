import type { H3Event } from 'h3'
import { AppError } from '~~/shared/errors'
import { useRuntime } from './runtime'
import { cookieSession } from './signedIn'

/** So long somebody may take to unlock their device. */
const PATIENCE_MS = 5 * 60_000

/** Remembers in the sealed cookie what a device was asked to sign. */
export async function ask<T extends { readonly challenge: string }>(event: H3Event, options: T): Promise<T> {
  await (await cookieSession(event)).update({ challenge: options.challenge, askedAt: Date.now() })
  return options
}

/** What the device was asked to sign: once, and not too long ago. */
export async function whatWasAsked(event: H3Event): Promise<string> {
  const session = await cookieSession(event)
  const { challenge, askedAt } = session.data
  await session.update({ challenge: '', askedAt: 0 })
  if (!challenge || Date.now() - (askedAt ?? 0) > PATIENCE_MS)
    throw new AppError('wrongSignIn', 'This took too long. Try it once more.')
  // The cookie can be sent again as it was: that it is used up stands on the server.
  await useRuntime().limits.count('challenge', challenge)
  return challenge
}
