import type { SeasonNotice } from '~~/shared/types'
import { personHere } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { leaveMail } from './leaveMail'

/** Days a mail lists before it says that there are more. */
const MOST_LINES = 12

const said = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })

/** Leaves a mail for each athlete with a sign-in: what of their season has changed, and why. */
export async function mailSeasonChange(
  tx: Tx, { actor: { organisationId }, queue, publicUrl, today }: Context, athletes: readonly { readonly id: string }[],
  title: string, days: SeasonNotice['days'],
): Promise<void> {
  const ahead = days.filter(({ day }) => day >= today)
  if (ahead.length === 0) return
  const lines = ahead.slice(0, MOST_LINES).map(({ day, from, to, reason }) =>
    `${said.format(new Date(`${day}T00:00:00Z`))}: ${to} instead of ${from}. ${reason}`
  )
  const more = ahead.length > MOST_LINES ? [`… and ${ahead.length - MOST_LINES} more days.`] : []
  for (const { id: athleteId } of athletes) {
    const person = await personHere(tx, organisationId, { athleteId })
    if (!person?.passwordHash) continue
    await leaveMail(tx, queue, person, {
      subject: 'Your season has changed',
      body: `Hello ${person.name},\n\n${title}\n\n${
        [...lines, ...more].join('\n')
      }\n\nYour plan as it is now: ${publicUrl}/today\n`,
    })
  }
}
