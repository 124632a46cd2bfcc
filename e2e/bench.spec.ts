import { expect, expectAccessible, expectNoSideScroll, open, signIn, test } from './helpers'

const NM = /About [\d,]+ N·m/

test('the bench answers how much harder, moves with the sliders, and puts the athlete on a rung', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('link', { name: 'Ilse Tarn', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Ilse Tarn', level: 1 })).toBeVisible()
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Ladders' }).click()
  await expect(page.getByRole('heading', { name: 'Front plank', level: 1 })).toBeVisible()
  const rungs = page.getByRole('region', { name: 'Rungs by the moment they ask for' }).getByRole('button')
  await expect(rungs.nth(6)).toBeVisible()
  await expectAccessible(page)

  await test.step('a ladder branches: what stands on another branch is one click away', async () => {
    const branches = page.getByRole('navigation', { name: 'Branches of the ladder' })
    await expect(branches.getByRole('link')).toHaveCount(3)
    await branches.getByRole('link', { name: 'With weight or the feet up' }).click()
    await expect(page.getByText('Opens after elbow plank.')).toBeVisible()
    await expect(rungs).toHaveCount(2)
  })

  await test.step('a heavier plate, a larger moment, a clearer verdict, in the same frame', async () => {
    await rungs.filter({ hasText: 'Elbow plank, weight on the back' }).click()
    await expect(page.getByText(NM)).toBeVisible()
    const before = await page.getByText(NM).textContent()
    await page.getByLabel('Weight on the back, kg').fill('40')
    await page.getByLabel('Weight on the back, kg').press('Tab')
    await expect(page.getByText(NM)).not.toHaveText(before!)
    await expect(page.getByRole('heading', { name: 'Clearly harder' })).toBeVisible()
    await page.getByRole('slider', { name: 'Weight on the back' }).press('Home')
    await expect(page.getByLabel('Weight on the back, kg')).toHaveValue('0')
  })

  await test.step('nonsense gets a message beside the control and leaves the last good picture', async () => {
    await page.getByLabel('Weight on the back, kg').fill('-5')
    await page.getByLabel('Weight on the back, kg').press('Tab')
    await expect(
      page.getByText('Weight on the back goes from 0 to 60 kg. The picture is the last one that can be held.'),
    ).toBeVisible()
    await expect(page.getByText(NM)).toBeVisible()
    await expectAccessible(page)
    await page.getByLabel('Weight on the back, kg').fill('10')
    await page.getByLabel('Weight on the back, kg').press('Tab')
  })

  await test.step('keys: forces, compare, something harder, the whole team', async () => {
    await page.getByRole('heading', { name: 'Front plank', level: 1 }).click()
    await page.keyboard.press('f')
    await expect(page.getByText('the ground’s pushes')).toBeVisible()
    await page.keyboard.press('c')
    await expect(page.getByRole('table', { name: 'Rungs side by side' })).toBeVisible()
    await expect(page.getByRole('table').getByRole('columnheader')).toHaveCount(2)
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Put Elbow plank, feet raised away' }).click()
    await rungs.filter({ hasText: 'Elbow plank, feet raised' }).click({ modifiers: ['Shift'] })
    await expect(page.getByRole('table').getByRole('columnheader')).toHaveCount(2)
    await page.keyboard.press('h')
    await expect(page.getByRole('button', { name: /1\.[01]\d×/ }).first()).toBeVisible()
    await page.keyboard.press('t')
    await expect(page.getByText(/stands (here|on)/).first()).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('t')
  })

  await test.step('on this rung, and found there after a reload', async () => {
    await rungs.filter({ hasText: 'Elbow plank, weight on the back' }).click()
    await page.getByRole('heading', { name: 'Front plank', level: 1 }).click()
    await page.keyboard.press('Enter')
    await expect(page.getByText('Stored: Ilse Tarn stands on elbow plank, weight on the back.')).toBeVisible()
    await open(page, page.url())
    await expect(rungs.filter({ hasText: 'now' })).toContainText('Elbow plank, weight on the back')
  })

  await test.step('into the week', async () => {
    await page.getByRole('button', { name: /Add to the week/ }).click()
    await expect(page).toHaveURL(/\/week\//)
    await expect(page.locator('[data-strip] button[data-item]').filter({ hasText: 'Elbow plank, weight on the back' })
      .first())
      .toBeVisible()
    await expect(page.getByRole('status').filter({ hasText: /^Stored \d/ })).toBeVisible()
  })
})

// Seventeen, and one of the centre’s own.
const LADDERS = 18

test('every ladder opens on the bench, also on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await signIn(page, 'assistant@larkholm.example')
  await page.getByRole('link', { name: 'Ilse Tarn', exact: true }).click()
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Ladders' }).click()
  const tabs = page.getByRole('navigation', { name: 'Ladders' }).getByRole('link')
  await expect(tabs).toHaveCount(LADDERS)
  for (let i = 0; i < LADDERS; i++) {
    await tabs.nth(i).click()
    await expect(tabs.nth(i)).toHaveAttribute('aria-current', 'page')
    await expect(page.getByRole('region', { name: 'Rungs by the moment they ask for' }).getByRole('button').first())
      .toBeVisible()
  }
  await expectAccessible(page)
  await expectNoSideScroll(page)
  await expect(page.getByRole('button', { name: /Put on this rung/ })).toBeHidden()
})

test('the catalogue is found through by typing, plane, room and sport, and leads on', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('link', { name: 'Ilse Tarn', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'What came of it' })).toBeVisible()
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Catalogue' }).click()
  await expect(page.getByText('215 of 215 drills')).toBeVisible()
  await expect(page.getByText('Moments and figures for Ilse Tarn.')).toBeVisible()
  await page.getByPlaceholder(/Type a name/).fill('side plank band')
  await expect(page.getByText('3 of 215 drills')).toBeVisible()
  await page.getByRole('button', { name: /Side plank with band pull/ }).click()
  await expect(page.getByText('Asked first:').first()).toBeVisible()
  await expect(page.getByText('Stiffness first')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /Side plank, weight on the hip|Side plank with band push/ }).last().click()
  await expect(page.getByText('215 of 215 drills')).toBeVisible()
  await page.getByLabel('Serves the sport').selectOption('gymnastic')
  await page.getByRole('button', { name: /Frontal/ }).click()
  await expect(page.getByText(/^\d+ of 215 drills/)).not.toContainText('215 of 215')
  await page.getByRole('button', { name: 'Show all' }).click()
  await page.getByPlaceholder(/Type a name/).fill('hollow hold')
  await expect(page.getByRole('button', { name: /Hollow hold, tucked/ })).toBeVisible()
  await page.getByLabel('May be given under').selectOption({ label: 'Pregnancy or recently given birth' })
  await expect(page.getByRole('button', { name: /Hollow hold, tucked/ })).toBeHidden()
  await page.getByRole('button', { name: 'Show all' }).click()
  await page.getByPlaceholder(/Type a name/).fill('hollow hold, tucked')
  await page.getByRole('button', { name: /Hollow hold, tucked/ }).click()
  await page.getByRole('button', { name: 'On the bench for Ilse Tarn' }).click()
  await expect(page.getByRole('heading', { name: 'Hollow hold', level: 1 })).toBeVisible()
})
