import { weekLedger } from '../programme/week/ledger'
import { weeklyTargets } from '../programme/week/targets'
import type { BrokenAt, WeekAsked } from './asked'
import type { Rule } from './rule'

/** Share of the usual volume, 41-60 % less, and days of a taper, the competition's own among them. */
const value = { least: 0.4, most: 0.59, days: 14 } as const

/** Volume goes down in a taper, intensity and frequency stay. */
export const taper: Rule<'taper', typeof value, WeekAsked, BrokenAt> = {
  id: 'taper', scope: 'week', severity: 'warn', title: 'A taper takes 41-60 % of the volume away', value,
  source: 'Bosquet et al. 2007, recalled from memory',
  breaks: ({ plan, context }) => {
    if (context.rules.block?.phase !== 'taper') return []
    const targets = weeklyTargets({ ...context, sessions: plan.sessions.length })
    const { lines } = weekLedger(plan, targets, context)
    const drills = lines.reduce((sum, line) => sum + line.drills, 0)
    const most = lines.reduce((sum, line) => sum + line.band.high, 0)
    const last = [...plan.sessions].reverse().find(session => session.items.length > 0)
    return last && drills > most
      ? [{
        sessionId: last.id, itemId: null,
        text: `The taper takes volume away: ${drills.toFixed(1)} full sets by drills are more than the ${
          most.toFixed(1)
        } it leaves.`,
      }]
      : []
  },
}
