import { expect, expectAccessible, expectNoSideScroll, open, signIn, test } from './helpers'

test.describe('on a line that fails', () => {
  test.use({ expectedErrors: /ERR_INTERNET_DISCONNECTED/ })

  test('a squad is tested on one screen; a dead line and a reload lose nothing', async ({ page, context }) => {
    test.slow()
    await signIn(page, 'coach@larkholm.example')
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Test desk' }).click()
    await page.getByLabel('Group').selectOption({ label: 'Fencing' })
    await expectAccessible(page)
    await page.getByRole('button', { name: /^Begin with \d+ athletes$/ }).click()
    const lanes = page.getByRole('listitem').filter({ has: page.getByRole('timer') })
    await expect(lanes.first()).toBeVisible()
    const squad = await lanes.count()
    expect(squad).toBeGreaterThanOrEqual(3)

    await test.step('one key starts everybody, one stops each, one says what ended it', async () => {
      await page.keyboard.press(' ')
      await expect(page.getByRole('button', { name: /^Stop / })).toHaveCount(squad)
      await expect(lanes.first().getByRole('timer')).toHaveText(/^[1-9]\.\d s$/)
      await page.keyboard.press('1')
      await expect(page.getByText('What ended it?')).toBeVisible()
      await expectAccessible(page)
      await page.keyboard.press('t')
      await expect(lanes.first()).toContainText('Trunk flexor hold')
      await expect(lanes.first()).toContainText(/Trunk extensor hold \d+\.\d s/)
    })

    await test.step('with no line a trial is taken all the same, and a reload keeps watches and times', async () => {
      await context.setOffline(true)
      await page.keyboard.press('2')
      await page.keyboard.press('l')
      await expect(lanes.nth(1)).toContainText('Trunk flexor hold')
      await page.keyboard.press('3')
      await context.setOffline(false)
      await page.reload()
      await page.locator('html[data-ready]').waitFor()
      await expect(page.getByText('What ended it?')).toBeVisible()
      await expect(page.getByRole('button', { name: /^Stop / })).toHaveCount(squad - 3)
      await page.keyboard.press('p')
      await expect(page.getByRole('alert').filter({ hasText: 'Stop this drill now' })).toBeVisible()
    })

    await test.step('nonsense typed for what is read is said beside it; the last one can be taken back', async () => {
      const name = (await lanes.nth(1).locator('b').first().textContent())!
      await lanes.nth(1).getByRole('button', { name: 'take the last back' }).click()
      await expect(lanes.nth(1)).toContainText('Trunk extensor hold')
      await expect(lanes.nth(1)).not.toContainText('take the last back')
      await page.getByRole('button', { name: 'End the run' }).click()
      await page.getByLabel('Battery').selectOption({ label: 'Arm or trunk, back or lats, brace or not' })
      await page.getByRole('button', { name, exact: true }).click()
      await page.getByRole('button', { name: 'Begin with 1 athlete', exact: true }).click()
      await page.getByRole('textbox', { name: /One-arm row, unsupported, right of/ }).fill('many')
      await page.getByRole('button', { name: 'Take', exact: true }).click()
      await expect(page.getByText('A number from 0 to 3600.')).toBeVisible()
      await page.getByRole('textbox', { name: /One-arm row, unsupported, right of/ }).fill('9')
      await page.getByRole('button', { name: 'Take', exact: true }).click()
      await page.getByRole('button', { name: 'Hips turned' }).click()
      await expect(page.getByText(/One-arm row, unsupported, right 9 reps/)).toBeVisible()
      await page.getByRole('button', { name: 'End the run' }).click()
    })

    await test.step('where the squad stands', async () => {
      await page.getByRole('link', { name: 'Where the squad stands' }).click()
      await expect(page.getByRole('region', { name: 'Rungs of the squad' }).getByRole('row').nth(10)).toBeVisible()
      await expectAccessible(page)
      await expectNoSideScroll(page)
    })
  })
})

test('screen, clear, brace and place one athlete', async ({ page }) => {
  test.slow()
  await signIn(page, 'coach@larkholm.example')
  await page.getByRole('link', { name: 'Zanna Wick', exact: true }).click()
  await page.getByRole('navigation', { name: 'Rooms of the athlete' }).getByRole('link', { name: 'Screening' }).click()

  await test.step('an answer shows at once what it takes away, and an open question is pointed at', async () => {
    await page.getByRole('button', { name: /^yes: A hernia/ }).click()
    await expect(page.getByText(/Takes away: breath-holding/)).toBeVisible()
    await page.getByRole('button', { name: 'Store the answers' }).click()
    await expect(page.getByText('Answer yes or no.')).toBeVisible()
    await page.getByRole('button', { name: /^No to the \d+ that are still open/ }).click()
    await page.getByRole('button', { name: 'Store the answers' }).click()
    await expect(page.getByText('Answers stored.')).toBeVisible()
    await expect(page.getByText('Takes away', { exact: false }).first()).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('a clearance without a giver is refused beside its field; with one it stands', async () => {
    await page.getByRole('button', { name: 'Write the clearance down' }).click()
    await expect(page.getByText(/Write who gave it|Given by is missing/)).toBeVisible()
    await page.getByLabel('Given by').fill('Surgeon in town')
    await page.getByRole('button', { name: 'Write the clearance down' }).click()
    await expect(page.getByText('by Surgeon in town (doctor)')).toBeVisible()
    await page.getByRole('button', { name: 'withdraw' }).click()
    await expect(page.getByText('None written down.')).toBeVisible()
    await page.getByRole('button', { name: /^no: A hernia/ }).click()
    await page.getByRole('button', { name: 'Store the answers' }).click()
    await expect(page.getByText('No flag, nothing to clear.')).toBeVisible()
  })

  await test.step('a check that lacks something says what, and a passed one leads on', async () => {
    await page.getByRole('navigation', { name: 'Rooms of the athlete' }).getByRole('link', { name: 'Brace' }).click()
    await page.getByRole('button', { name: /^2 Find it/ }).click()
    await expect(page.getByText(/Not yet: No swell yet/)).toBeVisible()
    await page.getByLabel(/Correct repeats/).fill('some')
    await page.getByRole('button', { name: 'Store the check' }).click()
    await expect(page.getByText('A whole number from 0 to 600.')).toBeVisible()
    for (const place of ['Front', 'Left side', 'Right side', 'Back'])
      await page.getByRole('button', { name: place, exact: true }).click()
    await page.getByRole('button', { name: 'goes on behind it' }).click()
    await page.getByLabel(/Correct repeats/).fill('3')
    await expect(page.getByText('Passes step 2.')).toBeVisible()
    await page.getByRole('button', { name: 'Store the check' }).click()
    await expect(page.getByText('Step 2 passed.')).toBeVisible()
    await expectAccessible(page)
  })

  await test.step('a rung by hand asks for a reason', async () => {
    await page.getByRole('navigation', { name: 'Rooms of the athlete' }).getByRole('link', {
      name: 'Tests and placement',
    }).click()
    await page.getByRole('button', { name: 'Place by hand on Balance: hinges' }).click()
    await expect(page.getByRole('button', { name: 'Place', exact: true })).toBeDisabled()
    await page.getByLabel('Rung').selectOption({ label: '3 · Airplane hinge hold' })
    await page.getByLabel('Reason').fill('Seen in warm-up.')
    await page.getByRole('button', { name: 'Place', exact: true }).click()
    await expect(page.getByText(/stands on airplane hinge hold/)).toBeVisible()
    await expectAccessible(page)
    await expectNoSideScroll(page)
  })
})

test('an athlete answers the screening and practises the brace on the phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await signIn(page, 'ilse@larkholm.example')
  await page.getByRole('link', { name: 'Answer the screening' }).click()
  await expect(page.getByRole('heading', { name: 'Before you train' })).toBeVisible()
  await page.getByRole('button', { name: /^No to the \d+ that are still open/ }).click()
  await expectAccessible(page)
  await expectNoSideScroll(page)
  await page.getByRole('button', { name: 'Send my answers' }).click()
  await expect(page.getByText(/Thank you/)).toBeVisible()
  await open(page, '/brace')
  await page.getByRole('button', { name: '1 · Low breath' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('breathe in, low')).toBeVisible()
  await expectAccessible(page)
  await expectNoSideScroll(page)
})

test('tests come in from a spreadsheet whole or not at all, and can be taken back', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/tests/files')
  await expect(page.getByText(/^\d\d+ trials of everybody in sight/)).toBeVisible()
  const file = (text: string) => ({ name: 'tests.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  const input = page.getByLabel('Bring tests in')
  await input.setInputFiles(
    file(
      'Athlete;Hold;Result;When;Side\nZanna Wick;Elbow plank hold;71,5;2026-03-02;\nNobody Here;Side bridge '
      + 'hold;40;2026-03-02;left\n',
    ),
  )
  await expect(page.getByText('No column yet for test, day.')).toBeVisible()
  await page.getByLabel('Hold', { exact: true }).selectOption({ label: 'Test' })
  await page.getByLabel('When', { exact: true }).selectOption({ label: 'Day' })
  await expect(page.getByText('Nobody here is called “Nobody Here”.')).toBeVisible()
  await expect(page.getByText('1 to be mended')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take 2 in' })).toBeDisabled()
  await expectAccessible(page)
  await expectNoSideScroll(page)

  await input.setInputFiles(
    file(
      'Athlete;Hold;Result;When;Side\nZanna Wick;Elbow plank hold;71,5;2026-03-02;\nZanna Wick;Side bridge '
      + 'hold;40;2026-03-02;left\n',
    ),
  )
  // The columns are matched as they were a moment ago.
  await page.getByRole('button', { name: 'Leave it' }).click()
  await input.setInputFiles(
    file(
      'Athlete;Hold;Result;When;Side\nZanna Wick;Elbow plank hold;71,5;2026-03-02;\nZanna Wick;Side bridge '
      + 'hold;40;2026-03-02;left\n',
    ),
  )
  await page.getByRole('button', { name: 'Take 2 in' }).click()
  await expect(page.getByText('Taken in: 2 trials.')).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText('2 trials count no more.')).toBeVisible()
  await input.setInputFiles(file('not a table'))
  await expect(page.getByText(/holds no table/)).toBeVisible()
})
