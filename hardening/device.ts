import { randomUUID } from 'node:crypto'

/** What the server told about one write. */
export interface Told {
  readonly writeId: string
  readonly route: string
  readonly outcome: 'stored' | 'refused'
  readonly code: string | null
  readonly tries: number
  readonly answer: Record<string, unknown>
}

const RETRY_MS = 120
/** A write that is not answered by then is a failure of its own. */
const GIVE_UP_MS = 90_000

/**
 * One browser: sends writes in order, each under its own name until it is answered, as the product's own queue does.
 */
export class Device {
  private cookie = ''
  private csrf = ''
  readonly told: Told[] = []
  unanswered = 0
  waits = 0

  constructor(private readonly base: string, private readonly email: string) {}

  async signIn(): Promise<void> {
    await this.until(async () => {
      const answer = await this.send('POST', '/api/session', { email: this.email, password: 'anchor-demo' }, {})
      if (answer.status !== 200) return false
      this.cookie = answer.cookie ?? this.cookie
      this.csrf = (answer.body as { csrf: string }).csrf
      return true
    })
  }

  async read<T>(path: string): Promise<T> {
    let body: unknown = null
    await this.until(async () => {
      const answer = await this.send('GET', path, undefined, {})
      if (answer.status === 401) await this.signIn()
      body = answer.body
      return answer.status === 200
    })
    if (body === null || Object.keys(body as object).length === 0) throw new Error(`${path} was not answered.`)
    return body as T
  }

  /** Sends until answered; `null` when nothing came within the limit. */
  async write(method: string, path: string, body: unknown): Promise<Told | null> {
    const writeId = randomUUID()
    let told: Told | null = null
    let tries = 0
    await this.until(async () => {
      tries += 1
      const answer = await this.send(method, path, body, { 'x-keen-write': writeId, 'x-keen-csrf': this.csrf })
      const { code = null } = answer.body as { code?: string | null }
      if (code === 'notSignedIn' || code === 'badToken') {
        await this.signIn()
        return false
      }
      // "Not now" and broken answers are asked again under the same name.
      if (answer.status === 0 || answer.status === 503 || answer.status === 429 || answer.status >= 500) return false
      told = {
        writeId,
        route: `${method} ${path.replace(/[0-9a-f-]{36}/g, ':id').replace(/\d{4}-\d\d-\d\d/, ':day')}`,
        outcome: answer.status < 300 ? 'stored' : 'refused', code, tries,
        answer: answer.body as Record<string, unknown>,
      }
      return true
    })
    if (told) this.told.push(told)
    else this.unanswered += 1
    return told
  }

  private async until(attempt: () => Promise<boolean>): Promise<void> {
    const end = Date.now() + GIVE_UP_MS
    while (Date.now() < end) {
      if (await attempt()) return
      this.waits += 1
      await new Promise(resolve => setTimeout(resolve, RETRY_MS))
    }
  }

  private async send(
    method: string, path: string, body: unknown, headers: Record<string, string>,
  ): Promise<{ status: number, body: unknown, cookie: string | undefined }> {
    try {
      const answer = await fetch(this.base + path, {
        method, signal: AbortSignal.timeout(40_000),
        headers: { 'content-type': 'application/json', cookie: this.cookie, ...headers },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      })
      const text = await answer.text()
      return {
        status: answer.status, body: JSON.parse(text) as unknown,
        cookie: answer.headers.get('set-cookie')?.split(';')[0],
      }
    }
    catch {
      return { status: 0, body: {}, cookie: undefined }
    }
  }
}
