import { catalogueWith, problemsOf, standsAfter, type Catalogue, type OwnCatalogue } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { StoredCatalogue } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { moveStands, ownCatalogue, saveOwnCatalogue } from '../repositories/catalogue'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** The organisation's own entries. */
export function storedCatalogue(context: Context): Promise<StoredCatalogue> {
  return transaction(context, tx => ownCatalogue(tx, context.actor.organisationId))
}

/** All drills that the organisation can choose from. */
export async function catalogueOfOrganisation(tx: Tx, organisationId: string): Promise<Catalogue> {
  return catalogueWith((await ownCatalogue(tx, organisationId)).own)
}

/** Saves the own entries over the version that was read; athletes stay on the drills they stand on. */
export async function saveCatalogue(context: Context, { version, own }: StoredCatalogue): Promise<StoredCatalogue> {
  refuseProblems(own)
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const before = await ownCatalogue(tx, organisationId)
    if (!await saveOwnCatalogue(tx, organisationId, { version, own }, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed your own drills meanwhile.', undefined,
        await ownCatalogue(tx, organisationId),
      )
    }
    const gone = before.own.variations.map(v => v.id).filter(id => !own.variations.some(v => v.id === id))
    await asSystem(tx, context.actor, () =>
      moveStands(tx, organisationId, gone, stands => standsAfter(stands, before.own, own)))
    await record(tx, context, 'catalogue.change', { before: changed(before.own, own), after: changed(own, before.own) })
    return ownCatalogue(tx, organisationId)
  })
}

function refuseProblems(own: OwnCatalogue): void {
  const problems = problemsOf(own)
  if (problems.length === 0) return
  const fields: Record<string, string> = {}
  for (const { id, field, text } of problems) fields[`${id}/${field}`] ??= text
  throw new AppError('badInput', problems[0]!.text, fields)
}

/** The entries that differ from the other side's, so that the record stays readable. */
function changed(own: OwnCatalogue, other: OwnCatalogue): OwnCatalogue {
  const known = new Set([...other.ladders, ...other.variations].map(entry => JSON.stringify(entry)))
  const differs = (entry: object): boolean => !known.has(JSON.stringify(entry))
  return { ladders: own.ladders.filter(differs), variations: own.variations.filter(differs) }
}
