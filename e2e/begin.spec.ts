import type { Locator, Page } from '@playwright/test'
import { expect, expectAccessible, hand, test } from './helpers'

const SERVER = `http://127.0.0.1:${Number(process.env.TEST_PORT ?? '4310') + 40}`
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

test.use({ baseURL: SERVER })

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
    await own.click(page.getByRole('link', { name: 'Facility' }).last())
    await expect(page.getByRole('heading', { name: 'Facility', level: 1 })).toBeVisible()
  })
})
