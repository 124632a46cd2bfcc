import { v7 as newKey } from 'uuid'
import type { AlertKind, Athlete } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { insertAlert } from '../repositories/alerts'
import { coachesOf } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { leaveMail } from './leaveMail'

/** What coaches are told of, in a mail that names no flag: it leaves the walls of the house. */
const MAILS: Readonly<
  Record<AlertKind, { readonly subject: string, readonly text: (name: string, stops: number) => string } | null>
> = {
  stop: {
    subject: 'Training is stopped',
    text: (name, stops) =>
      `A red flag was raised for ${name}. Trunk training is stopped at once, ${
        drills(stops)
      } of present and coming sessions with it. `
      + 'Refer to a clinician; it comes back as it was when a clearance is written down.',
  },
  limits: {
    subject: 'A health flag was raised',
    text: (name, stops) =>
      `A flag was raised for ${name}. What it takes away is stopped: ${
        drills(stops)
      } of present and coming sessions. The rest goes on.`,
  },
  pain: null,
  painTwice: {
    subject: 'Pain twice running',
    text: name => `A drill hurt ${name} twice running. It is locked until somebody qualified has looked at it: refer.`,
  },
  cleared: null,
}

const drills = (count: number): string => (count === 1 ? 'one drill' : `${count} drills`)

/**
 * Tells every coach of an athlete, in the transaction that it is about: by mail where it is urgent, and by what their
 * pages show.
 */
export async function tellCoaches(
  tx: Tx, { actor, queue, publicUrl, today }: Context, athlete: Pick<Athlete, 'id' | 'name'>, kind: AlertKind,
  of: { readonly variationId?: string, readonly stops?: number } = {},
): Promise<readonly string[]> {
  const { organisationId, personId } = actor
  const { variationId = null, stops = 0 } = of
  return asSystem(tx, actor, async () => {
    const coaches = await coachesOf(tx, organisationId, athlete.id)
    const told = coaches.map(coach => coach.name)
    await insertAlert(tx, organisationId, {
      id: newKey(), athleteId: athlete.id, kind, variationId, stops, told, day: today,
    })
    const mail = MAILS[kind]
    if (!mail) return told
    for (const coach of coaches.filter(({ id }) => id !== personId)) {
      await leaveMail(tx, queue, coach, {
        subject: `${mail.subject}: ${athlete.name}`,
        body: `Hello ${coach.name},\n\n${
          mail.text(athlete.name, stops)
        }\n\n${publicUrl}/athletes/${athlete.id}/screen\n`,
      })
    }
    return told
  })
}
