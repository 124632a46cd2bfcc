/** One column that a table may bring: what it is called, and how a cell of it is read. */
export interface ImportField<Row> {
  readonly key: keyof Row & string
  readonly label: string
  /** Other headings it is known by, in small letters. */
  readonly also: readonly string[]
  readonly required: boolean
  /** The value of a cell, or the message that belongs beside it. */
  readonly read: (text: string) => { readonly value: unknown } | { readonly problem: string }
}

interface ImportedRow<Row> {
  /** Line of the file it stands in, the heading being line 1. */
  readonly line: number
  readonly cells: Readonly<Record<string, string>>
  readonly row: Row | null
  /** Messages by field. */
  readonly problems: Readonly<Record<string, string>>
}

/** Which heading of a file feeds which field; null: the column is left out. */
export type Matching = Readonly<Record<string, string | null>>

const plain = (text: string): string => text.toLowerCase().replace(/[^a-z0-9%]+/g, ' ').trim()

/** Matches headings to fields: as it was last time for the same heading, else by name; a field takes one heading. */
export function matchColumns<Row>(
  headings: readonly string[], fields: readonly ImportField<Row>[], before: Matching,
): Matching {
  const taken = new Set<string>()
  return Object.fromEntries(headings.map((heading) => {
    const known = before[heading]
    const field = known !== undefined
      ? fields.find(f => f.key === known)
      : fields.find(f => [f.key.toLowerCase(), plain(f.label), ...f.also].includes(plain(heading)))
    if (!field || taken.has(field.key)) return [heading, null]
    taken.add(field.key)
    return [heading, field.key]
  }))
}

/** Reads every row by the matching; a row with a message anywhere has no value. */
export function readRows<Row>(
  rows: readonly Readonly<Record<string, string>>[], fields: readonly ImportField<Row>[], matching: Matching,
): ImportedRow<Row>[] {
  const headingOf = new Map(Object.entries(matching).flatMap(([heading, key]) => (key ? [[key, heading]] : [])))
  return rows.map((cells, index) => {
    const problems: Record<string, string> = {}
    const values: Record<string, unknown> = {}
    for (const { key, label, required, read } of fields) {
      const heading = headingOf.get(key)
      const text = heading === undefined ? '' : (cells[heading] ?? '').trim()
      if (text === '' && required) {
        problems[key] = `${label} is missing.`
        continue
      }
      const found = read(text)
      if ('problem' in found) problems[key] = found.problem
      else values[key] = found.value
    }
    return { line: index + 2, cells, problems, row: Object.keys(problems).length === 0 ? values as Row : null }
  })
}

/** A number from words, with a comma or a point; NaN when it is none. */
export const numberIn = (
  text: string,
): number => (text === '' ? NaN : Number(text.replace(/\s/g, '').replace(',', '.')))

/** A field that takes one of several known words, by key or by name. */
export function oneOfWords(words: Readonly<Record<string, string>>, label: string) {
  const byWord = new Map(Object.entries(words).flatMap(([key, name]) => [[plain(key), key], [plain(name), key]]))
  return (text: string): { value: string } | { problem: string } => {
    const key = byWord.get(plain(text))
    return key === undefined ? { problem: `${label} “${text}” is not known here.` } : { value: key }
  }
}
