import { randomUUID } from 'node:crypto'
import { aDevice, openLine, readyWithoutLine } from './device'
import { csrfOf, expect, hand, linkIn, mailTo, open, signInAnew, test } from './helpers'
import { planToday } from './planToday'

const PHONE = { width: 390, height: 844 }
interface Today { session: { id: string }, logs: { setNumber: number }[] }
const TABLET = { width: 1280, height: 800 }

test('an athlete does a session on a phone that starts without a network', async ({ page }, testInfo) => {
  await signInAnew(page, 'head@larkholm.example')
  const { id } = await planToday(page, 'Sirke Holm', [['front-plank.wall', 3], ['brace.without-hands', 3]], 1)
  const line = await openLine()
  const phone = await aDevice(line.url, { ...testInfo.project.use.launchOptions, viewport: PHONE })
  try {
    let own = await phone.on()
    await signInAnew(own, 'sirke@larkholm.example')
    await expect(own.getByRole('link', { name: 'Start the session' })).toBeVisible()
    await readyWithoutLine(own)
    await phone.off()

    line.cut(true)
    own = await phone.on()
    await open(own, '/')
    const { click, counted } = hand(own)
    await expect(own.getByText('The server does not answer.')).toBeVisible()
    await click(own.getByRole('link', { name: 'Start the session' }))
    for (const n of [1, 2]) {
      await click(own.getByRole('button', { name: 'Start' }))
      // Five seconds to take hold, three of the hold.
      await expect(own.getByText('done', { exact: true })).toBeVisible({ timeout: 15_000 })
      await click(own.getByRole('button', { name: /^Stop/ }))
      await expect(own.getByText(`${n} ${n === 1 ? 'change waits' : 'changes wait'} on this device`)).toBeVisible()
    }
    await expect(own.getByRole('heading', { name: 'Session done' })).toBeVisible()
    console.log(`A session of two sets from a cold start without a network: ${JSON.stringify(counted())}.`)
    await phone.off()

    own = await phone.on()
    await open(own, '/today')
    await expect(own.getByText('2 changes wait on this device')).toBeVisible()
    await expect(own.getByRole('link', { name: 'Look at the session' })).toBeVisible()
    line.cut(false)
    await expect(own.getByText('wait on this device')).toBeHidden()
    await expect(own.getByText('The server does not answer.')).toBeHidden()
  }
  finally {
    await phone.scrap()
    await line.close()
  }
  const today = await (await page.request.get(`/api/athletes/${id}/today`)).json() as { logs: { id: string }[] }
  expect(today.logs).toHaveLength(2)
})

test('board, today and test desk open on a tablet that starts without a network, for whoever is signed in', async (
  { page }, testInfo,
) => {
  await signInAnew(page, 'head@larkholm.example')
  await planToday(page, 'Bram Lough', [['front-plank.wall', 3]], 1)
  const line = await openLine()
  const tablet = await aDevice(line.url, { ...testInfo.project.use.launchOptions, viewport: TABLET })
  try {
    let own = await tablet.on()
    await signInAnew(own, 'head@larkholm.example')
    const brought: string[] = []
    own.on('requestfinished', request => void brought.push(request.url()))
    await open(own, '/day')
    // Several squads may train today: theirs are brought one after the other.
    const board = await own.getByRole('region', { name: 'Sprint canoe' }).getByRole('link', { name: 'Floor board' })
      .getAttribute('href')
    await expect.poll(() => brought.some(url => url.includes(`/api${board!}`))).toBe(true)
    await readyWithoutLine(own)
    await tablet.off()

    line.cut(true)
    own = await tablet.on()
    await open(own, '/day')
    await own.getByRole('region', { name: 'Sprint canoe' }).getByRole('link', { name: 'Floor board' }).click()
    await own.getByRole('button', { name: 'Start the floor' }).click()
    await expect(own.getByRole('article', { name: 'Bram Lough', exact: true })).toBeVisible()
    await open(own, '/tests')
    await expect(own.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(own.getByText('Bram Lough').first()).toBeVisible()
    await open(own, '/day')
    await own.getByRole('button', { name: 'Sign out' }).click()
    await own.waitForURL(/sign-in/)
    await tablet.off()
    own = await tablet.on()
    await open(own, '/day')
    await expect(own.getByLabel('Password')).toBeVisible()
    line.cut(false)
    await own.reload()
    await expect(own.getByLabel('Password')).toBeVisible()
    const session = await (await own.request.get('/api/session')).json() as { me: unknown }
    expect(session.me).toBeNull()
  }
  finally {
    await tablet.scrap()
    await line.close()
  }
})

test('a set that is tapped in the moment its page is left is on the device', async ({ page }, testInfo) => {
  await signInAnew(page, 'head@larkholm.example')
  const { id } = await planToday(page, 'Mirel Ness', [['front-plank.wall', 3]], 8)
  const now = async (): Promise<Today> => await (await page.request.get(`/api/athletes/${id}/today`)).json() as Today
  const session = (await now()).session.id
  const line = await openLine()
  const phone = await aDevice(line.url, { ...testInfo.project.use.launchOptions, viewport: PHONE })
  try {
    const own = await phone.on()
    await signInAnew(own, 'head@larkholm.example')
    await open(own, `/run/${session}`)
    await readyWithoutLine(own, `/api/sessions/${session}`)
    line.cut(true)
    for (let n = 1; n <= 8; n++) {
      await expect(own.getByText(`set ${n} of 8`)).toBeVisible()
      await Promise.all([own.waitForEvent('load'), own.evaluate(tapAndLeave)])
      await expect(own.getByText(`${n} ${n === 1 ? 'change waits' : 'changes wait'} on this device`)).toBeVisible()
    }
    line.cut(false)
    await expect(own.getByText(/wait on this device/)).toBeHidden({ timeout: 15_000 })
  }
  finally {
    await phone.scrap()
    await line.close()
  }
  expect((await now()).logs.map(log => log.setNumber).sort()).toEqual([1, 2, 3, 4, 5, 6, 7, 8])
})

/** In the page: logs a set and begins the page anew before anything else can happen. */
function tapAndLeave(): void {
  const done = [...document.querySelectorAll('button')].find(one => one.textContent?.trim() === 'Done as asked')
  done!.click()
  location.reload()
}

test('two tabs of one athlete without a network log one session between them, each set once', async (
  { page }, testInfo,
) => {
  await signInAnew(page, 'head@larkholm.example')
  const { id } = await planToday(page, 'Tiko Crag', [['front-plank.wall', 3], ['brace.without-hands', 3]], 1)
  const line = await openLine()
  const phone = await aDevice(line.url, { ...testInfo.project.use.launchOptions, viewport: PHONE })
  try {
    const one = await phone.on()
    await signInAnew(one, 'tiko@larkholm.example')
    await one.getByRole('link', { name: 'Start the session' }).click()
    await readyWithoutLine(one)
    const other = await one.context().newPage()
    await open(other, one.url())
    line.cut(true)
    const aSet = async (tab: typeof one): Promise<void> => {
      await tab.bringToFront()
      await tab.getByRole('button', { name: 'Start', exact: true }).click()
      await expect(tab.getByText('done', { exact: true })).toBeVisible({ timeout: 15_000 })
      await tab.getByRole('button', { name: /^Stop/ }).click()
    }
    await aSet(one)
    // The other tab knows of it: it goes on with the second set.
    await expect(other.getByText('1 change waits on this device')).toBeVisible()
    await aSet(other)
    await expect(other.getByRole('heading', { name: 'Session done' })).toBeVisible()
    await expect(one.getByText('2 changes wait on this device')).toBeVisible()
    line.cut(false)
    await expect(one.getByText(/wait on this device/)).toBeHidden({ timeout: 15_000 })
    await expect(other.getByText(/wait on this device/)).toBeHidden({ timeout: 15_000 })
  }
  finally {
    await phone.scrap()
    await line.close()
  }
  const today = await (await page.request.get(`/api/athletes/${id}/today`)).json() as {
    logs: { prescribedItemId: string }[]
  }
  expect(new Set(today.logs.map(log => log.prescribedItemId)).size).toBe(2)
  expect(today.logs).toHaveLength(2)
})

test('a coach whose roster is empty reads so on a tablet that starts without a network', async ({ page }, testInfo) => {
  const email = `nobody-yet-${Date.now().toString(36)}@test.example`
  await signInAnew(page, 'head@larkholm.example')
  const invited = await page.request.post('/api/staff', {
    headers: await csrfOf(page), data: { id: randomUUID(), name: 'Nobody Yet', email, role: 'coach', groupIds: [] },
  })
  expect(invited.ok()).toBe(true)
  const link = linkIn(await mailTo(page, email))
  await page.context().clearCookies()
  await open(page, link)
  await page.getByLabel('New password').fill('slate and chalk')
  await page.getByLabel('The same once more').fill('slate and chalk')
  await page.getByRole('button', { name: 'Set the password' }).click()
  await page.waitForURL(/roster/)

  const line = await openLine()
  const tablet = await aDevice(line.url, { ...testInfo.project.use.launchOptions, viewport: TABLET })
  try {
    let own = await tablet.on()
    await signInAnew(own, email, 'slate and chalk')
    await open(own, '/day')
    await expect(own.getByText('No squad is in your sight yet.')).toBeVisible()
    await open(own, '/tests')
    await expect(own.getByText('Nobody is on the roster yet.')).toBeVisible()
    await readyWithoutLine(own, '/api/day', '/api/trials')
    await tablet.off()
    line.cut(true)
    own = await tablet.on()
    const errors: string[] = []
    own.on('pageerror', error => errors.push(error.message))
    await open(own, '/day')
    await expect(own.getByText('The server does not answer.')).toBeVisible()
    await expect(own.getByText('No squad is in your sight yet.')).toBeVisible()
    await open(own, '/tests')
    await expect(own.getByText('Nobody is on the roster yet.')).toBeVisible()
    expect(errors).toEqual([])
  }
  finally {
    await tablet.scrap()
    await line.close()
  }
})
