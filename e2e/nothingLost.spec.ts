import type { Browser, Page } from '@playwright/test'
import { expect, expectAccessible, open, signInAnew, test } from './helpers'

const drills = (page: Page) => page.locator('[data-strip] button[data-item]')
const stored = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^Stored \d/ })).toBeVisible()

async function openWeek(page: Page, name: string): Promise<void> {
  await page.getByPlaceholder(/Type a name/).fill(name)
  await page.getByRole('link', { name: new RegExp(`week sheet of ${name}`) }).click()
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
  await expect(drills(page).first()).toBeVisible()
}

/** A second coach at a desk of their own. */
async function anotherCoach(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  await signInAnew(page, 'coach@larkholm.example')
  return page
}

test.use({ expectedErrors: /status of 4(01|09)|ERR_INTERNET_DISCONNECTED/ })

test('two coaches on one week see each other and choose field by field', async ({ page, browser }) => {
  await signInAnew(page, 'head@larkholm.example')
  await openWeek(page, 'Maelis Quay')
  const other = await anotherCoach(browser)
  await openWeek(other, 'Maelis Quay')

  await test.step('what only the other changed comes in by itself', async () => {
    await drills(other).nth(1).click()
    await other.keyboard.press(']')
    await stored(other)
    await expect(page.getByText('Tobin Kelp changed this week too, and it is taken in')).toBeVisible({
      timeout: 20_000,
    })
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Seen' }).click()
  })

  await test.step('where both changed one field, both versions stand side by side', async () => {
    // What one stores waits on the line until the other has stored: the second is asked.
    let release = (): void => {}
    const held = new Promise<void>((resolve) => {
      release = resolve
    })
    await page.route('**/api/athletes/*/weeks/*', async (route) => {
      if (route.request().method() === 'PUT') await held
      await route.continue()
    })
    await drills(page).first().click()
    await drills(other).first().click()
    const sets = Number(await page.getByLabel('Sets', { exact: true }).inputValue())
    await page.keyboard.press(']')
    await page.keyboard.press(']')
    await other.keyboard.press(']')
    await stored(other)
    release()
    const asked = page.getByRole('button', { name: 'Store this choice' })
    const choice = page.getByRole('dialog')
    await expect(choice.getByRole('heading')).toContainText('Tobin Kelp changed this week too')
    await expect(choice.getByRole('row', { name: /sets/ })).toContainText(String(sets + 2))
    await expectAccessible(page)
    await choice.getByRole('radio', { name: /Tobin Kelp/ }).check()
    await asked.click()
    await expect(asked).toBeHidden()
    await expect(page.getByLabel('Sets', { exact: true })).toHaveValue(String(sets + 1))
    await page.keyboard.press('z')
    await expect(page.getByLabel('Sets', { exact: true })).toHaveValue(String(sets + 2))
  })
  await other.context().close()
})

test('an ended session asks for the password where one is, and goes on', async ({ page, context }) => {
  await signInAnew(page, 'head@larkholm.example')
  await openWeek(page, 'Sirke Holm')
  const before = await drills(page).count()
  await context.clearCookies()
  await drills(page).first().click()
  await page.keyboard.press('Delete')
  const dialog = page.getByRole('dialog', { name: 'Your session has ended' })
  await expect(dialog.getByRole('heading')).toBeVisible()
  await expectAccessible(page)
  await dialog.getByLabel('E-mail').fill('head@larkholm.example')
  await dialog.getByLabel('Password').fill('not this one')
  await dialog.getByRole('button', { name: 'Sign in and go on' }).click()
  await expect(dialog.getByText('E-mail or password is not right.')).toBeVisible()
  await dialog.getByLabel('Password').fill('anchor-demo')
  await dialog.getByRole('button', { name: 'Sign in and go on' }).click()
  await expect(dialog.getByRole('heading')).toBeHidden()
  await stored(page)
  expect(await drills(page).count()).toBe(before - 1)
  await page.keyboard.press('z')
  await stored(page)
  await open(page, page.url())
  await expect(drills(page)).toHaveCount(before)
})

test('a lost connection keeps changes and sends them when the line is back', async ({ page, context }) => {
  await signInAnew(page, 'head@larkholm.example')
  await openWeek(page, 'Jorun Vale')
  // All that the page loads is there; the line that tells of changes stays open.
  await page.waitForFunction(() =>
    performance.now() - Math.max(...performance.getEntriesByType('resource').map(one =>
      (one as PerformanceResourceTiming).responseEnd)) > 800)
  await drills(page).first().click()
  const sets = Number(await page.getByLabel('Sets', { exact: true }).inputValue())
  await context.setOffline(true)
  await page.keyboard.press(']')
  await expect(page.getByRole('status', { name: 'Waiting to be stored' })).toContainText('Week of Jorun Vale')
  await page.keyboard.press(']')
  await expect(page.getByText('No connection: kept here · ')).toBeVisible()
  await expectAccessible(page)
  await context.setOffline(false)
  await stored(page)
  await expect(page.getByRole('status', { name: 'Waiting to be stored' })).toBeHidden()
  await open(page, page.url())
  await drills(page).first().click()
  await expect(page.getByLabel('Sets', { exact: true })).toHaveValue(String(sets + 2))
  await test.step('undo reaches back over saves and a reload', async () => {
    await page.keyboard.press('z')
    await page.keyboard.press('z')
    await expect(page.getByLabel('Sets', { exact: true })).toHaveValue(String(sets))
    await stored(page)
  })
})

test('what was typed survives a crash, and meets what another coach stored', async ({ page, browser }) => {
  await signInAnew(page, 'head@larkholm.example')
  await page.getByRole('link', { name: 'Tiko Crag', exact: true }).click()
  await page.getByRole('link', { name: 'Edit', exact: true }).click()
  const mass = page.getByLabel('Body mass, kg')
  const was = Number(await mass.inputValue())
  await mass.fill(String(was + 1))
  await page.getByLabel('Position').fill('both arms')
  await open(page, page.url())
  await expect(page.getByText('As you left it on this device')).toBeVisible()
  await expect(mass).toHaveValue(String(was + 1))

  const other = await anotherCoach(browser)
  await other.getByRole('link', { name: 'Tiko Crag', exact: true }).click()
  await other.getByRole('link', { name: 'Edit', exact: true }).click()
  await other.getByLabel('Body mass, kg').fill(String(was + 5))
  await other.getByLabel('Training age, years').fill('9')
  await other.getByRole('button', { name: 'Save' }).click()
  await expect(other.getByRole('link', { name: 'Edit', exact: true })).toBeVisible()
  await other.context().close()

  await page.getByRole('button', { name: 'Save' }).click()
  const choice = page.getByRole('dialog', { name: /Tobin Kelp changed Tiko Crag too/ })
  await expect(choice).toContainText('Training age: 9')
  await expectAccessible(page)
  await choice.getByRole('radio', { name: /Body mass: Tobin Kelp/ }).check()
  await choice.getByRole('button', { name: 'Store this choice' }).click()
  await expect(page.getByText(`${was + 5} kg`)).toBeVisible()
  await expect(page.getByText('both arms')).toBeVisible()
  await expect(page.getByText('9 years')).toBeVisible()
})
