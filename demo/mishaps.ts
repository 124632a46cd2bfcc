import { findVariation, kindOf } from '~~/core/catalogue'
import { must } from '~~/core/errors'
import type { StoredSetLog } from '~~/shared/types'

type Mishap = 'hurtTwice' | 'hurtOnce' | 'formLost'

/** What went wrong for some athletes lately, so that there is something to look after. */
const MISHAPS: Readonly<Record<string, Mishap>> = {
  'Runo Skarn': 'hurtTwice', 'Pella Strand': 'hurtOnce', 'Vesla Sund': 'formLost', 'Corin Dune': 'formLost',
}
/** Where form broke, as a part of the amount: early. */
const EARLY = 0.55

/** The sets of an athlete with what went wrong in the last of them. */
export function withMishap(name: string, logs: readonly StoredSetLog[]): StoredSetLog[] {
  const mishap = MISHAPS[name]
  const last = mishap && lastOften(logs)
  if (!mishap || !last) return [...logs]
  const days = mishap === 'formLost' ? last.days.slice(-2) : last.days.slice(-1)
  return logs.map((log) => {
    if (log.variationId !== last.variationId || !days.includes(log.day)) return log
    if (mishap === 'formLost')
      return { ...log, amount: Math.max(1, Math.floor(log.amount * EARLY)), breakPoint: 'lowBack', effort: 9 }
    const hurts = mishap === 'hurtTwice' || (log.setNumber === 1 && log.side !== 'left')
    return hurts ? { ...log, breakPoint: 'pain', painAt: 'lowBack', effort: 8 } : log
  })
}

/** The work that was done in two sessions most lately. */
function lastOften(
  logs: readonly StoredSetLog[],
): { readonly variationId: string, readonly days: readonly string[] } | null {
  const drills = [...new Set(logs.map(log => log.variationId))]
    .filter(id => kindOf(must(findVariation(id))) === 'work')
    .filter(id => logs.some(log => log.variationId === id && log.amount > 3 && (log.effort ?? 0) > 4))
    .map(variationId => ({
      variationId, days: [...new Set(logs.filter(log => log.variationId === variationId).map(log => log.day))].sort(),
    }))
    .filter(({ days }) => days.length > 1)
  const secondLast = ({ days }: { readonly days: readonly string[] }): string => must(days.at(-2))
  return drills.sort((a, b) => secondLast(b).localeCompare(secondLast(a)))[0] ?? null
}
