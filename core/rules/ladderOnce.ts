import { isFixed, type BrokenAt, type SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

export const ladderOnce: Rule<'ladderOnce', number, SessionAsked, BrokenAt> = {
  id: 'ladderOnce', scope: 'session', severity: 'warn', title: 'One rung of a branch in a session', value: 1,
  source: COMMON_PRACTICE,
  breaks: ({ session, context: { screen: { catalogue } } }) => {
    const known = session.items.filter(item => !isFixed(item)).flatMap((item) => {
      const variation = catalogue.find(item.variationId)
      return variation ? [{ item, variation }] : []
    })
    return known.filter(({ item, variation }, i) =>
      known.slice(0, i).some(({ item: other, variation: { branch } }) =>
        branch === variation.branch && other.variationId !== item.variationId
      )
    )
      .map(({ item }) => ({
        sessionId: session.id, itemId: item.id, text: 'Another rung of its ladder is in the session already.',
      }))
  },
}
