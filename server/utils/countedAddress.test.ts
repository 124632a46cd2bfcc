import { describe, expect, it } from 'vitest'
import { countedAddress } from './countedAddress'

describe('the address that tries are counted by', () => {
  it.each([
    ['the caller where no proxy is trusted', '203.0.113.9', undefined, '203.0.113.9'],
    ['what the nearest proxy says, not what the client wrote before it', '10.0.0.1', '1.2.3.4, 198.51.100.7',
      '198.51.100.7'],
    ['the caller where the header is nonsense', '10.0.0.1', 'unknown, <script>', '10.0.0.1'],
    ['an address of the old kind in the new spelling', '::ffff:203.0.113.9', undefined, '203.0.113.9'],
    ['nobody known', undefined, undefined, 'unknown'],
  ])('is %s', (_, direct, forwarded, counted) => {
    expect(countedAddress(direct, forwarded)).toBe(counted)
  })

  it('is one for all addresses of a line (RFC 4291: the first 64 bits name it)', () => {
    const line = '2001:db8:0:42::/64'
    for (const address of [
      '2001:db8:0:42::1', '2001:0db8:0000:0042:ffff:ffff:ffff:ffff', '2001:DB8:0:42:1::', '2001:db8:0:42:0:0:0:7',
    ]) expect(countedAddress(address, undefined)).toBe(line)
    expect(countedAddress('2001:db8:0:43::1', undefined)).not.toBe(line)
    expect(countedAddress('::1', undefined)).toBe('0:0:0:0::/64')
    expect(countedAddress('fe80::1%eth0', undefined)).toBe('fe80:0:0:0::/64')
  })
})
