import { randomUUID } from 'node:crypto'
import { csrfOf, expect, expectAccessible, hand, open, signIn, test } from './helpers'
import { newAthlete, putAway } from './newAthlete'
import { planToday } from './planToday'

const HOLDS = [['front-plank.wall', 3], ['brace.brace-and-talk', 3], ['brace.without-hands', 3]] as const
const TEN = ['Alder', 'Birch', 'Cedar', 'Dune', 'Ebb', 'Fern', 'Gale', 'Heath', 'Inlet', 'Juniper'].map(name =>
  `${name} Ridge`)
/** What anybody may do: one hold for both sides, one for each. */
const FIRST_HOLDS = [['front-plank.wall', 3], ['side-plank.knees', 3]] as const
const SETS = TEN.length * 3

test.describe('ten athletes', () => {
  test.use({ expectedErrors: /ERR_INTERNET_DISCONNECTED/ })
  const ids: string[] = []
  test.afterEach(async ({ page }) => {
    for (const id of ids.splice(0)) await putAway(page, id)
  })

  test('are run through a session on the board, its middle third without the network', async ({ page, context }) => {
    test.setTimeout(400_000)
    await signIn(page, 'head@larkholm.example')
    const group = { id: randomUUID(), name: 'Ridge runners' }
    await page.request.post('/api/groups', { data: group, headers: await csrfOf(page) })
    for (const name of TEN) {
      ids.push(await newAthlete(page, name, [group.id]))
      await planToday(page, name, FIRST_HOLDS, 1)
    }
    await open(page, `/floor/${group.id}`)
    await expect(page.getByText(/\d+ athletes, [\d.]+ min: (nothing shorter|at most)/)).toBeVisible()
    await expectAccessible(page)
    const { click, key, counted } = hand(page)
    await click(page.getByRole('button', { name: 'Start the floor' }))
    await expect(page.getByRole('article')).not.toHaveCount(0)
    await expectAccessible(page)

    for (let done = 0; done < SETS;) {
      await context.setOffline(done >= SETS / 3 && done < 2 * SETS / 3)
      const cards = page.getByRole('article').filter({ visible: true })
      const now = await cards.count()
      expect(now).toBeGreaterThan(0)
      const digits = await cards.locator('kbd').allTextContents()
      for (const digit of digits) await key(digit)
      // Five seconds to take hold, three of the hold.
      await expect(cards.getByText('done ·')).toHaveCount(now, { timeout: 20_000 })
      for (const digit of digits) await key(digit)
      await expect(cards.getByText('done ·')).toHaveCount(0)
      done += now
    }
    await expect(page.getByText('Everybody is through.')).toBeVisible()
    await context.setOffline(false)
    await expect(page.getByText(/wait on this device/)).toBeHidden({ timeout: 15_000 })
    const { runs } = await (await page.request.get(`/api/floor/${group.id}`)).json() as {
      runs: { athleteName: string, logs: { prescribedItemId: string, side: string | null }[] }[]
    }
    for (const name of TEN) {
      const { logs } = runs.find(run => run.athleteName === name)!
      expect([name, ...logs.map(log => String(log.side)).sort()]).toEqual([name, 'left', 'null', 'right'])
    }
    console.log(`Ten athletes, thirty sets: ${JSON.stringify(counted())}.`)
  })
})

test('a floor is handed over to another device, and goes on there', async ({ page, browser }) => {
  await signIn(page, 'head@larkholm.example')
  for (const name of ['Amarel Tide', 'Brisa Haven']) await planToday(page, name, HOLDS, 1)
  await open(page, '/day')
  await page.getByRole('region', { name: 'Volleyball' }).getByRole('link', { name: 'Floor board' }).click()
  await page.getByRole('button', { name: 'Start the floor' }).click()
  await expect(page.getByRole('article', { name: 'Amarel Tide' })).toBeVisible()
  const { pathname } = new URL(page.url())

  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await signIn(other, 'coach@larkholm.example')
  await open(other, pathname)
  await expect(other.getByText('Maren Skerry runs this floor on another device.')).toBeVisible()
  await expect(other.getByRole('article')).toHaveCount(0)
  await other.getByRole('button', { name: 'Go on here' }).click()
  await expect(other.getByRole('article', { name: 'Amarel Tide' })).toBeVisible()
  await expect(page.getByText('Tobin Kelp runs this floor on another device.')).toBeVisible()
  await other.context().close()
})

test('who is late, gone or without a station is told by two taps, and the rest is planned anew', async ({ page }) => {
  await signIn(page, 'head@larkholm.example')
  await open(page, '/day')
  for (const name of ['Bram Lough', 'Odra Shoal']) await planToday(page, name, HOLDS, 1)
  await page.reload()
  await page.getByRole('region', { name: 'Sprint canoe' }).getByRole('link', { name: 'Floor board' }).click()
  await page.getByRole('button', { name: 'Start the floor' }).click()
  await page.getByRole('button', { name: 'Not there' }).click()
  await page.getByRole('button', { name: 'Odra Shoal', exact: true }).click()
  await expect(page.getByText(/blocks? moves?, the end/)).toBeVisible()
  await expect(page.getByRole('article', { name: 'Odra Shoal' })).toBeHidden()
  await page.getByRole('button', { name: 'Station out' }).click()
  await page.getByRole('button', { name: 'Open floor', exact: true }).click()
  await expect(page.getByText(/the end is [\d.]+ min later/)).toBeVisible()
  await page.getByRole('button', { name: 'Pause all' }).click()
  await expect(page.getByText('All is paused.')).toBeVisible()
  await page.reload()
  await expect(page.getByText('All is paused.')).toBeVisible()
  await page.getByRole('button', { name: 'Bright' }).click()
  await expectAccessible(page)
})
