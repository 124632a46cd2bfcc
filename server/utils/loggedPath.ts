/** How much of an address the log keeps. */
const MOST = 200

/** An address as the log may show it: without its question, and without the secret of a calendar's address. */
export function loggedPath(path: string): string {
  return path.split('?')[0]!.replace(/^(\/+api\/+feeds\/+)(?!revoke$).+/, '$1…').slice(0, MOST)
}
