import { csrfOf, expect, expectAccessible, expectNoSideScroll, open, signIn, test } from './helpers'

test('a hold on the force gauge is timed by itself, stored with its trace, and looked at later', async ({ page }) => {
  test.slow()
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/tests/instruments')
  await expect(page.getByText('Not armed')).toBeVisible()
  await page.getByRole('button', { name: 'Ready' }).click()
  await expect(page.getByText('Choose who is tested.')).toBeVisible()
  await page.getByLabel('Athlete').selectOption({ index: 1 })
  const name = await page.getByLabel('Athlete').evaluate((s: HTMLSelectElement) => s.selectedOptions[0]!.text)
  await page.getByLabel('Force to hold, N').fill('much')
  await page.getByRole('button', { name: 'Ready' }).click()
  await expect(page.getByText('From 5 to 2000 N.').first()).toBeVisible()
  await page.getByLabel('Force to hold, N').fill('80')
  await page.getByRole('button', { name: 'Ready' }).click()
  await expect(page.getByText('Waiting for the hold to begin')).toBeVisible()

  await test.step('it begins when the force is there, and a reload in the middle keeps what was held', async () => {
    await page.getByRole('button', { name: 'Pull for 12 s' }).click()
    await expect(page.getByText('Holding', { exact: true })).toBeVisible()
    await expect(page.getByRole('timer')).toHaveText(/^[2-9]\.\d s$/)
    await page.reload()
    await page.locator('html[data-ready]').waitFor()
    await expect(page.getByText('Over: say what ended it')).toBeVisible()
    await expect(page.getByText('It was cut short.')).toBeVisible()
    await expectAccessible(page)
    await expect(page.getByText(/^[2-9]\.\d s, 7\d|8\d N on average/)).toBeVisible()
    await page.getByRole('button', { name: 'Throw away' }).click()
  })

  await test.step('a steady hold is stored with what ended it', async () => {
    // The pull of before is still on: wait for it to end, or the next one begins with it.
    await page.getByRole('button', { name: 'Pull for 12 s' }).click()
    await page.getByRole('button', { name: 'Ready' }).click()
    await expect(page.getByRole('timer')).toHaveText(/^[3-9]\.\d s$/)
    await page.getByRole('button', { name: 'Stop here' }).click()
    await page.getByRole('button', { name: 'Hips turned' }).click()
    await expect(page.getByRole('status').filter({ hasText: `${name}, right` })).toBeVisible()
    await expect(page.getByRole('button', { name: 'left', exact: true })).toHaveAttribute('aria-pressed', 'true')
  })

  await test.step('a gauge that jumps is said to be unreliable at once', async () => {
    await page.getByLabel('It', { exact: true }).selectOption({ label: 'jumps' })
    await expect(page.getByText(/Not reliable just now: .*faster than a body can/)).toBeVisible({ timeout: 20_000 })
    await page.getByLabel('It', { exact: true }).selectOption({ label: 'works' })
  })

  await test.step('the trace is with the trial', async () => {
    const { id } = await page.evaluate(async (who) => {
      const { rows } = await (await fetch('/api/athletes')).json() as {
        rows: { athlete: { id: string, name: string } }[]
      }
      return rows.find(r => r.athlete.name === who)!.athlete
    }, name)
    await open(page, `/athletes/${id}/tests`)
    await page.getByRole('button', { name: 'Trace of Press-out hold, right' }).click()
    await expect(page.getByRole('img', { name: 'Trace of the trial' })).toBeVisible()
    await expect(page.getByText(/Swayed by \d\.\d %/)).toBeVisible()
    await expectAccessible(page)
  })
})

test.describe('with words that are refused', () => {
  test.use({ expectedErrors: /422/ })
  test('a test of the organisation’s own is written, run with the button, and retired', async ({ page }) => {
  await signIn(page, 'head@larkholm.example')
  await open(page, '/tests/own')
  await page.getByRole('button', { name: 'Write a test' }).click()
  await page.getByLabel('Name').fill('Hollow hold')
  await page.getByLabel('Set-up').fill('On the back.')
  await page.getByLabel('What ends a trial').fill('The low back leaves the floor.')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('There is a test called “Hollow hold” already.')).toBeVisible()
  await page.getByLabel('Name').fill('Hollow rock count')
  await page.getByLabel('Trunk action it asks for').selectOption({ index: 2 })
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('button', { name: 'Change Hollow rock count' })).toBeVisible()
  await expectAccessible(page)

  await page.getByRole('link', { name: 'Test desk' }).last().click()
  await page.getByLabel('Battery').selectOption({ label: 'Tests of your own' })
  await page.getByLabel('Group').selectOption({ label: 'Fencing' })
  await page.getByRole('button', { name: /^Begin with/ }).click()
  await page.getByLabel('Stopwatch button is for').selectOption({ index: 1 })
  await page.getByRole('button', { name: 'Press it (simulated)' }).click()
  const lane = page.getByRole('listitem').filter({ has: page.locator('kbd', { hasText: /^1$/ }) }).first()
  await expect(lane.getByRole('timer')).toHaveText(/^[1-9]\.\d s$/)
  await page.getByRole('button', { name: 'Press it (simulated)' }).click()
  await page.getByRole('button', { name: 'Trunk gave out' }).click()
  await expect(lane).toContainText(/Hollow rock count \d+\.\d s/)
  await page.getByRole('button', { name: 'End the run' }).click()
  await open(page, '/tests/own')
  await page.getByRole('button', { name: 'Retire Hollow rock count' }).click()
  await expect(page.getByText('Hollow rock count, retired')).toBeVisible()
  })
})

test.describe('on the athlete’s phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('brace homework set by the coach is counted as it is practised', async ({ page, browser }) => {
    const desk = await browser.newPage()
    await signIn(desk, 'coach@larkholm.example')
    const me = await (async () => {
      await signIn(page, 'bram@larkholm.example')
      return await (await page.request.get('/api/session')).json() as { me: { athleteId: string } }
    })()
    await open(desk, `/athletes/${me.me.athleteId}/brace`)
    await desk.getByRole('button', { name: 'Draw in' }).click()
    await expect(desk.getByText('“Draw the navel gently')).toBeVisible()
    await desk.getByLabel('At home').selectOption({ label: 'twice a day' })
    await desk.getByRole('button', { name: 'Set homework' }).click()
    await expect(desk.getByText(/0 of 2 done today/)).toBeVisible()
    expect(
      (await desk.request.put(`/api/athletes/${me.me.athleteId}/brace-course`, {
        headers: await csrfOf(desk), data: { cue: 'hum', homework: null },
      })).status(),
    ).toBe(422)

    await open(page, '/today')
    await page.getByRole('link', { name: /0 of 2 today/ }).click()
    await page.getByRole('button', { name: /^4 · / }).click()
    for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'One done well' }).click()
    await expect(page.getByText(/1 of 2 done today/)).toBeVisible()
    await expectAccessible(page)
    await expectNoSideScroll(page)
    await desk.reload()
    await expect(desk.getByText(/1 of 2 done today/)).toBeVisible()
    await desk.close()
  })
})
