import { threeWay } from '~~/core/merge'

const plain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function short(value: unknown): string {
  if (value === undefined || value === null) return 'nothing'
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return text.length > 90 ? `${text.slice(0, 88)} …` : text
}

/** The fields in which two states of one thing differ, in words. */
export function differences(before: unknown, after: unknown): { field: string, from: string, to: string }[] {
  if (!plain(after)) return []
  const was = plain(before) ? before : {}
  return threeWay(was, was, after).theirs.map(field => ({ field, from: short(was[field]), to: short(after[field]) }))
}
