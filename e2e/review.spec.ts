import { readFileSync } from 'node:fs'
import { expect, expectAccessible, open, signIn, test } from './helpers'

test('a review leads from each week to the sets behind it, and is held against another time', async ({ page }) => {
  test.setTimeout(120_000)
  await signIn(page, 'head@larkholm.example')
  await open(page, '/review')
  const row = page.getByRole('row').filter({ hasText: 'Edda Moor' })
  await expect(row).toContainText('%', { timeout: 60_000 })
  await expectAccessible(page)
  await row.getByRole('link').click()
  await expect(page.getByRole('heading', { name: 'Edda Moor' })).toBeVisible({ timeout: 30_000 })
  await expect(page.getByRole('region', { name: 'Resist arching' }).getByRole('img').first()).toBeVisible()
  await expectAccessible(page)

  const weeks = page.getByRole('list', { name: 'Weeks' }).getByRole('button')
  await weeks.nth(await weeks.count() - 2).click()
  await expect(page.getByText(/lifts gave/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Asked and done' }).getByText(/effort \d/).first()).toBeVisible()

  await page.getByRole('button', { name: 'The same time before' }).click()
  await expect(page.getByRole('row', { name: /Planned sets done/ })).toContainText('–')
  await page.reload()
  await expect(page.getByRole('row', { name: /Planned sets done/ })).toBeVisible({ timeout: 30_000 })

  const file = page.waitForEvent('download')
  await page.getByRole('button', { name: 'CSV' }).click()
  const [heads, ...lines] = readFileSync(await (await file).path(), 'utf8').trim().split(/\r?\n/)
  expect(heads).toContain('sagittal asked')
  expect(lines).toHaveLength(12)
})

test('a report is read by a link without signing in, until it is taken back', async ({ page, browser }) => {
  test.setTimeout(120_000)
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/roster')
  await page.getByRole('link', { name: 'Ilse Tarn' }).first().click()
  await page.getByRole('navigation', { name: 'Rooms of the athlete' }).getByRole('link', { name: 'Review' }).click()
  const links = page.getByRole('region', { name: 'Report by link' })
  await links.getByLabel('Holds for').fill('200')
  await links.getByRole('button', { name: 'Link in plain words' }).click()
  await expect(links.getByRole('alert')).toContainText('1 to 90 days')
  await links.getByLabel('Holds for').fill('7')
  await links.getByRole('button', { name: 'Link in plain words' }).click()
  const address = new URL(await links.getByLabel('Address of the report').inputValue())

  const outside = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const stranger = await outside.newPage()
  await open(stranger, address.pathname)
  await expect(stranger.getByRole('heading', { name: 'Ilse Tarn' })).toBeVisible({ timeout: 30_000 })
  await expect(stranger.getByText(/of what was planned/)).toBeVisible()
  await expectAccessible(stranger)

  await links.getByRole('button', { name: 'Take back' }).first().click()
  await expect(links.getByText('taken back').first()).toBeVisible()
  await stranger.reload()
  await expect(stranger.getByText('There is no report at this address')).toBeVisible()
  await outside.close()
})
