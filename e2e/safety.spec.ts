import { csrfOf, expect, expectAccessible, expectNoSideScroll, mailTo, open, signIn, test } from './helpers'
import { planToday } from './planToday'

/** Seconds within which everybody must know. */
const AT_ONCE = { timeout: 10_000 }
const NAME = 'Jorun Vale'

// The stale form and the empty reason are refused, which the browser reports.
test.use({ expectedErrors: /409|422/ })
test('chest pain stops the other tab, reaches the coach, and is cleared', async ({ page, browser }) => {
  test.slow()
  await signIn(page, 'coach@larkholm.example')
  const { id, monday } = await planToday(page, NAME)
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const [run, form] = [await phone.newPage(), await phone.newPage()]
  const stale = await page.context().newPage()

  await test.step('a session is open in one tab, a coach’s screening form in another', async () => {
    await signIn(run, 'jorun@larkholm.example')
    await run.getByRole('link', { name: /Start the session|Go on with the session/ }).click()
    await expect(run.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
    await open(stale, `/athletes/${id}/screen`)
    await expect(stale.getByRole('button', { name: 'Store the answers' })).toBeVisible()
    await open(page, `/week/${id}?start=${monday}`)
    await expect(page.getByRole('heading', { name: NAME })).toBeVisible()
  })

  await test.step('the athlete reports it and is told who knows', async () => {
    await open(form, '/screening')
    await form.getByRole('button', { name: /^yes: Do you get pain or pressure in the chest/ }).click()
    await form.getByRole('button', { name: 'Send my answers' }).click()
    await expect(form.getByRole('heading', { name: 'Stop. No training now.' })).toBeVisible()
    await expect(form.getByText(/^Told at .*Tobin Kelp/)).toBeVisible()
    await expectAccessible(form)
  })

  await test.step('the other tab stops by itself, and takes a set that was done before', async () => {
    await expect(run.getByRole('heading', { name: 'Stop. No training now.' })).toBeVisible(AT_ONCE)
    await expect(run.getByRole('button', { name: 'Start', exact: true })).toBeHidden()
    await run.getByText('I had done sets before this').click()
    await run.getByLabel(/^How many/).fill('8')
    await run.getByRole('button', { name: 'Write it down' }).click()
    await expect(run.getByText(/: written down\.$/)).toBeVisible()
    await expectAccessible(run)
    await expectNoSideScroll(run)
  })

  await test.step('the coach sees it on the open sheet without reloading, and by mail', async () => {
    await expect(page.getByText('Stopped: a red flag stands')).toBeVisible(AT_ONCE)
    await expect(page.getByRole('button', { name: /^Propose/ })).toBeDisabled()
    await expect(page.getByRole('button', { name: /Assign/ })).toBeDisabled()
    await expectAccessible(page)
    expect(await mailTo(page, 'head@larkholm.example')).toContain(NAME)
    await open(page, '/day')
    await expect(page.getByRole('region', { name: 'Health' })).toContainText(`${NAME}`)
    await expectAccessible(page)
  })

  await test.step('an older form meets what is stored, side by side', async () => {
    // The form that stood open reads anew by itself; one from before the flag is what a slow line sends.
    const headers = await csrfOf(stale)
    const answers = await (await stale.request.get(`/api/athletes/${id}/assessment`)).json() as {
      answers: Record<string, boolean>
      healthVersion: number
    }
    const late = await stale.request.put(`/api/athletes/${id}/screening`, {
      data: { version: answers.healthVersion - 1, answers: { ...answers.answers, chestPain: false } },
      headers,
    })
    expect(late.status()).toBe(409)
    await expect(stale.getByRole('button', { name: /^yes: Do you get pain or pressure/ })).toHaveAttribute(
      'aria-pressed', 'true', AT_ONCE,
    )
    await stale.route('**/screening', async (route) => {
      const body = route.request().postDataJSON() as { version: number }
      await (body.version === answers.healthVersion
        ? route.continue({ postData: JSON.stringify({ ...body, version: body.version - 1 }) })
        : route.continue())
    }, { times: 1 })
    await stale.getByRole('button', { name: /^no: Do you get pain or pressure/ }).click()
    await stale.getByRole('button', { name: 'Store the answers' }).click()
    await expect(stale.getByRole('heading', { name: /answered meanwhile/ })).toBeVisible()
    await expectAccessible(stale)
    await stale.getByRole('button', { name: /^Jorun Vale: yes/ }).click()
    await stale.getByRole('button', { name: 'Store what is chosen' }).click()
    await expect(stale.getByText('Answers stored.')).toBeVisible()
  })

  await test.step('a clearance with its giver and role brings everything back', async () => {
    await stale.getByLabel('Given by').fill('Island practice')
    await stale.getByLabel('In what role').selectOption({ label: 'doctor' })
    await stale.getByRole('button', { name: 'Write the clearance down' }).click()
    await expect(stale.getByText('Clearance written down.')).toBeVisible()
    await expect(run.getByRole('button', { name: 'Start', exact: true })).toBeVisible(AT_ONCE)
    await open(form, '/today')
    await expect(form.getByRole('link', { name: /Go on with the session|Start the session/ })).toBeVisible()
  })
  await phone.close()
})

test('a drill that hurt stands on the athlete’s page until a coach decides', async ({ page, browser }) => {
  await signIn(page, 'coach@larkholm.example')
  const { id } = await planToday(page, NAME)
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const run = await phone.newPage()
  await signIn(run, 'jorun@larkholm.example')
  await run.getByRole('link', { name: /the session$/ }).click()
  await run.getByRole('button', { name: 'It hurts' }).click()
  await run.getByRole('group', { name: 'Where does it hurt?' }).getByRole('button', { name: 'Low back' }).click()
  await run.getByRole('button', { name: 'Log set' }).click()
  await expect(run.getByRole('heading', { name: 'Pain: this drill is over' })).toBeVisible()
  await phone.close()
  await open(page, `/athletes/${id}`)
  const pain = page.getByRole('region', { name: 'Pain' })
  await expect(pain).toContainText('low back: waits for a decision')
  await expectAccessible(page)
  await pain.getByRole('button', { name: 'Go on with it' }).first().click()
  await pain.getByRole('button', { name: 'Decide' }).click()
  await expect(pain.getByText('Say why, in a word or two.')).toBeVisible()
  await pain.getByLabel('Why').fill('Effort, looked at on the floor.')
  await pain.getByRole('button', { name: 'Decide' }).click()
  await expect(pain).toBeHidden()
})
