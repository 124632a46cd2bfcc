import { DomainError } from '../errors'

/** How two moments stand to each other, in words. */
export type Verdict = 'clearly easier' | 'a little easier' | 'about the same' | 'a little harder' | 'clearly harder'

/** Differences smaller than this are none: within one ladder, and across ladders, whose models differ more. */
export const SAME_WITHIN = { ladder: 0.10, across: 0.25 } as const
/** From here a difference is clear. */
const CLEARLY = 0.25

/**
 * The ratio of one moment to another by size, and what a coach would say of it.
 *
 * @param baseNm the present rung's moment, N·m
 * @throws DomainError `baseNm` when there is nothing to compare with.
 * @example
 * compare(-137, -121, 'ladder') // => { ratio: 1.1322314049586777, verdict: 'a little harder' }
 */
export function compare(
  momentNm: number, baseNm: number, scope: keyof typeof SAME_WITHIN,
): { ratio: number, verdict: Verdict } {
  const base = Math.abs(baseNm)
  if (!(base > 1))
    throw new DomainError('baseNm', 'The present rung asks for next to nothing: there is no ratio to it.')
  const ratio = Math.abs(momentNm) / base
  const difference = ratio >= 1 ? ratio - 1 : 1 / ratio - 1
  if (difference < SAME_WITHIN[scope]) return { ratio, verdict: 'about the same' }
  const how = difference >= Math.max(CLEARLY, SAME_WITHIN[scope]) ? 'clearly' : 'a little'
  return { ratio, verdict: `${how} ${ratio > 1 ? 'harder' : 'easier'}` }
}

/**
 * A moment as it may be shown: to the nearest 5 N·m, or two figures above 100.
 *
 * @example
 * shownNm(-121.03) // => 120
 */
export function shownNm(momentNm: number): number {
  const size = Math.abs(momentNm)
  return size >= 100 ? Number(size.toPrecision(2)) : Math.round(size / 5) * 5
}
