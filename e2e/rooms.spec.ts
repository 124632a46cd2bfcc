import { csrfOf, expect, expectAccessible, expectNoSideScroll, open, signIn, test } from './helpers'

test('every room is in order at desk size, and says where it is', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('link', { name: 'Ilse Tarn', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'What came of it' })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Edit', exact: true }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ilse Tarn')
  await expectAccessible(page)
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'What came of it' })).toBeVisible()
  await page.getByRole('link', { name: 'Facility' }).click()
  await expect(page.getByText(/drills of the catalogue can be done/)).toBeVisible()
  await expectAccessible(page)
})

test('typing filters the roster at once', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByPlaceholder(/Type a name/).fill('judo gannet')
  await expect(page.getByText('1 of 24 athletes').or(page.getByText(/^1 of 2\d athletes/))).toBeVisible()
  await page.getByPlaceholder(/Type a name/).fill('nobody of that name')
  await expect(page.getByText(/^0 of/)).toBeVisible()
  await expectAccessible(page)
})

test('a squad is planned and assigned in a few clicks, exceptions first', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('button', { name: 'Javelin' }).click()
  await page.getByLabel('Select all shown').check()
  await page.getByRole('link', { name: 'Plan a week for 4' }).click()
  await page.getByRole('button', { name: /Copy from/ }).click()
  await expect(page.getByText('Back squat')).toBeVisible()
  await expectAccessible(page)
  // Another journey may have planned this week already.
  await page.getByLabel('Replace weeks that already hold drills').check()
  await page.getByRole('button', { name: /^Propose for 4/ }).click()
  const results = page.getByRole('region', { name: 'Proposals' })
  await expect(results.getByRole('listitem').first()).toContainText('Oskel Burn')
  await expect(results.getByRole('heading').nth(1)).toContainText('Blocked by a flag')
  await expectAccessible(page)
  await results.getByRole('button', { name: 'Assign 3 weeks' }).click()
  await expect(results.getByRole('button', { name: 'All assigned' })).toBeVisible()
})

test('a red flag closes the week with the referral text', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByPlaceholder(/Type a name/).fill('Oskel')
  await page.getByRole('link', { name: /not planned/ }).click()
  await expect(page.getByText('refer to a clinician')).toBeVisible()
  await expect(page.getByRole('button', { name: /Propose/ })).toBeDisabled()
  await expectAccessible(page)
})

test('units follow the person', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('button', { name: /kg · cm/ }).click()
  await page.getByRole('link', { name: 'Ilse Tarn', exact: true }).click()
  await expect(page.getByText(/\d in, [\d.]+ lb/)).toBeVisible()
  await page.getByRole('button', { name: /lb · in/ }).click()
  await expect(page.getByText(/\d cm, [\d.]+ kg/)).toBeVisible()
})

test('an assistant reads and does not plan', async ({ page }) => {
  await signIn(page, 'assistant@larkholm.example')
  await expect(page.getByText(/of 2\d athletes/)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Add athlete' })).toBeHidden()
  await page.getByRole('link', { name: /week sheet of Bram Lough/ }).click()
  await expect(page.getByRole('heading', { name: /Plane ledger/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /Propose/ })).toBeHidden()
  await page.keyboard.press('p')
  await expect(page.getByRole('status').filter({ hasText: 'Stored' })).toBeVisible()
  const refused = await page.request.post('/api/athletes', { data: {}, headers: await csrfOf(page) })
  expect(refused.status()).toBe(403)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('an athlete sees the own pages only', async ({ page }) => {
    await signIn(page, 'ilse@larkholm.example')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expectAccessible(page)
    await expectNoSideScroll(page)
    await open(page, '/roster')
    await expect(page).toHaveURL(/today/)
    expect((await page.request.get('/api/athletes')).status()).toBe(403)
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/sign-in/)
    await expectAccessible(page)
    await expectNoSideScroll(page)
  })
})
