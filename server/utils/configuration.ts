/** What the server is started with; every value comes from the environment and is checked once. */
export interface Configuration {
  readonly ownerUrl: string
  readonly appUrl: string
  /** Where changes are listened for: a pooler that hands out connections by the transaction cannot. */
  readonly listenUrl: string
  /** Where may be read what is seconds old; null: nowhere else. */
  readonly replicaUrl: string | null
  /** Connections are handed out by the transaction. */
  readonly pooler: boolean
  readonly appPassword: string | null
  readonly sessionPassword: string
  readonly loadDemo: boolean
  /** What whoever founds the first organisation has to know; made and logged at the start where not given. */
  readonly foundingCode: string | null
  /** Where people reach the product: links in mails lead there, and https there makes cookies and headers strict. */
  readonly publicUrl: string
  readonly https: boolean
  /** Whether a reverse proxy names the client's address. */
  readonly trustProxy: boolean
  readonly smtpUrl: string | null
  readonly mailFrom: string
  readonly poolMax: number
  readonly logLevel: string
  /** Hosts, with port, that calendars may be read from; none: addresses are switched off. */
  readonly calendarHosts: readonly string[]
}

/** Characters that nobody guesses at thirty tries in a quarter of an hour. */
const LEAST_CODE = 10
const LOG_LEVELS = ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent']

/**
 * Reads and checks the environment.
 *
 * @throws Error naming the variable that is missing or wrong, so that the server refuses to start half-configured.
 */
export function readConfiguration(env: Readonly<Record<string, string | undefined>>): Configuration {
  const need = (name: string): string => {
    const value = env[name]
    if (!value) throw new Error(`${name} is not set. See docs/operations.md.`)
    return value
  }
  const url = (name: string, value: string, protocols: readonly string[]): string => {
    if (!URL.canParse(value) || !protocols.includes(new URL(value).protocol)) {
      throw new Error(`${name} must be an address that starts with ${protocols.map(p => `${p}//`).join(' or ')}.`)
    }
    return value
  }
  const database = (name: string): string | null =>
    (env[name] ? url(name, env[name], ['postgres:', 'postgresql:']) : null)
  const flag = (name: string): boolean => {
    const value = env[name] ?? '0'
    if (value !== '0' && value !== '1') throw new Error(`${name} must be 0 or 1.`)
    return value === '1'
  }
  const ownerUrl = url('DATABASE_URL', need('DATABASE_URL'), ['postgres:', 'postgresql:'])
  const sessionPassword = need('SESSION_PASSWORD')
  if (sessionPassword.length < 32) throw new Error('SESSION_PASSWORD must have at least 32 characters.')
  const appPassword = env.DATABASE_APP_URL ? null : need('DATABASE_APP_PASSWORD')
  const publicUrl = url('PUBLIC_URL', env.PUBLIC_URL ?? `http://127.0.0.1:${env.PORT ?? '3000'}`, ['http:', 'https:'])
    .replace(/\/$/, '')
  const poolMax = connections(env.POOL_MAX)
  const logLevel = env.LOG_LEVEL ?? 'info'
  if (!LOG_LEVELS.includes(logLevel)) throw new Error(`LOG_LEVEL must be one of ${LOG_LEVELS.join(', ')}.`)
  const appUrl = database('DATABASE_APP_URL') ?? asAppRole(ownerUrl, appPassword!)
  return {
    ownerUrl,
    appUrl,
    listenUrl: database('DATABASE_LISTEN_URL') ?? appUrl,
    replicaUrl: database('DATABASE_REPLICA_URL'),
    pooler: flag('POOLER'),
    appPassword,
    sessionPassword,
    loadDemo: flag('LOAD_DEMO'),
    foundingCode: founding(env.FOUNDING_CODE),
    publicUrl,
    https: publicUrl.startsWith('https:'),
    trustProxy: flag('TRUST_PROXY'),
    smtpUrl: env.SMTP_URL ? url('SMTP_URL', env.SMTP_URL, ['smtp:', 'smtps:']) : null,
    mailFrom: env.MAIL_FROM ?? 'Keen Anchor <no-reply@keen-anchor.example>',
    poolMax,
    logLevel,
    calendarHosts: (env.CALENDAR_HOSTS ?? '').split(',').map(host => host.trim()).filter(Boolean),
  }
}

function connections(given = '10'): number {
  const most = Number(given)
  if (Number.isInteger(most) && most >= 2 && most <= 200) return most
  throw new Error('POOL_MAX must be a whole number from 2 to 200.')
}

function founding(code: string | undefined): string | null {
  if (code === undefined || code === '') return null
  if (code.length < LEAST_CODE) throw new Error(`FOUNDING_CODE must have at least ${LEAST_CODE} characters.`)
  return code
}

/** The same database through the application role. */
export function asAppRole(ownerUrl: string, password: string): string {
  const url = new URL(ownerUrl)
  url.username = 'keen_anchor_app'
  url.password = password
  return url.toString()
}
