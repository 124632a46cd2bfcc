import { expect, expectAccessible, open, signIn, test } from './helpers'

/** Athletes of the demo who sign in; on any day some of them have something to be decided. */
const PHONES: Readonly<Record<string, string>> = {
  'Tiko Crag': 'tiko', 'Bram Lough': 'bram', 'Jorun Vale': 'jorun', 'Ilse Tarn': 'ilse', 'Sirke Holm': 'sirke',
}

test('a Monday: all is decided by a few keys, taken back, and the athlete reads it', async ({ page, browser }) => {
  test.setTimeout(180_000)
  await signIn(page, 'head@larkholm.example')
  await open(page, '/decisions')
  const waiting = page.getByRole('status').first()
  await expect(waiting).toContainText(/\d+ wait/, { timeout: 60_000 })
  await expect(page.getByRole('article').first()).toContainText('To be seen')
  await expectAccessible(page)

  // Another way takes one action and a reason.
  const down = page.getByRole('article').filter({ hasText: 'A step down' }).first()
  await down.getByRole('button', { name: /stay, I saw it/ }).click()
  await down.getByRole('button', { name: 'I saw it', exact: true }).click()
  await expect(page.getByRole('table').getByText('“I saw it”')).toBeVisible({ timeout: 20_000 })

  const startedAt = Date.now()
  let keys = 1
  await page.keyboard.press('a')
  while (!(await waiting.textContent())!.includes('Nothing waits') && keys < 40) {
    await page.keyboard.press('Enter')
    keys += 1
  }
  await expect(waiting).toContainText('Nothing waits')
  console.info(`Decided in ${Date.now() - startedAt} ms with ${keys} keys.`)
  expect(keys).toBeLessThan(40)

  // What is decided stays decided over a reload, and is taken back for a week.
  await expect(page.getByRole('table').getByRole('row')).not.toHaveCount(1, { timeout: 30_000 })
  await page.waitForTimeout(3000)
  // A busy machine stores ten decisions in more than that.
  await expect(page.getByText(/on this device/)).toBeHidden({ timeout: 60_000 })
  await page.reload()
  await expect(waiting).toContainText('Nothing waits', { timeout: 60_000 })
  const decided = await page.getByRole('table').getByRole('rowheader').allTextContents()
  const name = decided.map(text => text.trim()).find(text => text in PHONES)!
  const undo = page.getByRole('button', { name: new RegExp(`^Take back: ${name}, (Up|More)`) }).first()
  await undo.click()
  await expect(waiting).toContainText('1 waits', { timeout: 60_000 })
  await page.keyboard.press('Enter')
  await expect(waiting).toContainText('Nothing waits')

  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } })
  await signIn(phone, `${PHONES[name]!}@larkholm.example`)
  await expect(phone.getByRole('list', { name: 'Decided by your coach' })).toContainText(/You move up|A little more/)
  await phone.close()
})

test('an assistant proposes, and the coach reads who proposes what', async ({ page, browser }) => {
  test.setTimeout(120_000)
  await signIn(page, 'assistant@larkholm.example')
  await open(page, '/decisions')
  await page.getByText(/stay or wait: nothing to do/).click()
  const line = page.getByRole('article').filter({ hasText: 'waits until' }).first()
  const name = (await line.getByRole('heading').textContent())!.trim()
  await line.getByRole('button', { name: /stay one more week/ }).click()
  await line.getByRole('button', { name: 'Tired this week' }).click()
  const coach = await browser.newPage()
  await signIn(coach, 'head@larkholm.example')
  await open(coach, '/decisions')
  await coach.getByText(/stay or wait: nothing to do/).click()
  await expect(coach.getByRole('article').filter({ hasText: name }).getByText(/proposes: stay, “Tired this week”/))
    .toBeVisible({ timeout: 20_000 })
  await coach.close()
})
