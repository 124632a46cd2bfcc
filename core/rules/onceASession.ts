import type { BrokenAt, SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

export const onceASession: Rule<'repeat', number, SessionAsked, BrokenAt> = {
  id: 'repeat', scope: 'session', severity: 'warn', title: 'A drill comes once in a session', value: 1,
  source: COMMON_PRACTICE,
  breaks: ({ session }) => {
    const items = session.items.filter(({ slot }) => slot !== 'home')
    return items.filter(item => items.some(other => other.id !== item.id && other.variationId === item.variationId))
      .map(({ id }) => ({ sessionId: session.id, itemId: id, text: 'The same drill twice in one session.' }))
  },
}
