import type { Locator, Page } from '@playwright/test'
import { expect, expectAccessible, hand, test } from './helpers'

const SERVER = `http://localhost:${Number(process.env.TEST_PORT ?? '4310') + 40}`
const NAMES = [
  'Aud Skarv', 'Brisa Tangen', 'Calder Vik', 'Dagny Holme', 'Eskil Rane', 'Frida Lunde', 'Gorm Naust', 'Hedda Skjær',
  'Ivar Brim', 'Jorid Flo', 'Kai Odden', 'Liv Straum',
]
const TABLE = [
  ['Name', 'Sex', 'Height', 'Mass', 'Born', 'Sport', 'Training years', 'Squad'],
  ...NAMES.map((name, i) => [
    name, i % 2 ? 'male' : 'female', 168 + i, 60 + 2 * i, 1998 + (i % 6), 'Paddling', 2 + (i % 5), 'Paddlers',
  ]),
].map(row => row.join('\t')).join('\n')

// A passkey that was taken away is refused, which the browser reports.
test.use({ baseURL: SERVER, expectedErrors: /status of 401/ })

/** Opens an address and waits until the page answers to clicks. */
async function at(page: Page, path: string): Promise<void> {
  await page.goto(`${SERVER}${path}`)
  await page.locator('html[data-ready]').waitFor()
}

test('from nobody there to a first assigned week for a pasted roster of twelve', async ({ page }) => {
  test.setTimeout(900_000)
  const startedAt = Date.now()
  const own = hand(page)
  let typed = 0
  const fill = async (field: Locator, text: string): Promise<void> => {
    typed += 1
    await field.fill(text)
  }

  await test.step('the first page founds an organisation with the code that the start printed', async () => {
    await at(page, '/')
    await expect(page).toHaveURL(/\/found$/)
    await expectAccessible(page)
    await fill(page.getByLabel('Code'), 'found in the tests')
    await fill(page.getByLabel('Name of the organisation'), 'Outer Skerry Centre')
    await fill(page.getByLabel('Your name'), 'Runa Skerry')
    await fill(page.getByLabel('E-mail'), 'runa@skerry.example')
    await fill(page.getByLabel('Password'), 'kelp over nine rocks')
    await own.click(page.getByRole('button', { name: /^Found/ }))
    await expect(page.getByRole('heading', { name: 'Beginning' })).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('a squad, and what the gym has', async () => {
    await fill(page.getByLabel('Name of a squad'), 'Paddlers')
    await own.click(page.getByRole('button', { name: 'Add the squad' }))
    await expect(page.getByText('Paddlers', { exact: true })).toBeVisible()
    await own.click(page.getByRole('listitem').filter({ hasText: '2. Equipment' }).getByRole('link'))
    await expect(page.getByRole('heading', { name: 'Facility', level: 1 })).toBeVisible()
    for (const thing of ['Wall', 'Flat bench', 'Elastic band', 'Cable column', 'Dumbbells', 'Barbell'])
      await fill(page.getByLabel(thing).first(), '6')
    await expectAccessible(page)
    await own.click(page.getByRole('button', { name: 'Store equipment' }))
    await expect(page.getByRole('status').filter({ hasText: 'Stored' })).toBeVisible()
  })

  await test.step('twelve athletes, pasted', async () => {
    await at(page, '/begin')
    await own.click(page.getByRole('listitem').filter({ hasText: '4. Roster' }).getByRole('link'))
    await fill(page.getByLabel('The table'), TABLE)
    await expect(page.getByText('12 rows.')).toBeVisible()
    await expectAccessible(page)
    for (const day of ['Mon', 'Wed', 'Fri']) await fill(page.getByLabel(day, { exact: true }), '70')
    await own.click(page.getByRole('button', { name: 'What the gym has' }))
    await own.click(page.getByRole('button', { name: 'Take 12 in' }))
    await expect(page.getByText('Taken in: 12 athletes.')).toBeVisible()
    await own.click(page.getByRole('link', { name: /screen them/ }))
    await expect(page.getByRole('status').filter({ hasText: '12 athletes' })).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('each is screened and the brace is checked once', async () => {
    for (const name of NAMES) {
      await own.click(page.getByRole('link', { name: new RegExp(`Never screened.*${name}`) }))
      await own.click(page.getByRole('button', { name: /^No to the/ }))
      await own.click(page.getByRole('button', { name: 'Store the answers' }))
      await expect(page.getByText('Answers stored.')).toBeVisible()
      await own.click(page.getByRole('link', { name: 'Brace', exact: true }))
      for (const side of ['Front', 'Left side', 'Right side', 'Back'])
        await own.click(page.getByRole('button', { name: side, exact: true }))
      await own.click(page.getByRole('button', { name: 'goes on behind it' }))
      await fill(page.getByLabel(/^Correct repeats/), '3')
      await own.click(page.getByRole('button', { name: 'Store the check' }))
      await expect(page.getByText('The brace was never checked here')).toBeHidden()
      await own.click(page.getByRole('link', { name: 'Roster', exact: true }))
    }
    await expect(page.getByText('Never screened')).toHaveCount(0)
    await expect(page.getByText('Brace never checked')).toHaveCount(0)
  })

  await test.step('lift days typed once, weeks proposed and assigned', async () => {
    await own.click(page.getByRole('link', { name: 'Squad week', exact: true }))
    await own.click(page.getByRole('button', { name: 'Select shown' }))
    await expect(page.getByRole('heading', { name: 'Who 12' })).toBeVisible()
    await own.click(page.getByRole('button', { name: '+ lift day' }))
    await own.click(page.getByRole('dialog').getByRole('button', { name: /^(Add|Store|Put)/ }))
    await own.click(page.getByRole('button', { name: /^\+ lift/ }).first())
    await own.click(page.getByRole('dialog').getByRole('button', { name: 'Add lift' }))
    await expect(page.getByRole('button', { name: /Back squat/ })).toBeVisible()
    await own.key('p')
    await expect(page.getByText('12 athletes, exceptions first')).toBeVisible({ timeout: 300_000 })
    await expectAccessible(page)
    await own.click(page.getByRole('button', { name: 'Assign 12 weeks' }))
    await expect(page.getByRole('button', { name: 'All assigned' })).toBeVisible({ timeout: 120_000 })
  })

  const minutes = (Date.now() - startedAt) / 60_000
  console.info(`From nobody to twelve assigned weeks: ${JSON.stringify({ ...own.counted(), fields: typed })}, `
    + `${minutes.toFixed(1)} minutes by a hand that does not think.`)
  expect(own.counted().clicks).toBeLessThan(170)
  await at(page, '/day')
  await expect(page.getByText('Beginning, next: invitations.')).toBeVisible()
})

test('a head coach makes a passkey, and signs in by it until it is taken away', async ({ page }) => {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('WebAuthn.enable')
  await cdp.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true, isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  })
  await at(page, '/sign-in')
  await page.getByLabel('E-mail').fill('runa@skerry.example')
  await page.getByLabel('Password').fill('kelp over nine rocks')
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
  await page.waitForURL(/roster/)
  await at(page, '/account')
  const form = page.getByRole('form', { name: 'Passkeys' })
  await form.getByLabel('What you call this device').fill('Desk in the office')
  await form.getByLabel('Present password').fill('kelp over nine rocks')
  await form.getByRole('button', { name: 'Make a passkey on this device' }).click()
  await expect(form.getByRole('list', { name: 'Your passkeys' })).toContainText('Desk in the office')
  await expectAccessible(page)

  const byKey = async (): Promise<void> => {
    await page.context().clearCookies()
    await at(page, '/sign-in')
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  }
  await byKey()
  await page.waitForURL(/roster/)
  await at(page, '/account')
  await expect(form.getByRole('list', { name: 'Your passkeys' })).toContainText('last used')
  await form.getByRole('button', { name: 'Take away: Desk in the office' }).click()
  await expect(form.getByRole('list', { name: 'Your passkeys' })).toBeHidden()
  await byKey()
  await expect(page.getByText('This passkey is not known here, or took too long.')).toBeVisible()
})
