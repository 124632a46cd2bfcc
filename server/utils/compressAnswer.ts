import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'

/** Bytes below which an answer fits into the packets it needs anyway. */
const LEAST_BYTES = 1400
/** Fast enough for what is made anew for every answer. */
const [BROTLI_QUALITY, GZIP_LEVEL] = [4, 6]

const WAYS = {
  br: promisify((text: Buffer, done: (error: Error | null, packed: Buffer) => void) =>
    brotliCompress(text, { params: { [constants.BROTLI_PARAM_QUALITY]: BROTLI_QUALITY } }, done)),
  gzip: promisify((text: Buffer, done: (error: Error | null, packed: Buffer) => void) =>
    gzip(text, { level: GZIP_LEVEL }, done)),
} as const

interface Asked {
  /** What the browser reads, as it says. */
  readonly accepts: string | undefined
  /** Whose page asks, as the browser says: `Sec-Fetch-Site`. */
  readonly site: string | undefined
}

/**
 * An answer packed for the line; null where it goes as it is. What a page of somebody else asks for is never packed: by
 * the lengths of many such answers it could guess what is in them (Gluck, Harris and Prado 2013, "BREACH").
 */
export async function compressAnswer(
  { accepts, site }: Asked, text: string,
): Promise<{ readonly encoding: keyof typeof WAYS, readonly body: Buffer } | null> {
  if (site !== undefined && !['same-origin', 'none'].includes(site)) return null
  const read = (accepts ?? '').split(',').map(one => one.split(';')[0]!.trim())
  const encoding = (['br', 'gzip'] as const).find(way => read.includes(way))
  const bytes = Buffer.from(text)
  if (!encoding || bytes.length < LEAST_BYTES) return null
  return { encoding, body: await WAYS[encoding](bytes) }
}

/** What an answer is known by: the same text has the same tag, on every server. */
export const tagOf = (text: string): string => `"${createHash('sha256').update(text).digest('base64url').slice(0, 22)}"`
