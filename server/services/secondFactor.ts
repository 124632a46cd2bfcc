import { Secret, TOTP } from 'otpauth'
import { AppError } from '~~/shared/errors'
import type { FactorBegun } from '~~/shared/types'
import { asSystem } from '../database/connection'
import {
  beginFactor, confirmFactor, factorOf, removeFactor, useRecovery, useStep, type SecondFactor,
} from '../repositories/secondFactors'
import type { Tx } from '../repositories/rows'
import { mustKnowPassword } from './account'
import { transaction, writing, type Context } from './context'
import { hashOfCode, readableCode } from './readableCode'
import { record } from './record'
import { tellOfSignIn } from './tellOfSignIn'

/** Codes by the clock (RFC 6238: six digits, 30 s, SHA-1 as every app has it); one step early or late is let in. */
const [STEP_S, DIGITS, WINDOW] = [30, 6, 1]
const RECOVERY_CODES = 10
const DIGITS_ONLY = /^\d{6}$/

const codesOf = (secret: string, label = ''): TOTP =>
  new TOTP({ issuer: 'Keen Anchor', label, period: STEP_S, digits: DIGITS, secret: Secret.fromBase32(secret) })

/** The time step that a code stands for; null when it fits none of now. */
function stepOf(secret: string, code: string, now: Date): number | null {
  if (!DIGITS_ONLY.test(code)) return null
  const delta = codesOf(secret).validate({ token: code, timestamp: now.getTime(), window: WINDOW })
  return delta === null ? null : Math.floor(now.getTime() / 1000 / STEP_S) + delta
}

/** What signed in with a code: the clock's or one of the list; null when it fits neither. Each works once. */
export async function takeCode(
  tx: Tx, { personId, secret }: SecondFactor, typed: string, now: Date,
): Promise<'clock' | 'recovery' | null> {
  const code = typed.replace(/\s/g, '')
  const step = stepOf(secret, code, now)
  if (step !== null) return await useStep(tx, personId, step) ? 'clock' : null
  return await useRecovery(tx, personId, hashOfCode(code)) ? 'recovery' : null
}

/** Makes what an app is set up with; nothing is asked for until a code of it was shown. */
export async function prepareFactor(context: Context, password: string): Promise<FactorBegun> {
  const person = await mustKnowPassword(context, password)
  const secret = new Secret({ size: 20 }).base32
  const { organisationId, personId } = context.actor
  return transaction(context, tx => asSystem(tx, context.actor, async () => {
    if (!await beginFactor(tx, organisationId, personId, secret))
      throw new AppError('alreadyExists', 'There is a second factor already. Take it away before you set up another.')
    return { secret, uri: codesOf(secret, person.email).toString() }
  }))
}

const WRONG = 'This code does not fit. It changes every 30 seconds; look at the clock of the phone, too.'

/** From now on a code is asked for: a first one has to fit. Answers with the recovery codes, shown this once. */
export function addFactor(context: Context, code: string, now: Date): Promise<{ recovery: readonly string[] }> {
  const { personId } = context.actor
  // Answered once and kept nowhere, whatever a sender calls this write.
  return transaction(context, async (tx) => {
    const recovery = Array.from({ length: RECOVERY_CODES }, () => readableCode(2, 5))
    await asSystem(tx, context.actor, async () => {
      const factor = await factorOf(tx, personId)
      if (!factor || factor.confirmed) throw new AppError('notFound', 'Begin with setting up an app.')
      const lastStep = stepOf(factor.secret, code.replace(/\s/g, ''), now)
      if (lastStep === null) throw new AppError('badInput', WRONG, { code: WRONG })
      await confirmFactor(tx, personId, { lastStep, recovery: recovery.map(hashOfCode) })
    })
    await tellOfSignIn(tx, context, 'factor', 'the second factor of your sign-in was added: signing in asks for a code')
    await record(tx, context, 'account.factor', { subjectId: personId })
    return { recovery }
  })
}

/** Takes the second factor away. */
export async function endFactor(context: Context, password: string): Promise<{ secondFactor: false }> {
  await mustKnowPassword(context, password)
  const { personId } = context.actor
  return writing(context, async (tx) => {
    const there = await asSystem(tx, context.actor, () => removeFactor(tx, personId))
    if (!there) throw new AppError('notFound', 'There is no second factor.')
    await tellOfSignIn(tx, context, 'factor', 'the second factor of your sign-in was taken away')
    await record(tx, context, 'account.factorEnded', { subjectId: personId })
    return { secondFactor: false }
  })
}
