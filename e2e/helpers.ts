import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test'

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

/** Every test fails on a console error or an uncaught exception, unless it says that it expects one. */
export const test = base.extend<{ expectedErrors: RegExp }>({
  expectedErrors: [/(?!)/, { option: true }],
  page: async ({ page, expectedErrors }, use) => {
    const errors: string[] = []
    watchConsole(page, errors)
    await use(page)
    expect(errors.filter(text => !expectedErrors.test(text))).toEqual([])
  },
})

/** Collects what a page complains about. */
export function watchConsole(page: Page, errors: string[]): void {
  page.on('console', message => message.type() === 'error' && errors.push(message.text()))
  page.on('pageerror', error => errors.push(error.message))
}

export { expect }

/** Opens an address and waits until the page answers to clicks. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await page.locator('html[data-ready]').waitFor()
}

type Cookies = Awaited<ReturnType<BrowserContext['cookies']>>
/** Sign-ins of this run, by address: most journeys are about something else. */
const signedIn = new Map<string, Cookies>()

/** Opens the first page as somebody, by the form the first time and by what it left behind from then on. */
export async function signIn(page: Page, email: string, password = 'anchor-demo'): Promise<void> {
  const context = page.context()
  const cookies = signedIn.get(email)
  if (cookies) {
    await context.addCookies(cookies)
    await open(page, '/')
    if (!page.url().includes('/sign-in')) return
  }
  await signInAnew(page, email, password)
  signedIn.set(email, await context.cookies())
}

/** Signs in by the form: a sign-in of its own, that may end without ending another journey's. */
export async function signInAnew(page: Page, email: string, password = 'anchor-demo'): Promise<void> {
  await open(page, '/sign-in')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL(/\/(roster|today)/)
}

/** No violation of the WCAG 2.2 AA rules that axe knows, on the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(RULES).analyze()
  expect(
    violations.map(v =>
      `${v.id}: ${v.nodes.slice(0, 4).map(n => `${n.target.join(' ')} ${n.failureSummary}`).join(' | ')}`
    ),
  ).toEqual([])
}

/** Whether the page is wider than its window. */
export async function expectNoSideScroll(page: Page): Promise<void> {
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true)
}

/** The newest mail to an address in the simulated outbox, as soon as it is there. */
export async function mailTo(page: Page, email: string): Promise<string> {
  const outbox = `http://127.0.0.1:${Number(process.env.TEST_PORT ?? '4310') + 1}/mails`
  let text = ''
  await expect.poll(async () => {
    const mails = await (await page.request.get(outbox)).json() as { to: string, text: string }[]
    text = mails.filter(mail => mail.to.includes(email)).at(-1)?.text ?? ''
    return text.length
  }).toBeGreaterThan(0)
  return text
}

/** The link in a mail, as a path of ours. */
export const linkIn = (text: string): string => new URL(/https?:\/\/\S+/.exec(text)![0]).href

/** Writes as a script of this person would, with the session's own token. */
export async function csrfOf(page: Page): Promise<Record<string, string>> {
  const { csrf } = await (await page.request.get('/api/session')).json() as { csrf: string }
  return { 'x-keen-csrf': csrf }
}

/** Clicks and keys a coach makes, counted as they are made. */
export function hand(page: Page) {
  let [clicks, keys] = [0, 0]
  return {
    async click(target: ReturnType<Page['locator']>): Promise<void> {
      clicks += 1
      await target.click()
    },
    async key(name: string): Promise<void> {
      keys += 1
      await page.keyboard.press(name)
    },
    counted: () => ({ clicks, keys }),
  }
}
