import { xchacha20poly1305 } from '@noble/ciphers/chacha.js'
import { bytesToUtf8, managedNonce, utf8ToBytes } from '@noble/ciphers/utils.js'

/** What a locked text begins with, so that it is told from what earlier releases kept in the open. */
const MARK = 'locked:'
const KEY_BYTES = 32

const cipher = managedNonce(xchacha20poly1305)
let key: Uint8Array | null = null

/**
 * Locks what is kept from now on with a person's key; null opens and locks nothing. Whoever comes next to a shared
 * device has another key: what was left here is nothing to them.
 */
export function lockWith(deviceKey: string | null): void {
  const bytes = deviceKey === null ? null : fromBase64(deviceKey)
  key = bytes?.length === KEY_BYTES ? bytes : null
}

/** A text as it is kept; in the open while nobody with a key is here. */
export function locked(text: string): string {
  return key ? MARK + toBase64(cipher(key).encrypt(utf8ToBytes(text))) : text
}

/** A kept text; null when it was locked with another key. */
export function unlocked(kept: string): string | null {
  if (!kept.startsWith(MARK)) return kept
  try {
    return key && bytesToUtf8(cipher(key).decrypt(fromBase64(kept.slice(MARK.length))))
  }
  catch {
    return null
  }
}

/** Whether a kept text still lies in the open though there is a key to lock it with. */
export const isOpen = (kept: string): boolean => key !== null && !kept.startsWith(MARK)

const toBase64 = (bytes: Uint8Array): string => {
  let text = ''
  for (const byte of bytes) text += String.fromCharCode(byte)
  return btoa(text)
}

function fromBase64(text: string): Uint8Array {
  const plain = atob(text.replaceAll('-', '+').replaceAll('_', '/'))
  return Uint8Array.from(plain, letter => letter.charCodeAt(0))
}
