import { createHash } from 'node:crypto'
import type { Knex } from 'knex'
import { RateLimiterMemory, RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { AppError } from '~~/shared/errors'

const MINUTE_S = 60

/**
 * Tries allowed, and for how long they count (common practice, no source; after OWASP's advice, recalled from memory).
 */
const LIMITS = {
  /** One account from one address: a person who mistypes. */
  accountAndAddress: { points: 10, duration: 15 * MINUTE_S },
  /** One account from anywhere: a spread-out guess. High, so that a stranger cannot easily lock somebody out. */
  account: { points: 60, duration: 60 * MINUTE_S },
  /** One address at any account. */
  address: { points: 100, duration: 15 * MINUTE_S },
  /** What a device was asked to sign is signed once. */
  challenge: { points: 1, duration: 5 * MINUTE_S },
  reset: { points: 5, duration: 60 * MINUTE_S },
  link: { points: 30, duration: 15 * MINUTE_S },
} as const
export type LimitName = keyof typeof LIMITS

/** Counts tries in the database, so that several servers count together; in memory while the database is away. */
export interface RateLimits {
  /** @throws AppError `tooMany` when the tries are used up. */
  count(name: LimitName, ...of: readonly string[]): Promise<void>
  /** Forgets tries after one that was right. */
  forget(name: LimitName, ...of: readonly string[]): Promise<void>
  /** Takes one try back that was right: what others tried stays counted. */
  giveBack(name: LimitName, ...of: readonly string[]): Promise<void>
}

export function rateLimits(db: Knex): RateLimits {
  const limiters = Object.fromEntries(
    Object.entries(LIMITS).map(([name, limit]) => [
      name,
      new RateLimiterPostgres({
        storeClient: db, storeType: 'knex', tableName: 'rate_limit', tableCreated: true, keyPrefix: name,
        clearExpiredByTimeout: false, ...limit,
        insuranceLimiter: new RateLimiterMemory({ keyPrefix: name, ...limit }),
      }),
    ]),
  ) as Record<LimitName, RateLimiterPostgres>
  // Addresses and e-mails are counted, not kept.
  const keyOf = (of: readonly string[]): string =>
    createHash('sha256').update(of.join('\n').toLowerCase()).digest('base64url')
  return {
    async count(name, ...of) {
      try {
        await limiters[name].consume(keyOf(of))
      }
      catch (error) {
        if (!(error instanceof RateLimiterRes)) throw error
        const minutes = Math.max(1, Math.ceil(error.msBeforeNext / 60_000))
        throw new AppError(
          'tooMany',
          `Too many tries. Wait ${minutes} ${minutes === 1 ? 'minute' : 'minutes'} and try again.`,
        )
      }
    },
    async forget(name, ...of) {
      await limiters[name].delete(keyOf(of))
    },
    async giveBack(name, ...of) {
      await limiters[name].reward(keyOf(of))
    },
  }
}
