import { expect, expectAccessible, open, signIn, test } from './helpers'

test('a sport is read line by line, and settled anew by the head coach with a reason', async ({ page }) => {
  await signIn(page, 'head@larkholm.example')
  await open(page, '/sports?sport=rowing')
  await expect(page.getByText('The catch hangs the legs’ force on a folded trunk.')).toBeVisible()
  await expectAccessible(page)
  const share = page.getByLabel('Share of turn, per cent')
  await share.fill('12')
  await share.press('Tab')
  await page.getByRole('button', { name: 'Settle for everybody' }).click()
  await expect(page.getByText('Say why, for whoever reads it next year.')).toBeVisible()
  await page.getByLabel('Why').fill('Our rowers turn in the boat too.')
  await page.getByRole('button', { name: 'Settle for everybody' }).click()
  await expect(page.getByRole('status')).toContainText('Settled for everybody')
  await page.reload()
  await expect(page.getByText('Changed for this organisation: Our rowers turn in the boat too.')).toBeVisible()
  await expect(page.getByText('Ours: 6 %.')).toBeVisible()
  await page.getByRole('button', { name: 'Back to ours' }).click()
  await expect(page.getByText('Ours: 6 %.')).toBeHidden()
})

test('a coach reads a sport and has no field to change it in', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/sports?sport=running')
  await expect(page.getByText('Each stance drops the pelvis if nothing holds it.')).toBeVisible()
  await expect(page.getByRole('main').getByRole('textbox')).toHaveCount(0)
})
