import type { Tx } from './rows'

/** What a sign-in asks for besides the password. */
export interface SecondFactor {
  readonly personId: string
  readonly secret: string
  /** A code was shown once that fits: from then on every sign-in asks for one. */
  readonly confirmed: boolean
  /** The time step of the last code that was taken: a code works once. */
  readonly lastStep: number
  /** Hashes of the recovery codes that are left. */
  readonly recovery: readonly string[]
}

interface FactorRow {
  person_id: string
  secret: string
  confirmed_at: Date | null
  last_step: string
  recovery: string[]
}

export async function factorOf(tx: Tx, personId: string): Promise<SecondFactor | null> {
  const row = await tx<FactorRow>('second_factor').where({ person_id: personId }).first()
  if (!row) return null
  return {
    personId, secret: row.secret, confirmed: row.confirmed_at !== null, lastStep: Number(row.last_step),
    recovery: row.recovery,
  }
}

/** Begins one anew; false when there is one that is asked for. */
export async function beginFactor(tx: Tx, organisationId: string, personId: string, secret: string): Promise<boolean> {
  await tx('second_factor').where({ person_id: personId }).whereNull('confirmed_at').delete()
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `insert into second_factor (person_id, organisation_id, secret) values (?, ?, ?)
      on conflict (person_id) do nothing`,
    [personId, organisationId, secret],
  )
  return rowCount > 0
}

export async function confirmFactor(
  tx: Tx, personId: string, { lastStep, recovery }: Pick<SecondFactor, 'lastStep' | 'recovery'>,
): Promise<void> {
  await tx('second_factor').where({ person_id: personId }).update({
    confirmed_at: tx.fn.now(), last_step: lastStep, recovery: [...recovery],
  })
}

/** Uses a time step up; false when one as late was used before. */
export async function useStep(tx: Tx, personId: string, step: number): Promise<boolean> {
  return await tx('second_factor').where({ person_id: personId }).where('last_step', '<', step)
    .update({ last_step: step }) > 0
}

/** Uses a recovery code up; false when it is not one of those that are left. */
export async function useRecovery(tx: Tx, personId: string, hash: string): Promise<boolean> {
  return await tx('second_factor').where({ person_id: personId }).whereRaw('? = any(recovery)', [hash])
    .update({ recovery: tx.raw('array_remove(recovery, ?)', [hash]) as unknown as string[] }) > 0
}

export async function removeFactor(tx: Tx, personId: string): Promise<boolean> {
  return await tx('second_factor').where({ person_id: personId }).delete() > 0
}
