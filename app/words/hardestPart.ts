import { askOf, pathOf, type Posed } from '~~/core/mechanics'
import { SOMEBODYS_BODY } from '~~/shared/somebody'

/** From this part of the most on a position is as hard as the hardest. */
const AS_HARD = 0.8

/** Which part of its way a moving drill loads; empty for a hold and for what has no path. */
export function hardestPart(drill: Posed): string {
  const asks = pathOf(drill, SOMEBODYS_BODY, {}).map(position => Math.max(...Object.values(askOf(position))))
  if (asks.length < 2) return ''
  const most = Math.max(...asks)
  const hard = asks.map(ask => ask >= most * AS_HARD)
  if (hard.every(Boolean)) return 'the whole of its way'
  if (hard.at(-1) && hard[0]) return 'both ends of its way'
  const often = hard.filter(Boolean).length > 2
  if (hard.at(-1)) return often ? 'most of its way, the far end above all' : 'the far end of its way'
  return hard[0] ? 'the beginning of its way' : 'the middle of its way'
}
