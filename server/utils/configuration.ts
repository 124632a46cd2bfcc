/** What the server is started with; every value comes from the environment and is checked once. */
export interface Configuration {
  readonly ownerUrl: string
  readonly appUrl: string
  readonly appPassword: string | null
  readonly sessionPassword: string
  readonly loadDemo: boolean
  /** Sign-in cookies only over https. */
  readonly secureCookies: boolean
  readonly logLevel: string
}

/**
 * Reads and checks the environment.
 *
 * @throws Error naming the variable that is missing or wrong, so that the server refuses to start half-configured.
 */
export function readConfiguration(env: Readonly<Record<string, string | undefined>>): Configuration {
  const need = (name: string): string => {
    const value = env[name]
    if (!value) throw new Error(`${name} is not set. See "Configuration" in README.md.`)
    return value
  }
  const ownerUrl = need('DATABASE_URL')
  const sessionPassword = need('SESSION_PASSWORD')
  if (sessionPassword.length < 32) throw new Error('SESSION_PASSWORD must have at least 32 characters.')
  const appPassword = env.DATABASE_APP_URL ? null : need('DATABASE_APP_PASSWORD')
  return {
    ownerUrl,
    appUrl: env.DATABASE_APP_URL ?? asAppRole(ownerUrl, appPassword!),
    appPassword,
    sessionPassword,
    loadDemo: env.LOAD_DEMO === '1',
    secureCookies: env.SECURE_COOKIES === '1',
    logLevel: env.LOG_LEVEL ?? 'info',
  }
}

/** The same database through the application role. */
export function asAppRole(ownerUrl: string, password: string): string {
  const url = new URL(ownerUrl)
  url.username = 'keen_anchor_app'
  url.password = password
  return url.toString()
}
