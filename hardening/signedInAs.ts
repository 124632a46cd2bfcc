import { randomUUID } from 'node:crypto'
import { sealSession, type H3Event } from 'h3'
import type { Client } from 'pg'
import { csrfToken } from '../server/utils/csrf'

/** Somebody who is signed in. */
export interface Visitor {
  readonly role: string
  readonly athleteId: string | null
  readonly headers: Readonly<Record<string, string>>
}

const COOKIE = 'keen-anchor'

interface PersonRow {
  id: string
  organisation_id: string
  role: string
  athlete_id: string | null
  session_version: number
}

/**
 * Signs people in without asking for their passwords: hundreds at once from one address, or after thousands of wrong
 * passwords, are an attack to the sign-in page, and it is not what is tried.
 */
export async function signedInAs(owner: Client, emails: readonly string[], password: string): Promise<Visitor[]> {
  const { rows } = await owner.query<PersonRow>(
    `select id, organisation_id, role, athlete_id, session_version from person where email = any($1)
      order by array_position($1, email)`, [emails])
  return Promise.all(rows.map(async (person): Promise<Visitor> => {
    const id = randomUUID()
    await owner.query(
      `insert into sign_in (id, organisation_id, person_id, session_version, device, own)
        values ($1, $2, $3, $4, 'The load', false)`, [id, person.organisation_id, person.id, person.session_version])
    const data = { organisationId: person.organisation_id, signInId: id }
    const event = { context: { sessions: { [COOKIE]: { id, createdAt: Date.now(), data } } } } as unknown as H3Event
    const sealed = await sealSession(event, { password, name: COOKIE })
    return {
      role: person.role, athleteId: person.athlete_id,
      headers: {
        'cookie': `${COOKIE}=${sealed}`, 'x-keen-csrf': csrfToken(password, id, person.id),
        'content-type': 'application/json',
      },
    }
  }))
}
