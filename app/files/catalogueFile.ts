import { DomainError } from '~~/core/errors'
import {
  fromSheetRow, importOwn, isOwn, problemsOf, SHEET_COLUMNS, STANDARD, toSheetRow, type Catalogue,
  type ImportedCatalogue, type OwnCatalogue, type OwnVariation,
} from '~~/core/catalogue'

/** What a file would do to the own drills, or why it does nothing. */
export interface CatalogueReading extends Omit<ImportedCatalogue, 'problems'> {
  /** Each with the row or entry it stands in. */
  readonly problems: readonly string[]
}

type Incoming = Pick<OwnCatalogue, 'ladders' | 'variations'>

/** A spreadsheet would run a cell that begins like a formula: the quote before it is taken off again. */
const FORMULA = /^[=+\-@\t\r]/
const QUOTED_FORMULA = /^'(?=[=+\-@\t\r])/

/** The own drills, or all of them, as a file. */
export async function writeCatalogue(
  catalogue: Catalogue, own: OwnCatalogue, kind: 'json' | 'csv', all: boolean,
): Promise<string> {
  const { CATALOGUE_EDITION, CATALOGUE_FORMAT } = await import('~~/shared/schemas')
  const variations = catalogue.variations.filter(v => all || isOwn(v)).map(v =>
    own.variations.find(o => o.id === v.id) ?? v
  )
  const ladders = catalogue.ladders.filter(l => (all ? true : own.ladders.some(o => o.id === l.id))).map((
    { id, name, aim },
  ) => ({ id, name, aim }))
  if (kind === 'json')
    return JSON.stringify({ format: CATALOGUE_FORMAT, edition: CATALOGUE_EDITION, ladders, variations }, null, 2)
  const { default: papa } = await import('papaparse')
  const head = new Map(catalogue.ladders.map(l => [l.id, l]))
  return papa.unparse(variations.map(v => toSheetRow(v, head.get(v.ladder)!)), {
    columns: [...SHEET_COLUMNS], escapeFormulae: FORMULA,
  })
}

/** Reads a file and says what taking it in would do. Nothing is stored. */
export async function readCatalogue(text: string, kind: 'json' | 'csv', own: OwnCatalogue): Promise<CatalogueReading> {
  const problems: string[] = []
  const incoming = kind === 'json' ? await fromJson(text, problems) : await fromCsv(text, problems)
  const { problems: clashes, ...merged } = importOwn(own, incoming)
  problems.push(...clashes.map(p => p.text))
  if (problems.length === 0) {
    const nameOf = (id: string): string =>
      merged.own.variations.find(v => v.id === id)?.name ?? merged.own.ladders.find(l => l.id === id)?.name ?? id
    problems.push(...problemsOf(merged.own).map(p => `${nameOf(p.id)}: ${p.text}`))
  }
  return { ...merged, problems: [...new Set(problems)] }
}

const NOTHING: Incoming = { ladders: [], variations: [] }

async function fromJson(text: string, problems: string[]): Promise<Incoming> {
  const { catalogueFileSchema, fieldMessages } = await import('~~/shared/schemas')
  let value: unknown
  try {
    value = JSON.parse(text)
  }
  catch {
    problems.push('This is not JSON.')
    return NOTHING
  }
  const found = fieldMessages(catalogueFileSchema, value)
  if (!found) return value as Incoming
  for (const [path, message] of Object.entries(found)) problems.push(`${placeOf(path, value)}${message}`)
  return NOTHING
}

/** "Side hold, 3 of the list: " for `variations.2.name`. */
function placeOf(path: string, value: unknown): string {
  const [list, index] = path.split('.')
  if (list !== 'variations' && list !== 'ladders') return ''
  const entries = (value as Record<string, unknown>)[list]
  const name = Array.isArray(entries) ? (entries[Number(index)] as { name?: unknown } | null)?.name : undefined
  return index === undefined ? '' : `${typeof name === 'string' && name !== '' ? name : `Entry ${Number(index) + 1}`}: `
}

async function fromCsv(text: string, problems: string[]): Promise<Incoming> {
  const [{ default: papa }, { fieldMessages, variationSchema }] = await Promise.all([
    import('papaparse'), import('~~/shared/schemas'),
  ])
  const { data, meta, errors } = papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true, skipEmptyLines: 'greedy', transform: cell => cell.replace(QUOTED_FORMULA, ''),
  })
  const missing = ['name', 'ladder', 'rung', 'doses'].filter(column => !meta.fields?.includes(column))
  if (missing.length > 0) {
    problems.push(`Columns that are missing: ${missing.join(', ')}. The first row names the columns.`)
    return NOTHING
  }
  for (const { row, message } of errors.slice(0, 10)) problems.push(`Row ${(row ?? 0) + 2}: ${message}.`)
  const ladders = new Map<string, OwnCatalogue['ladders'][number]>()
  const variations: OwnVariation[] = []
  for (const [index, row] of data.entries()) {
    const place = `Row ${index + 2}${row.name ? `, ${row.name}` : ''}: `
    try {
      const drill = fromSheetRow(row)
      const found = fieldMessages(
        variationSchema,
        drill.id === '' ? { ...drill, id: `${drill.ladder}.own-new` } : drill,
      )
      if (found) problems.push(...Object.values(found).map(message => place + message))
      else variations.push(drill)
      if (!STANDARD.ladders.some(l => l.id === drill.ladder) && !ladders.has(drill.ladder)) {
        ladders.set(drill.ladder, {
          id: drill.ladder, name: (row.ladderName ?? '').trim(), aim: (row.ladderAim ?? '').trim(),
        })
      }
    }
    catch (error) {
      if (!(error instanceof DomainError)) throw error
      problems.push(place + error.message)
    }
  }
  return { ladders: [...ladders.values()], variations }
}
