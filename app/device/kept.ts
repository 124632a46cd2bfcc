import { isOpen, locked, lockWith, unlocked } from './lock'

/** Small things this device keeps for the signed-in person: drafts, and what was last open. */
const PREFIX = 'keen-anchor'
let person: string | null = null

/** Says whose things are kept from now on, and what they are locked with. */
export function keepFor(personId: string | null, deviceKey: string | null = null): void {
  person = personId
  lockWith(deviceKey)
}

/** Whose things are kept; "nobody" before anybody has signed in. */
export const whose = (): string => person ?? 'nobody'

const nameOf = (key: string): string => `${PREFIX}/${whose()}/${key}`

/** Keeps a value; false when the device has no room or no storage. */
export function keep(key: string, value: unknown): boolean {
  try {
    localStorage.setItem(nameOf(key), locked(JSON.stringify(value)))
    return true
  }
  catch {
    return false
  }
}

/** A kept value; null when there is none, or what is there cannot be read. */
export function kept<T>(key: string): T | null {
  try {
    const text = unlocked(localStorage.getItem(nameOf(key)) ?? 'null')
    return text === null ? null : JSON.parse(text) as T
  }
  catch {
    return null
  }
}

export const forget = (key: string): void => forgetName(nameOf(key))

function forgetName(name: string): void {
  try {
    localStorage.removeItem(name)
  }
  catch { /* no storage: nothing was kept either */ }
}

/** Keeps a value until what is given back is called, whoever is signed in by then. */
export function keepUntil(key: string, value: unknown): () => void {
  const name = nameOf(key)
  keep(key, value)
  return () => forgetName(name)
}

/** Locks what this person's earlier releases left here in the open. */
export function lockOpen(): void {
  try {
    for (const [name, text] of Object.entries(localStorage) as [string, string][])
      if (name.startsWith(nameOf('')) && isOpen(text)) localStorage.setItem(name, locked(text))
  }
  catch { /* no storage: nothing was kept either */ }
}

/** Forgets every kept value whose key starts with `start`, but one. */
export function forgetOthers(start: string, but: string): void {
  try {
    for (const key of Object.keys(localStorage))
      if (key.startsWith(nameOf(start)) && key !== nameOf(but)) localStorage.removeItem(key)
  }
  catch { /* no storage: nothing was kept either */ }
}

/** Kept values whose key starts with `start`, in the order of their keys. */
export function allKept<T>(start: string): T[] {
  const from = nameOf(start)
  const keys: string[] = []
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)
      if (key?.startsWith(from)) keys.push(key)
    }
  }
  catch {
    return []
  }
  return keys.sort().flatMap(key => kept<T>(key.slice(nameOf('').length)) ?? [])
}
