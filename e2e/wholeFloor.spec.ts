import { expect, expectAccessible, hand, open, signIn, test } from './helpers'
import { planToday } from './planToday'

const SQUAD = ['Amarel Tide', 'Brisa Haven', 'Mirel Ness']
const HOLDS = [['front-plank.wall', 3], ['brace.brace-and-talk', 3], ['brace.without-hands', 3]] as const

test.use({ expectedErrors: /ERR_INTERNET_DISCONNECTED/ })
test('a squad is run through a session on the board, a third of it without the network', async ({ page, context }) => {
  test.slow()
  await signIn(page, 'head@larkholm.example')
  for (const name of SQUAD) await planToday(page, name, HOLDS, 1)
  const { runs: before, group } = await floorOf()
  expect(before.map(run => run.athleteName)).toEqual(expect.arrayContaining(SQUAD))
  await open(page, `/floor/${group}`)
  await expect(page.getByText(/\d+ athletes, [\d.]+ min: (nothing shorter|at most)/)).toBeVisible()
  await expectAccessible(page)

  const { click, counted } = hand(page)
  await click(page.getByRole('button', { name: 'Start the floor' }))
  const card = (name: string) => page.getByRole('article', { name, exact: true })
  await expect(card(SQUAD[0]!)).toBeVisible()
  await expectAccessible(page)

  for (const [third] of HOLDS.entries()) {
    await test.step(['with the network', 'without it', 'with it again'][third]!, async () => {
      await context.setOffline(third === 1)
      for (const name of SQUAD) await click(card(name).getByRole('button', { name: 'Start' }))
      // Five seconds to take hold, three of the hold.
      for (const name of SQUAD) await expect(card(name).getByText('done ·')).toBeVisible({ timeout: 15_000 })
      for (const name of SQUAD) await click(card(name).getByRole('button', { name: /^Stop/ }))
      if (third === 1) await expect(page.getByText(/changes wait on this device/)).toBeVisible()
    })
  }
  for (const name of SQUAD) await expect(card(name)).toBeHidden()
  await expect(page.getByText(/wait on this device/)).toBeHidden({ timeout: 15_000 })
  const { runs } = await floorOf()
  for (const name of SQUAD) {
    const { logs } = runs.find(run => run.athleteName === name)!
    expect([name, logs.length, new Set(logs.map(log => log.prescribedItemId)).size]).toEqual([name, 3, 3])
  }
  console.log(`Three athletes, nine sets: ${JSON.stringify(counted())}.`)

  /** What the server knows of the squad's floor. */
  async function floorOf() {
    const groups = await (await page.request.get('/api/groups')).json() as { id: string, name: string }[]
    const one = groups.find(({ name }) => name === 'Volleyball')!.id
    const answer = await (await page.request.get(`/api/floor/${one}`)).json() as {
      runs: { athleteName: string, logs: { prescribedItemId: string }[] }[]
    }
    return { ...answer, group: one }
  }
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
