/** A table as it came: its headings and its rows by heading. */
export interface TableFile {
  readonly headings: readonly string[]
  readonly rows: readonly Readonly<Record<string, string>>[]
}

/** A spreadsheet would run a cell that begins like a formula. */
const FORMULA = /^[=+\-@\t\r]/
const QUOTED = /^'(?=[=+\-@\t\r])/

/** Reads a CSV file (RFC 4180; commas, semicolons or tabs). */
export async function readTable(text: string): Promise<TableFile> {
  const { default: papa } = await import('papaparse')
  const { data, meta } = papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true, skipEmptyLines: 'greedy', transform: cell => cell.replace(QUOTED, ''),
    transformHeader: heading => heading.trim(),
  })
  const headings = (meta.fields ?? []).filter(heading => heading !== '')
  if (headings.length === 0 || data.length === 0)
    throw new Error('This file holds no table: the first row names the columns, the rows below hold the values.')
  return { headings, rows: data }
}

/** Writes rows as CSV; negative numbers stay numbers, words that begin like a formula are quoted. */
export async function writeTable(rows: readonly Record<string, string | number>[]): Promise<string> {
  const { default: papa } = await import('papaparse')
  return papa.unparse(rows.map(row => Object.fromEntries(Object.entries(row).map(([key, value]) =>
    [key, typeof value === 'string' && FORMULA.test(value) ? `'${value}` : value]))))
}
