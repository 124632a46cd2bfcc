import { brotliDecompressSync, gunzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { compressAnswer, tagOf } from './compressAnswer'

const text = JSON.stringify(Array.from({ length: 400 }, (_, i) => ({ id: i, name: 'Ilse Tarn' })))
const packed = (accepts: string | undefined, site?: string, what = text) => compressAnswer({ accepts, site }, what)

describe('an answer', () => {
  it('is packed the best way that is read, and is the same again', async () => {
    const [br, gzip] = [await packed('gzip, deflate, br'), await packed('gzip;q=0.8', 'same-origin')]
    expect([br!.encoding, gzip!.encoding]).toEqual(['br', 'gzip'])
    expect(brotliDecompressSync(br!.body).toString()).toBe(text)
    expect(gunzipSync(gzip!.body).toString()).toBe(text)
    expect(br!.body.length).toBeLessThan(text.length / 5)
  })

  it('goes as it is where it is small, nothing is read, or a page of somebody else asks', async () => {
    expect(await packed('br', 'none', 'short')).toBeNull()
    expect(await packed(undefined)).toBeNull()
    expect(await packed('identity, deflate')).toBeNull()
    for (const site of ['cross-site', 'same-site', 'anything']) expect(await packed('br', site)).toBeNull()
  })
})

it('is known by what it says, letter by letter', () => {
  expect(tagOf(text)).toBe(tagOf(JSON.stringify(JSON.parse(text))))
  expect(tagOf(text)).not.toBe(tagOf(text.replace('Tarn', 'tarn')))
  // As HTTP has it (RFC 9110): visible letters between quotes.
  expect(tagOf('')).toMatch(/^"[\w-]{22}"$/)
})
