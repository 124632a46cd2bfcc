import type { Page } from '@playwright/test'
import {
  expect, expectAccessible, expectNoSideScroll, linkIn, mailTo, open, signIn, test, watchConsole,
} from './helpers'

const unique = Date.now().toString(36)
const NAME = `Nerys Pell ${unique}`
const EMAIL = `nerys-${unique}@test.example`

async function stored(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Stored/ })).toBeVisible()
}

test.use({ expectedErrors: /status of 4(09|22)/ })

test('from an empty athlete to a logged session that the coach sees', async ({ page, browser }) => {
  test.setTimeout(420_000)
  await signIn(page, 'head@larkholm.example')
  await expect(page.getByRole('status').filter({ hasText: '24 athletes' })).toBeVisible()
  await expectAccessible(page)

  await test.step('add an athlete, wrong first', async () => {
    await page.getByRole('link', { name: 'Add athlete' }).click()
    await page.getByLabel('Name', { exact: true }).fill(NAME)
    await page.getByLabel('Height, cm').fill('3 m')
    await page.getByLabel('Body mass, kg').fill('8')
    await page.getByRole('button', { name: 'Add athlete' }).click()
    await expect(page.getByText('Height must be a number.')).toBeVisible()
    await expect(page.getByText('Body mass must be 25 kg (55 lb) or more.')).toBeVisible()
    await expect(page.getByText('8 fields need another look.')).toBeVisible()
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue(NAME)
    await expectAccessible(page)
    await page.getByLabel('Height, cm').fill('172')
    await page.getByLabel('Body mass, kg').fill('66,5')
    await page.getByLabel('Birth year').fill('2001')
    await page.getByLabel('Training age, years').fill('3')
    // In no squad: its season would leave some days light or free, and which ones depends on the day of the test.
    for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'])
      await page.getByLabel(day, { exact: true }).fill('60')
    await page.getByLabel('Sport profile').selectOption('general')
    await page.getByLabel('Sex for body scaling').selectOption('female')
    await page.getByRole('button', { name: 'What the gym has' }).click()
    await page.getByLabel('Brace step reached').selectOption('7')
    await page.getByLabel('Weak link').selectOption('antiRotation')
    await page.getByLabel('Weaker side').selectOption('left')
    await page.getByLabel('Side plank: held').selectOption({ label: '2 · Side plank' })
    await page.getByRole('button', { name: 'Add athlete' }).dblclick()
    await expect(page.getByRole('heading', { name: NAME })).toBeVisible()
    await expect(page.getByText('172 cm, 66.5 kg')).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('invite to a sign-in', async () => {
    await page.getByLabel('E-mail').fill('head@larkholm.example')
    await page.getByRole('button', { name: 'Send invitation' }).click()
    await expect(page.getByText('This e-mail is in use here.')).toBeVisible()
    await page.getByLabel('E-mail').fill(EMAIL)
    await page.getByRole('button', { name: 'Send invitation' }).dblclick()
    await expect(page.getByText(`Invited under ${EMAIL}`)).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('enter a lift, propose with one key, and see the ledger change', async () => {
    await page.getByRole('link', { name: 'Week sheet' }).click()
    await page.getByRole('button', { name: '+ lift' }).first().click()
    await page.getByLabel('% of 1RM').fill('150')
    await page.getByRole('button', { name: 'Add lift' }).click()
    await expect(page.getByText('Load goes from 20 to 100 % of 1RM.')).toBeVisible()
    await expectAccessible(page)
    await page.getByLabel('% of 1RM').fill('82')
    await page.getByRole('button', { name: 'Add lift' }).click()
    await expect(page.getByRole('button', { name: /Back squat/ })).toBeVisible()
    await page.keyboard.press('p')
    const drills = page.locator('[data-strip] button[data-item]')
    await expect.poll(() => drills.count()).toBeGreaterThan(5)
    await stored(page)
    await expect(page.getByText(/nothing better exists|not proven/)).toBeVisible()
    await expect(page.getByRole('heading', { name: 'Why here' })).toBeVisible()
    await expectAccessible(page)
  })

  const strips = page.locator('[data-strip]')
  const namesIn = (index: number) => strips.nth(index).locator('button[data-item]').allTextContents()

  await test.step('a drill that is kept stays where it is when the week is proposed anew', async () => {
    await strips.nth(0).locator('button[data-item]').first().click()
    await page.keyboard.press('l')
    await expect(page.getByRole('button', { name: 'Keep here' })).toHaveAttribute('aria-pressed', 'true')
    await expect(strips.nth(0).getByText('· kept')).toHaveCount(1)
    await page.keyboard.press('p')
    await expect(page.getByText(/nothing better exists|not proven/)).toBeVisible()
    await expect(strips.nth(0).getByText('· kept')).toHaveCount(1)
    // Back to the week as it was before it was kept.
    for (let i = 0; i < 3 && await strips.nth(0).getByText('· kept').count() > 0; i++) await page.keyboard.press('z')
    await expect(strips.nth(0).getByText('· kept')).toHaveCount(0)
    await stored(page)
  })

  await test.step('move with the keys, undo, redo, and find it after a reload', async () => {
    const first = await namesIn(0)
    await strips.nth(0).locator('button[data-item]').first().click()
    await page.keyboard.press('Shift+ArrowDown')
    expect((await namesIn(0)).length).toBe(first.length - 1)
    await page.keyboard.press('z')
    expect(await namesIn(0)).toEqual(first)
    await page.keyboard.press('Control+Shift+z')
    expect((await namesIn(0)).length).toBe(first.length - 1)
    await page.keyboard.press('Control+z')
    await page.getByRole('button', { name: 'Leave it out' }).click()
    await stored(page)
    const left = await namesIn(0)
    await open(page, page.url())
    await expect(strips.nth(0)).toBeVisible()
    expect(await namesIn(0)).toEqual(left)
  })

  await test.step('drag a drill to another day', async () => {
    const from = strips.nth(1).locator('button[data-item]').first()
    const count = (await namesIn(2)).length
    const start = (await from.boundingBox())!
    const target = (await strips.nth(2).boundingBox())!
    await page.mouse.move(start.x + 20, start.y + 8)
    await page.mouse.down()
    await page.mouse.move(start.x + 60, start.y + 40, { steps: 5 })
    await page.mouse.move(target.x + 300, target.y + 50, { steps: 8 })
    await page.mouse.up()
    await expect.poll(async () => (await namesIn(2)).length).toBe(count + 1)
    await stored(page)
  })

  await test.step('swap and change a dose in place', async () => {
    await strips.nth(2).locator('button[data-item]').first().click()
    const panel = page.getByRole('region').filter({ has: page.getByRole('heading', { name: 'Why here' }) })
    const title = panel.getByRole('heading', { level: 2 }).first()
    const before = await title.textContent()
    await page.keyboard.press('1')
    await expect(title).not.toHaveText(before!)
    await page.getByLabel('Sets', { exact: true }).fill('99')
    await expect(page.getByText('Sets go from 1 to 10.')).toBeVisible()
    await page.getByLabel('Sets', { exact: true }).fill('1')
    await expect(page.getByText('Sets go from 1 to 10.')).toBeHidden()
    await page.keyboard.press('Enter')
    await stored(page)
  })

  await test.step('add drills by name, with the key and on the day it is', async () => {
    await page.keyboard.press('a')
    await page.getByRole('combobox').fill('lunge turn')
    await page.keyboard.press('Escape')
    const { me } = await (await page.request.get('/api/session')).json() as { me: { today: string } }
    const strip = page.getByRole('region', { name: new RegExp(`^\\w{3} ${Number(me.today.slice(8))}$`) })
    await strip.getByRole('button', { name: /^\+ drill/ }).click()
    await page.getByRole('combobox').fill('side plank on the knees')
    await expectAccessible(page)
    await page.getByRole('option', { name: /Side plank on the knees ·/ }).click()
    await stored(page)
  })

  await test.step('assign', async () => {
    await page.getByRole('button', { name: 'Assign week' }).click()
    // Nobody has screened this athlete yet: a coach says why it is assigned all the same.
    await expect(page.getByText(/^Never screened: the screening comes first/)).toBeVisible()
    await page.getByRole('button', { name: 'Assign with this reason' }).click()
    await expect(page.getByText('Say why, in a word or two.')).toBeVisible()
    await expectAccessible(page)
    await page.getByLabel('Why it is assigned all the same').fill('Screened on paper this morning.')
    await page.getByRole('button', { name: 'Assign with this reason' }).click()
    await expect(page.getByText(`Assigned: ${NAME} reads it from now on.`)).toBeVisible()
    await expectAccessible(page)
  })

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const athlete = await phone.newPage()
  const errors: string[] = []
  watchConsole(athlete, errors)

  await test.step('the athlete reads today with why', async () => {
    await open(athlete, linkIn(await mailTo(athlete, EMAIL)))
    await athlete.getByLabel('New password').fill('short')
    await athlete.getByLabel('The same once more').fill('short')
    await athlete.getByRole('button', { name: 'Set the password' }).click()
    await expect(athlete.getByText('Use at least 10 characters.')).toBeVisible()
    await expectAccessible(athlete)
    errors.length = 0 // the refusal above is a 422 that the browser reports
    await athlete.getByLabel('New password').fill('strand and keel')
    await athlete.getByLabel('The same once more').fill('strand and keel')
    await athlete.getByRole('button', { name: 'Set the password' }).click()
    await athlete.waitForURL(/today/)
    await expect(athlete.getByRole('link', { name: 'Start the session' })).toBeVisible()
    await expect(athlete.getByText(/Serves|First drill|Chosen by the coach/).first()).toBeVisible()
    await expectAccessible(athlete)
    await expectNoSideScroll(athlete)
  })

  await test.step('the athlete runs and logs it', async () => {
    await athlete.getByRole('link', { name: 'Start the session' }).click()
    await athlete.getByRole('button', { name: 'Start', exact: true }).click()
    // Five seconds to take hold, then the set has begun.
    await athlete.waitForTimeout(6500)
    await expectAccessible(athlete)
    await athlete.getByRole('button', { name: /^Stop/ }).click()
    await athlete.getByRole('button', { name: 'Log set' }).click()
    await expect(athlete.getByText('Say what ended the set.')).toBeVisible()
    await athlete.getByRole('button', { name: 'Hips turned' }).click()
    await athlete.getByRole('group', { name: 'Where was it felt?' }).getByRole('button', { name: 'Sides' }).click()
    await athlete.getByRole('button', { name: 'Effort 7 of 10' }).click()
    await expectAccessible(athlete)
    await expectNoSideScroll(athlete)
    await athlete.getByRole('button', { name: 'Log set' }).click()
    for (let i = 0; i < 60; i++) {
      if (await athlete.getByRole('heading', { name: 'Session done' }).isVisible()) break
      const rest = athlete.getByRole('button', { name: 'Go on now' })
      if (await rest.isVisible()) await rest.click()
      else if (await athlete.getByRole('button', { name: 'Done as asked' }).isVisible()) {
        await athlete.getByRole('button', { name: 'Done as asked' }).click()
      }
    }
    await expect(athlete.getByRole('heading', { name: 'Session done' })).toBeVisible()
    await expectAccessible(athlete)
    await athlete.getByRole('link', { name: 'Finish' }).click()
    await expect(athlete.getByRole('link', { name: 'Look at the session' })).toBeVisible()
    expect(errors).toEqual([])
  })

  await test.step('the coach sees what came of it', async () => {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Athlete' }).click()
    await expect(page.getByText('Hips turned')).toBeVisible()
    await expect(page.getByText(/sets done of/)).toContainText(/[1-9]\d* sets done/)
    await expectAccessible(page)
  })
  await phone.close()
})
