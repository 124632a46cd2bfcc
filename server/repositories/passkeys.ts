import type { Passkey } from '~~/shared/types'
import type { Tx } from './rows'

/** What a passkey is checked with. */
export interface StoredPasskey {
  readonly id: string
  readonly organisationId: string
  readonly personId: string
  /** As the device names it. */
  readonly credentialId: string
  /** Base64url. */
  readonly publicKey: string
  /** How often the device says it was used; one that goes back was copied. */
  readonly counter: number
}

interface PasskeyRow {
  id: string
  organisation_id: string
  person_id: string
  credential_id: string
  public_key: string
  counter: string
  name: string
  made_at: Date
  used_at: Date | null
}

const stored = (row: PasskeyRow): StoredPasskey => ({
  id: row.id, organisationId: row.organisation_id, personId: row.person_id, credentialId: row.credential_id,
  publicKey: row.public_key, counter: Number(row.counter),
})

/** The key of this name, from a visitor's transaction that was given it. */
export async function passkeyByCredential(tx: Tx, credentialId: string): Promise<StoredPasskey | null> {
  const row = await tx<PasskeyRow>('passkey').where({ credential_id: credentialId }).first()
  return row ? stored(row) : null
}

/** Those of a person, the newest first. */
export async function passkeysOf(tx: Tx, organisationId: string, personId: string): Promise<Passkey[]> {
  const rows = await tx<PasskeyRow>('passkey').where({ organisation_id: organisationId, person_id: personId })
    .orderBy([{ column: 'made_at', order: 'desc' }, { column: 'id' }])
  return rows.map(row => ({
    id: row.id, name: row.name, madeAt: row.made_at.toISOString(), usedAt: row.used_at?.toISOString() ?? null,
  }))
}

export async function credentialsOf(tx: Tx, organisationId: string, personId: string): Promise<string[]> {
  return tx<PasskeyRow>('passkey').where({ organisation_id: organisationId, person_id: personId })
    .pluck('credential_id')
}

/** Stores one; false when the device's key is there already. */
export async function insertPasskey(tx: Tx, key: StoredPasskey, name: string): Promise<boolean> {
  const rows = await tx('passkey').insert({
    id: key.id, organisation_id: key.organisationId, person_id: key.personId, credential_id: key.credentialId,
    public_key: key.publicKey, counter: key.counter, name,
  }).onConflict('credential_id').ignore().returning<{ id: string }[]>('id')
  return rows.length > 0
}

export async function markUsed(tx: Tx, id: string, counter: number, at: Date): Promise<void> {
  await tx('passkey').where({ id }).update({ counter, used_at: at })
}

/** Takes one of a person's away; false when there is none of that name. */
export async function removePasskey(tx: Tx, organisationId: string, personId: string, id: string): Promise<boolean> {
  return await tx('passkey').where({ organisation_id: organisationId, person_id: personId, id }).delete() > 0
}

/** Takes all of a person's away. */
export async function removePasskeysOf(tx: Tx, organisationId: string, personId: string): Promise<void> {
  await tx('passkey').where({ organisation_id: organisationId, person_id: personId }).delete()
}
