import { existsSync } from 'node:fs'
import { chromium, type Browser, type Page } from '@playwright/test'

/** Runs some work in Debian's headless Chromium. */
export async function inBrowser<T>(work: (browser: Browser) => Promise<T>): Promise<T> {
  const executablePath = ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find(path => existsSync(path))
  const browser = await chromium.launch({
    ...(executablePath ? { executablePath } : {}),
    args: [...(process.getuid?.() === 0 ? ['--no-sandbox'] : []), '--disable-background-networking'],
  })
  try {
    return await work(browser)
  }
  finally {
    await browser.close()
  }
}

/** Signs a person of the demo in. */
export async function signIn(page: Page, base: string, email: string): Promise<void> {
  await page.goto(`${base}/sign-in`)
  await page.locator('html[data-ready]').waitFor()
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill('anchor-demo')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL(/roster|today/)
}
