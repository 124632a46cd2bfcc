import { createHmac, timingSafeEqual } from 'node:crypto'

/** The token that writes of one session carry. It is bound to the session, so that a new sign-in has a new one. */
export function csrfToken(sessionPassword: string, nonce: string, personId: string): string {
  return createHmac('sha256', sessionPassword).update(`csrf\n${nonce}\n${personId}`).digest('base64url')
}

/** Whether a sent token is the session's. */
export function csrfFits(expected: string, sent: string | undefined): boolean {
  const [a, b] = [Buffer.from(expected), Buffer.from(sent ?? '')]
  return a.length === b.length && timingSafeEqual(a, b)
}
