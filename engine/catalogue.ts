import papa from 'papaparse'
import {
  catalogueWith, EMPTY_OWN, problemsOf, SHEET_COLUMNS, toSheetRow, type Catalogue, type OwnCatalogue, type Variation,
} from '../core/catalogue'
import { DomainError } from '../core/errors'
import { CATALOGUE_EDITION, CATALOGUE_FORMAT, fieldMessages, ownCatalogueSchema } from '../shared/schemas'
import type { Input } from './schemas/read'

/** An organisation's own entries as they came, or what is wrong with them. */
export function ownOf(input: Input): OwnCatalogue {
  if (input.own === undefined) return EMPTY_OWN
  const found = Object.entries(fieldMessages(ownCatalogueSchema, input.own) ?? {})[0]
  if (found) throw new DomainError(`own.${found[0]}`, found[1])
  const own = input.own as OwnCatalogue
  const problem = problemsOf(own)[0]
  if (problem) throw new DomainError(`own.${problem.id}.${problem.field}`, problem.text)
  return own
}

/** The variation that is asked for by its id, or every one. */
export function oneOrAll(input: Input, { find, variations }: Catalogue): readonly Variation[] {
  if (input.variation === undefined) return variations
  const one = typeof input.variation === 'string' ? find(input.variation) : undefined
  if (!one) throw new DomainError('variation', `There is no variation ${String(input.variation)}.`)
  return [one]
}

/** The whole catalogue, with own entries where they are given and sound, as a catalogue file or as a table. */
export function catalogue(input: Input): unknown {
  const all = catalogueWith(ownOf(input))
  const variations = oneOrAll(input, all)
  const ladders = all.ladders.filter(ladder => variations.some(v => v.ladder === ladder.id))
  const head = new Map(ladders.map(ladder => [ladder.id, ladder]))
  if (input.format === 'csv')
    return papa.unparse(variations.map(v => toSheetRow(v, head.get(v.ladder)!)), { columns: [...SHEET_COLUMNS] })
  if (input.format !== undefined && input.format !== 'json')
    throw new DomainError('format', 'format must be json or csv.')
  return {
    format: CATALOGUE_FORMAT, edition: CATALOGUE_EDITION,
    ladders: ladders.map(({ id, name, aim }) => ({ id, name, aim })),
    variations,
  }
}
