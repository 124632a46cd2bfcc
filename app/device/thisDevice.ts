import { v4 as newKey } from 'uuid'

const NAME = 'keen-anchor/device'
let known: string | null = null

/** A name for this device, made by chance once: it tells nothing of whoever uses it. */
export function thisDevice(): string {
  if (known) return known
  try {
    known = localStorage.getItem(NAME) ?? newKey()
    localStorage.setItem(NAME, known)
  }
  catch {
    known = newKey()
  }
  return known
}
