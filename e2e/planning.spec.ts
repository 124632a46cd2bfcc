import { expect, expectAccessible, expectNoSideScroll, hand, open, signIn, test } from './helpers'

test('a roster of 24 goes from an empty week to an assigned one in a few clicks', async ({ page }) => {
  test.setTimeout(240_000)
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/squad-week')
  // Other journeys may have added an athlete.
  await expect.poll(() => page.getByRole('checkbox').count()).toBeGreaterThanOrEqual(25)
  const by = hand(page)
  const from = Date.now()
  await by.click(page.getByRole('button', { name: 'Select shown' }))
  await expect(page.getByRole('heading', { name: /^Who 2\d/ })).toBeVisible()
  await by.click(page.getByRole('button', { name: /^Copy from/ }))
  await expect(page.getByRole('button', { name: /1×|2×|3×|4×|5×/ }).first()).toBeVisible()
  await by.key('p')
  await expect(page.getByText(/2\d athletes, exceptions first/)).toBeVisible({ timeout: 120_000 })
  await expect(page.getByRole('heading', { name: /Blocked by a flag/ })).toBeVisible()
  await expectAccessible(page)
  await by.click(page.getByRole('button', { name: /^Assign \d+ weeks/ }))
  await expect(page.getByRole('button', { name: 'All assigned' })).toBeVisible({ timeout: 60_000 })
  expect(Date.now() - from).toBeLessThan(180_000)
  expect(by.counted()).toEqual({ clicks: 3, keys: 1 })
  // The run has an address of its own: a reload brings it back.
  await page.reload()
  await expect(page.getByText(/2\d athletes, exceptions first/)).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'assigned' }).first()).toBeVisible()
  await expectNoSideScroll(page)
})

test('a school is looked at, its change to a week is seen, and it is settled for a group', async ({ page }) => {
  await signIn(page, 'head@larkholm.example')
  await open(page, '/schools')
  await page.getByLabel('Settled for').selectOption({ label: 'Javelin' })
  await page.getByRole('button', { name: /Look at it: Stiffness first/ }).click()
  await page.getByRole('button', { name: 'Bending sideways' }).click()
  await expect(page.getByText('Why they differ:')).toBeVisible()
  await page.getByRole('button', { name: /What would change for/ }).click()
  await expect(page.getByRole('heading', { name: /^Next week of/ })).toBeVisible()
  await page.getByLabel('Unstable supports').selectOption('off')
  await page.getByRole('button', { name: /\+ block of three/ }).click()
  await expect(page.getByLabel(/Week 4 of the block/)).toHaveValue('60')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Settle it for Javelin' }).click()
  await expect(page.getByText(/Settled for Javelin/)).toBeVisible()
  await page.reload()
  await page.getByLabel('Settled for').selectOption({ label: 'Javelin' })
  await expect(page.getByText('Stiffness first', { exact: true }).first()).toBeVisible()
  await expect(page.getByText(/1 line beside it/)).toBeVisible()

  const row = await page.evaluate(async () => {
    const { rows } = await (await fetch('/api/athletes')).json() as {
      rows: { athlete: { id: string, groupIds: string[] } }[]
    }
    const groups = await (await fetch('/api/groups')).json() as { id: string, name: string }[]
    const javelin = groups.find(g => g.name === 'Javelin')!.id
    return rows.find(r => r.athlete.groupIds.includes(javelin))!.athlete.id
  })
  const monday = await page.evaluate(() => {
    const d = new Date()
    d.setUTCDate(d.getUTCDate() + ((8 - d.getUTCDay()) % 7 || 7))
    return d.toISOString().slice(0, 10)
  })
  await open(page, `/week/${row}?start=${monday}`)
  await expect(page.getByText('Week 1 of 4')).toBeVisible()
  await page.getByRole('button', { name: /^resist turning/ }).click()
  await expect(page.getByRole('dialog').getByText('week 1 of 4')).toBeVisible()
  await expectAccessible(page)
})

test.describe('a week made by hand', () => {
  test.use({ expectedErrors: /status of 4(09|22)/ })
  test('is pasted, looked through, mended, locked, compared, noted and copied to another', async ({ page }) => {
    await signIn(page, 'coach@larkholm.example')
    await open(page, '/roster')
    const ids = await page.evaluate(async () => {
      const { rows } = await (await fetch('/api/athletes')).json() as {
        rows: { athlete: { id: string, name: string, flags: string[], stands: string[] } }[]
      }
      const far = ['flexion.crunch', 'flexion.crunch-ears', 'flexion.crunch-overhead', 'flexion.crunch-plate']
      return rows.filter(r => r.athlete.flags.length === 0 && r.athlete.stands.some(id => far.includes(id))).map(r =>
        [r.athlete.id, r.athlete.name] as const
      )
    })
    await open(page, `/week/${ids[0]![0]}?start=2027-05-03`)
    const dialog = page.getByRole('dialog')

    await test.step('paste: what is not known is told and left out', async () => {
      await page.getByRole('button', { name: 'Paste a routine' }).click()
      await page.getByLabel(/One line for a day/).fill(
        'Mon 60 min\nBack squat 4x5 @ 80 %\nCrunch, arms on the chest 3 x 25\nReverse crunch 3 x 20\nDragon wings '
        + '3 x 8\nThu\nCrunch, arms on the chest 3 x 25',
      )
      await expect(dialog.getByText('Line 5, “Dragon wings 3 x 8”:')).toBeVisible()
      await expectAccessible(page)
      await dialog.getByRole('button', { name: /^Put 4 lines in the week, leave 1 out/ }).click()
    })

    await test.step('the known mistakes are named and single changes offered; one is taken', async () => {
      await expect(dialog.getByText('A plane is forgotten.')).toBeVisible({ timeout: 30_000 })
      const offers = dialog.getByRole('button', { name: 'Take it' })
      expect(await offers.count()).toBeGreaterThan(1)
      await expectAccessible(page)
      const before = await page.locator('[data-strip] button[data-item]').allTextContents()
      await offers.first().click()
      await expect.poll(() => page.locator('[data-strip] button[data-item]').allTextContents()).not.toEqual(before)
      await page.keyboard.press('Escape')
      await expect(dialog).toHaveCount(0)
    })

    await test.step('a conflict is settled with one key', async () => {
      await page.getByRole('button', { name: 'Paste a routine' }).click()
      await page.getByLabel(/One line for a day/).fill(
        'Mon 60 min\nSide plank on the knees 2 x 10 s\nBack squat 4x5 @ 85 %\nSide plank on the knees 2 x 10 s',
      )
      await dialog.getByRole('button', { name: /^Put 3 lines/ }).click()
      await page.keyboard.press('Escape')
      await page.locator('[data-strip] button[data-item]').first().click()
      await expect(page.getByText('The same drill twice in one session.').first()).toBeVisible()
      await page.keyboard.press('f')
      await expect(page.getByText('The same drill twice in one session.')).toHaveCount(0)
    })

    await test.step('a target opens, is set by hand, and goes back', async () => {
      await page.getByRole('button', { name: /^resist folding/ }).click()
      await dialog.getByLabel('Least, full sets').fill('20')
      await dialog.getByLabel('Most, full sets').fill('10')
      await expect(dialog.getByText('The least is not above the most.')).toBeVisible()
      await dialog.getByLabel('Most, full sets').fill('30')
      await dialog.getByRole('button', { name: 'Set for this athlete' }).click()
      await expect(dialog).toHaveCount(0)
      await page.getByRole('button', { name: /^resist folding: .*target 20\.0 to 30\.0/ }).click()
      await expect(dialog.getByText(/20\.0–30\.0 hold, set for/)).toBeVisible()
      await dialog.getByRole('button', { name: 'Back to the reckoned' }).click()
      await expect(dialog).toHaveCount(0)
    })

    await test.step('never this drill, a note, home and circuit', async () => {
      await page.locator('[data-strip] button[data-item]').first().click()
      await page.getByLabel('Note', { exact: true }).fill('Shoes off.')
      await page.getByLabel('Note', { exact: true }).press('Tab')
      await page.getByRole('button', { name: 'never this drill', exact: true }).click()
      await expect(page.getByText('Locked out: never this drill.').first()).toBeVisible()
      await page.getByRole('button', { name: 'never this drill', exact: true }).click()
      await expect(page.getByText('Locked out: never this drill.')).toHaveCount(0)
      await page.getByRole('button', { name: /^more for/ }).last().click()
      await dialog.getByLabel('Warm-up, min').fill('6')
      await dialog.getByLabel('Warm-up, min').press('Tab')
      await dialog.getByRole('button', { name: 'Build from what is open' }).click()
      await expect(dialog.getByText(/^2 rounds of \d stations, 30 s of work/).first()).toBeVisible()
      await dialog.getByRole('button', { name: 'Plan it for home' }).click()
      await expect(dialog.getByText(/^At home: /)).toBeVisible()
      await expectAccessible(page)
      await page.keyboard.press('Escape')
      await expect(page.getByText('· circuit').first()).toBeVisible()
      await expect(page.getByText('· home').first()).toBeVisible()
    })

    await test.step('compare, and copy to another athlete on the own rung', async () => {
      await page.getByRole('button', { name: 'Compare' }).click()
      await expect(dialog.getByText('Nothing was proposed since the sheet was opened.')).toBeVisible()
      await page.keyboard.press('Escape')
      await expect(page.getByRole('status').filter({ hasText: /^Stored/ })).toBeVisible()
      await page.locator('[data-strip] button[data-item]').first().click()
      await page.keyboard.press('x')
      await page.keyboard.press('c')
      await dialog.getByRole('searchbox').fill(ids[1]![1])
      await dialog.getByLabel(ids[1]![1]).check()
      await dialog.getByRole('button', { name: 'Copy to 1' }).click()
      await expect(dialog.getByText(/1 of 1 placed/)).toBeVisible()
      await expectAccessible(page)
      await dialog.getByRole('link', { name: ids[1]![1] }).click()
      await expect(page.getByRole('heading', { name: ids[1]![1] })).toBeVisible()
      await expect(page.locator('[data-strip] button[data-item]')).toHaveCount(1)
    })
  })
})
