import type { Luck } from './random'

const NASTY_WORDS = [
  '', ' ', '\u0000', '\ud800', '‮', '💥'.repeat(200), 'x'.repeat(5000), '\'; drop table athlete; --',
  '<script>alert(1)</script>', '../../etc/passwd',
  '%00', 'null', 'NaN', '-0', '1e999', '9999-99-99', '0000-00-00', '2026-02-30', '275760-09-13',
  '10000000-01-01', '__proto__', 'constructor',
  '${7*7}', '{{7*7}}', '\r\nx: y', 'ʼ\u0000ʼ', '00000000-0000-0000-0000-000000000000',
  'a@b', `${'a'.repeat(250)}@test.example`, '12-0-0-0', '3--3-',
]
const NASTY_VALUES: readonly unknown[] = [
  null, true, false, 0, -1, 1.5, 1e308, -1e308, 9_007_199_254_740_993, [], {}, [[]], [null], { $ne: null },
  { length: -1 }, [{}, {}], 2_147_483_648,
]

const nasty = (luck: Luck): unknown => (luck.chance(0.5) ? luck.pick(NASTY_WORDS) : luck.pick(NASTY_VALUES))

/**
 * Characters of a spoiled list at most: three times what the server takes. Lists of lists of lists grew to 445 MB, and
 * building one held this process up for longer than the server keeps a quiet connection.
 */
const LONGEST = 3_000_000

/** A copy with some values at any depth replaced, dropped, doubled or added to. */
function spoil(luck: Luck, value: unknown, p: number): unknown {
  if (luck.chance(p)) return nasty(luck)
  if (Array.isArray(value)) {
    const list = value.map(v => spoil(luck, v, p))
    if (!luck.chance(p) || list.length === 0) return list
    const length = Math.min(luck.pick([2, 50, 2000]), Math.max(2, LONGEST / JSON.stringify(list[0]).length))
    return Array.from({ length }, () => list[0])
  }
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value).filter(() => !luck.chance(p / 2)).map((
      [k, v],
    ) => [luck.chance(p / 4) ? luck.pick(NASTY_WORDS) : k, spoil(luck, v, p)])
    if (luck.chance(p)) entries.push([luck.pick(NASTY_WORDS), nasty(luck)])
    return Object.fromEntries(entries)
  }
  return value
}

/** A request body and what it claims to be: spoiled JSON, broken bytes, or something else altogether. */
export function hostileBody(luck: Luck, template: unknown): { body: string | Uint8Array, type: string } {
  const type = 'application/json'
  const kind = luck.below(20)
  const good = JSON.stringify(spoil(luck, template, luck.pick([0, 0.03, 0.1, 0.3]))) ?? 'null'
  switch (kind) {
    case 0:
      return { type, body: good.slice(0, luck.below(good.length + 1)) }
    case 1:
      return { type, body: Uint8Array.from({ length: luck.below(400) }, () => luck.below(256)) }
    case 2:
      return { type, body: Uint8Array.from([...new TextEncoder().encode(good.slice(0, 20)), 0xc3, 0x28, 0xff, 0xfe]) }
    case 3:
      return { type, body: '['.repeat(luck.pick([10, 1000, 100_000])) }
    case 4:
      return { type, body: `{"a":${'{"a":'.repeat(5000)}1${'}'.repeat(5001)}` }
    case 5:
      return { type, body: luck.chance(0.1) ? `"${'x'.repeat(3_000_000)}"` : `"${'x'.repeat(100_000)}"` }
    case 6:
      return {
        type: luck.pick([
          'text/plain', 'application/xml', 'multipart/form-data; boundary=x', 'application/x-www-form-urlencoded', '',
        ]),
        body: good,
      }
    case 7:
      return { type, body: `\ufeff${good}` }
    case 8:
      return { type, body: good.replace('{', '{"__proto__":{"admin":true},') }
    default:
      return { type, body: good }
  }
}

/** An address with parameters that are right, strange or somebody else's, and sometimes a question nobody asked for. */
export function hostilePath(luck: Luck, path: string, ids: readonly string[]): string {
  const filled = path.replace(/:(\w+)/g, (_, name: string) => {
    if (luck.chance(0.2))
      return encodeURIComponent(
        String(luck.pick(NASTY_WORDS.filter(word => word.isWellFormed?.() ?? !/[\ud800-\udfff]/.test(word)))),
      ) || 'x'
    if (luck.chance(0.02)) return luck.pick(['%', '%zz', '%c3%28', '%u0000'])
    if (name === 'id') return luck.chance(0.7) && ids.length > 0 ? luck.pick(ids) : luck.key()
    return luck.pick(['2026-03-02', '2026-03-03', '1900-01-01', '2999-12-30', '2026-11-23'])
  })
  if (!luck.chance(0.15)) return filled
  return `${filled}?${
    luck.pick([
      'a=b', 'before=x', 'before=2026-01-01T00:00:00Z', 'athleteId=%00', 'before[]=1&before[]=2', '__proto__[x]=1', '%',
      'before=+275760-09-13T00:00:00.001Z',
    ])
  }`
}

/** Headers that are mostly right, sometimes missing, sometimes absurd. */
export function hostileHeaders(
  luck: Luck,
  right: { type: string, cookie?: string | undefined, csrf?: string | undefined },
): Record<string, string> {
  const headers: Record<string, string> = {}
  if (right.type) headers['content-type'] = right.type
  if (right.cookie) headers.cookie = luck.chance(0.03) ? `${right.cookie.slice(0, -4)}AAAA` : right.cookie
  if (right.csrf && !luck.chance(0.05)) headers['x-keen-csrf'] = luck.chance(0.03) ? 'x'.repeat(500) : right.csrf
  if (luck.chance(0.3)) headers['x-keen-write'] =
    luck.chance(0.8) ? luck.key() : luck.pick(['', 'x', '\'', 'y'.repeat(4000)])
  if (luck.chance(0.03)) headers.origin = luck.pick(['https://elsewhere.example', 'null', 'x'])
  if (luck.chance(0.02)) headers['sec-fetch-site'] = 'cross-site'
  if (luck.chance(0.02)) headers['x-forwarded-for'] = luck.pick(['1.2.3.4', 'x'.repeat(2000), '\'; --'])
  if (luck.chance(0.02)) headers.accept = '*/*;q=nonsense'
  return headers
}
