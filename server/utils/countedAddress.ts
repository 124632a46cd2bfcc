import { isIP, isIPv6 } from 'node:net'

/** Parts of an IPv6 address that name a line; whoever has one has all of its 2^64 addresses. */
const LINE_PARTS = 4

/**
 * The address that tries are counted by: what the nearest proxy says it was called from, or else the caller itself.
 * What stands before that in the header the client may have written.
 *
 * @param forwarded `X-Forwarded-For` where a proxy is trusted
 */
export function countedAddress(direct: string | undefined, forwarded: string | undefined): string {
  const named = forwarded?.split(',').at(-1)?.trim()
  const address = named && isIP(named) ? named : direct ?? 'unknown'
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)
  if (mapped) return mapped[1]!
  return isIPv6(address) ? lineOf(address) : address
}

function lineOf(address: string): string {
  const [head = '', tail] = address.split('%')[0]!.toLowerCase().split('::')
  const parts = (text: string | undefined): string[] => (text ? text.split(':') : [])
  const left = tail === undefined ? 0 : Math.max(0, 8 - parts(head).length - parts(tail).length)
  const all = [...parts(head), ...Array.from({ length: left }, () => '0'), ...parts(tail)]
  return `${all.slice(0, LINE_PARTS).map(part => part.replace(/^0+(?=.)/, '')).join(':')}::/64`
}
