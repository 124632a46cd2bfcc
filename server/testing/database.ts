import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { inject } from 'vitest'
import { EQUIPMENT, LADDERS, standsUpTo, type Equipment } from '~~/core/catalogue'
import type { AthleteInput, Role } from '~~/shared/types'
import { asSystemOf, connect, inOrganisation } from '../database/connection'
import { addGroupStaff, insertGroup } from '../repositories/groups'
import { insertBraceCheck } from '../repositories/assessment'
import { insertOrganisation } from '../repositories/organisations'
import { insertPerson, type Person } from '../repositories/people'
import type { Context } from '../services/context'
import { beginSignIn } from '../services/signedInOn'

/** A database of a test, reached as the application role and as the owner. */
interface TestDatabase {
  readonly db: Knex
  readonly owner: Knex
  readonly name: string
  readonly url: string
  readonly appUrl: string
  /** Lets go of it and leaves it there. */
  readonly close: () => Promise<void>
  readonly drop: () => Promise<void>
}

/** A copy of a template: the migrated one where no other is named. */
export async function testDatabase(template = inject('cluster').template): Promise<TestDatabase> {
  const { adminUrl, appPassword } = inject('cluster')
  const name = `unit_${randomUUID().replaceAll('-', '')}`
  const admin = connect(adminUrl, 1)
  await admin.raw(`create database ${name} template ${template}`)
  const ownerUrl = new URL(adminUrl)
  ownerUrl.pathname = `/${name}`
  const appUrl = new URL(ownerUrl)
  appUrl.username = 'keen_anchor_app'
  appUrl.password = appPassword
  const db = connect(appUrl.toString(), 5)
  const owner = connect(ownerUrl.toString(), 2)
  const close = async (): Promise<void> => {
    await db.destroy()
    await owner.destroy()
  }
  return {
    db, owner, name, close,
    url: ownerUrl.toString(),
    appUrl: appUrl.toString(),
    drop: async () => {
      await close()
      await admin.raw(`drop database ${name} with (force)`)
      await admin.destroy()
    },
  }
}

export const TODAY = '2026-03-04' // a Wednesday

/** All of a context but who acts; work for later is only noted in its tables. */
export function bareContext(db: Knex): Omit<Context, 'actor'> {
  return {
    db, today: TODAY, queue: { send: () => Promise.resolve() }, requestId: null, write: null,
    publicUrl: 'http://test.example',
  }
}

/** An organisation with a head coach and one group. */
export async function makeOrganisation(
  db: Knex, role: Role = 'headCoach',
): Promise<Context & { groupId: string, email: string }> {
  const organisationId = randomUUID()
  const groupId = randomUUID()
  await inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await insertOrganisation(tx, { id: organisationId, name: 'Test centre', timeZone: 'UTC', demo: false })
    await insertGroup(tx, organisationId, { id: groupId, name: 'Squad' })
  })
  const { context, email } = await addPerson(db, organisationId, role)
  return { ...context, groupId, email }
}

/** One more person of an organisation, seeing some groups. */
export async function addPerson(
  db: Knex, organisationId: string, role: Role,
  over: { groupIds?: readonly string[], athleteId?: string, passwordHash?: string } = {},
): Promise<{ context: Context, email: string }> {
  const personId = randomUUID()
  const email = `${role.toLowerCase()}-${personId}@test.example`
  const athleteId = over.athleteId ?? null
  await inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await insertPerson(tx, {
      id: personId, organisationId, athleteId, role, name: `Test ${role}`, email,
      passwordHash: over.passwordHash ?? 'none',
    })
    for (const groupId of over.groupIds ?? []) await addGroupStaff(tx, organisationId, groupId, personId)
  })
  return { context: { ...bareContext(db), actor: { organisationId, personId, role, athleteId } }, email }
}

/** Signs somebody in on a device: which sign-in it is. */
export async function signedInAs(
  db: Knex, person: Pick<Person, 'organisationId' | 'id' | 'sessionVersion'>, now: Date, own = false,
): Promise<{ organisationId: string, signInId: string }> {
  const signInId = await beginSignIn(db, person, { device: 'A test', own }, now)
  return { organisationId: person.organisationId, signInId }
}

/** Marks an athlete as screened with a no to everything and the brace as checked: what a week is assigned on. */
export async function makeKnown(
  { db, actor: { organisationId, personId } }: Pick<Context, 'db' | 'actor'>,
  athleteId: string,
): Promise<string> {
  await inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await tx('athlete_health').where({ organisation_id: organisationId, athlete_id: athleteId }).update({
      answers: {}, answered_at: tx.fn.now(),
    })
    const check = {
      id: randomUUID(), day: '2026-02-02', step: 1, swell: [], breathing: true, count: 5, note: '', passed: true,
    }
    await insertBraceCheck(tx, organisationId, athleteId, check, personId)
  })
  return athleteId
}

/** An able athlete. */
export function anAthlete(over: Partial<AthleteInput> = {}): AthleteInput {
  return {
    name: 'Test Athlete', goal: 'Hold still', goalVariationId: null, goalLift: null, sport: 'general', position: '',
    sex: 'female', heightCm: 170, massKg: 64, birthYear: 2000, trainingAgeYears: 3,
    equipment: Object.keys(EQUIPMENT) as Equipment[], available: [{ day: 0, minutes: 60 }, { day: 2, minutes: 60 }],
    flags: [], braceStep: 7,
    stands: LADDERS.flatMap(ladder => standsUpTo(ladder, 3)),
    weakLink: null, weakSide: null, groupIds: [], ...over,
  }
}
