/** Who uses this device, known without a line: that somebody is signed in, not the right to be. */
interface Known<M> {
  readonly me: M
  /** What the person's things here are locked with. */
  readonly deviceKey: string | null
  /** Milliseconds of this device's clock when the server said so. */
  readonly at: number
}

const HERE = 'keen-anchor/here'
const OWED = 'keen-anchor/sign-out-owed'

function read<T>(name: string): T | null {
  try {
    const text = localStorage.getItem(name)
    return text === null ? null : JSON.parse(text) as T
  }
  catch {
    return null
  }
}

function write(name: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(name)
    else localStorage.setItem(name, JSON.stringify(value))
  }
  catch { /* no storage: the next start asks the server */ }
}

/** Remembers who is signed in here; null when nobody is. */
export function rememberPerson<M>(me: M | null, deviceKey: string | null = null): void {
  write(HERE, me === null ? null : { me, deviceKey, at: Date.now() } satisfies Known<M>)
}

/** Whoever was signed in here last, and when the server said so. */
export const personHere = <M>(): Known<M> | null => read<Known<M>>(HERE)

/** Somebody signed out without a line: the server is told before anything else is asked. */
export const oweSignOut = (owed: boolean): void => write(OWED, owed || null)
export const owesSignOut = (): boolean => read<true>(OWED) === true
