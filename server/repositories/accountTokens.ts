import type { Tx } from './rows'

export interface AccountToken {
  readonly id: string
  readonly organisationId: string
  readonly personId: string
  readonly kind: 'invitation' | 'reset'
  readonly expiresAt: Date
  readonly usedAt: Date | null
}

interface TokenRow {
  id: string
  organisation_id: string
  person_id: string
  kind: AccountToken['kind']
  token_hash: string
  expires_at: Date
  used_at: Date | null
}

/** Stores the hash of a link's token; older links of the same kind stop working. */
export async function insertToken(tx: Tx, token: Omit<AccountToken, 'usedAt'> & { tokenHash: string }): Promise<void> {
  await tx('account_token').where({
    organisation_id: token.organisationId, person_id: token.personId, kind: token.kind,
  })
    .whereNull('used_at').update({ used_at: tx.fn.now() })
  await tx('account_token').insert({
    id: token.id, organisation_id: token.organisationId, person_id: token.personId, kind: token.kind,
    token_hash: token.tokenHash, expires_at: token.expiresAt,
  })
}

/** Ends every link of a person that still works. */
export async function endTokens(tx: Tx, organisationId: string, personId: string): Promise<void> {
  await tx('account_token').where({ organisation_id: organisationId, person_id: personId }).whereNull('used_at')
    .update({ used_at: tx.fn.now() })
}

/** The token of an opened link, from a visitor's transaction. */
export async function tokenByHash(tx: Tx, tokenHash: string): Promise<AccountToken | null> {
  const row = await tx<TokenRow>('account_token').where({ token_hash: tokenHash }).first()
  return row
    ? {
      id: row.id, organisationId: row.organisation_id, personId: row.person_id, kind: row.kind,
      expiresAt: row.expires_at, usedAt: row.used_at,
    }
    : null
}

/** Uses a token up; false when it was used already. */
export async function useToken(tx: Tx, organisationId: string, id: string): Promise<boolean> {
  const changed = await tx('account_token').where({ organisation_id: organisationId, id }).whereNull('used_at')
    .update({ used_at: tx.fn.now() })
  return changed > 0
}

/** Forgets links that were over before; how many there were. */
export async function forgetTokens(tx: Tx, organisationId: string, before: Date): Promise<number> {
  return tx('account_token').where({ organisation_id: organisationId }).where('expires_at', '<', before).delete()
}
