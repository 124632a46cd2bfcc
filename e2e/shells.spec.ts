import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { csrfOf, expect, expectNoSideScroll, open, signIn, test } from './helpers'
import { described, newAthlete, putAway } from './newAthlete'

/** What is known of an athlete of one's own, so that no other journey is met. */
async function anAthlete(page: Page, name: string): Promise<string> {
  const id = await newAthlete(page, name)
  added.push(id)
  return id
}

/** Athletes of a journey, out of the way of the others when it is over. */
const added: string[] = []
test.afterEach(async ({ page }) => {
  for (const id of added.splice(0)) await putAway(page, id)
})

const item = (id: string, variationId: string) => ({
  id, variationId, dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after', pairedWith: null,
  extraSetSide: null, setting: {}, why: '',
})

/** A week with one session today; gives the Monday and the session to run. */
async function weekToday(page: Page, id: string): Promise<{ monday: string, sessionId: string }> {
  const { me } = await (await page.request.get('/api/session')).json() as { me: { today: string } }
  const day = (new Date(`${me.today}T00:00:00Z`).getUTCDay() + 6) % 7
  const monday = new Date(Date.parse(`${me.today}T00:00:00Z`) - day * 86_400_000).toISOString().slice(0, 10)
  const week = `/api/athletes/${id}/weeks/${monday}`
  const headers = await csrfOf(page)
  const plan = {
    sessions: [{
      id: 'd', day, minutes: 60, lifts: [],
      items: [item('a', 'side-plank.knees'), item('b', 'front-plank.wall')],
    }],
  }
  const stored = await (await page.request.put(week, { data: { version: 0, plan }, headers })).json() as {
    version: number
  }
  const assigned = await page.request.post(`${week}/assign`, {
    data: { version: stored.version, reason: 'Known for years.' }, headers,
  })
  expect(assigned.status()).toBe(200)
  const { session } = await (await page.request.get(`/api/athletes/${id}/today`)).json() as { session: { id: string } }
  return { monday, sessionId: session.id }
}

const onTop = (page: Page, name: string): Promise<boolean> =>
  page.getByRole('button', { name }).evaluate((button) => {
    button.scrollIntoView({ block: 'nearest' })
    const { left, top, width, height } = button.getBoundingClientRect()
    return button.contains(document.elementFromPoint(left + width / 2, top + height / 2))
  })

test('a dialog opens on its first field: what is typed after “+ drill” finds a drill', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  const id = await anAthlete(page, 'Keel Marrow')
  const { monday } = await weekToday(page, id)
  await open(page, `/week/${id}?start=${monday}`)
  await page.getByRole('button', { name: /^\+ drill/ }).first().click()
  await page.keyboard.type('press out of the way')
  await expect(page.getByRole('dialog').getByRole('combobox')).toHaveValue('press out of the way')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled()
})

test('a competition opens by keyboard, and stays', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/season')
  const flag = page.getByRole('button', { name: /, importance [ABC], .*Open$/ }).first()
  for (const key of ['Enter', 'Space']) {
    await flag.focus()
    await page.keyboard.press(key)
    await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused()
    await page.waitForTimeout(300)
    await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
})

const UPRIGHT = { width: 390, height: 844 }
for (const [name, viewport] of [['upright', UPRIGHT], ['on its side', { width: 844, height: 390 }]] as const) {
  test.describe(`a phone ${name}`, () => {
    test.use({ viewport, expectedErrors: /ERR_INTERNET_DISCONNECTED/ })

    test('shows Start and Stop, also above what waits for the line', async ({ page, context }) => {
      await signIn(page, 'coach@larkholm.example')
      const { sessionId } = await weekToday(page, await anAthlete(page, `Fathom Reef ${name}`))
      await open(page, `/run/${sessionId}`)
      await expect(page.getByRole('button', { name: 'Start' })).toBeInViewport({ ratio: 1 })
      await page.getByRole('button', { name: 'Start' }).click()
      await expect(page.getByRole('button', { name: /^Stop/ })).toBeInViewport({ ratio: 1 })
      await page.reload()
      await context.setOffline(true)
      await page.getByRole('button', { name: 'Done as asked' }).click()
      await expect(page.getByText('1 change waits on this device')).toBeVisible()
      await page.getByRole('button', { name: /Skip|Go on|Next/ }).first().click()
      await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
      expect(await onTop(page, 'Start')).toBe(true)
      await context.setOffline(false)
    })
  })
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, expectedErrors: /404|422/ })

  test('answers to the screening are there again after a reload', async ({ page }) => {
    await signIn(page, 'tiko@larkholm.example')
    await open(page, '/screening')
    const yes = page.getByRole('button', { name: /^yes: / }).nth(3)
    const was = await yes.getAttribute('aria-pressed')
    await page.getByRole('button', { name: was === 'true' ? /^no: / : /^yes: / }).nth(3).click()
    await page.reload()
    await expect(yes).toHaveAttribute('aria-pressed', was === 'true' ? 'false' : 'true')
    await page.getByRole('button', { name: 'Start over' }).click()
    await expect(yes).toHaveAttribute('aria-pressed', was ?? 'false')
  })

  test('the rail shows where one is, and names of any kind stay in their place', async ({ page }) => {
    await signIn(page, 'coach@larkholm.example')
    const names = ['W'.repeat(80), `${'🤸‍♀️'.repeat(12)} Ana`, 'نورا البحر الأزرق (الفريق)']
    for (const name of names) {
      const id = await anAthlete(page, name)
      for (const path of [`/athletes/${id}`, `/week/${id}`, `/athletes/${id}/screen`]) {
        await open(page, path)
        await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
        await expectNoSideScroll(page)
      }
    }
    await open(page, '/facility')
    await expect(page.getByRole('navigation', { name: 'Rooms' }).locator('[aria-current]')).toBeInViewport({ ratio: 1 })
    await open(page, '/athletes/new')
    await page.getByLabel('Name', { exact: true }).fill('x'.repeat(200))
    await page.getByRole('button', { name: 'Add athlete' }).click()
    await expect(page.locator('#name-problem')).toContainText('80')
    await expectNoSideScroll(page)
  })
})

test.describe('one drill that may not be', () => {
  test.use({ expectedErrors: /422|ERR_FAILED/ })

  test('marks itself, and the rest of the week is stored', async ({ page }) => {
    await signIn(page, 'coach@larkholm.example')
    const id = await anAthlete(page, 'Sounding Skua')
    const { monday } = await weekToday(page, id)
    // The sheet does not hear of the flag that is raised meanwhile.
    await page.route('**/api/alerts', route => route.abort())
    await open(page, `/week/${id}?start=${monday}`)
    const { version } = await (await page.request.get(`/api/athletes/${id}`)).json() as { version: number }
    const raised = await page.request.put(`/api/athletes/${id}`, {
      data: { version, athlete: await described(page, 'Sounding Skua', ['wrist']) }, headers: await csrfOf(page),
    })
    expect(raised.status()).toBe(200)
    await page.getByRole('button', { name: /^\+ drill/ }).first().click()
    await page.keyboard.type('hands and knees')
    await page.getByRole('option').first().click()
    await expect(page.getByText('The rest of the week is stored.')).toBeVisible()
    await page.getByRole('button', { name: /^\+ drill/ }).first().click()
    await page.keyboard.type('plank at the wall')
    await page.getByRole('option').first().click()
    const drills = async (): Promise<number> => {
      const { week } = await (await page.request.get(`/api/athletes/${id}/weeks/${monday}`)).json() as {
        week: { plan: { sessions: { items: unknown[] }[] } }
      }
      return week.plan.sessions[0]!.items.length
    }
    await expect.poll(drills).toBe(3)
  })
})

test.describe('a line that is lost', () => {
  test.use({ expectedErrors: /ERR_INTERNET_DISCONNECTED/ })

  test('leaves a room empty only until it returns', async ({ page, context }) => {
    await signIn(page, 'coach@larkholm.example')
    await page.getByRole('link', { name: 'Schools' }).click()
    await expect(page.getByRole('heading', { name: 'Schools and blocks' })).toBeVisible()
    await page.getByRole('link', { name: 'Roster' }).click()
    await context.setOffline(true)
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await expect(page.getByText('No connection.')).toBeVisible()
    await context.setOffline(false)
    await expect(page.getByRole('heading', { name: 'Judo' })).toBeVisible({ timeout: 10_000 })
  })
})

test('the squad week keeps selection and lift days by its address', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/squad-week')
  for (const name of ['Ilse Tarn', 'Bram Lough']) await page.getByRole('checkbox', { name: new RegExp(name) }).check()
  await page.getByRole('button', { name: '+ lift day' }).click()
  await page.getByRole('button', { name: 'Add session' }).click()
  await page.getByRole('button', { name: 'Week after' }).click()
  await page.reload()
  await expect(page.getByRole('heading', { name: /^Who 2/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /day, \d+ min/ })).toHaveCount(1)
})

test.describe('rooms', () => {
  test.use({ expectedErrors: /403|404/ })

  test('not for somebody say so, unknown ones lead on, the rail goes back to the last', async ({ page }) => {
    await signIn(page, 'coach@larkholm.example')
    await open(page, '/staff')
    await expect(page.getByRole('heading', { name: 'This room is for head coaches' })).toBeVisible()
    await open(page, `/athletes/${randomUUID()}`)
    await page.getByRole('link', { name: 'To the first page' }).click()
    await expect(page).toHaveURL(/roster/)
    await page.getByRole('link', { name: 'Zanna Wick', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Zanna Wick' })).toBeVisible()
    await open(page, '/roster')
    for (const room of ['Athlete', 'Ladders', 'Week']) {
      await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: room, exact: true }).click()
      await expect(page.getByText('Zanna Wick').first()).toBeVisible()
    }
  })
})
