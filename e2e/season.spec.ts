import nodeIcal, { type VEvent } from 'node-ical'
import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectNoSideScroll, hand, mailTo, open, signIn, test } from './helpers'

const CALENDAR = `http://127.0.0.1:${Number(process.env.TEST_PORT ?? '4310') + 20}`
const DAY = 86_400_000

/** The day so many days after this week's Monday. */
async function dayAfterMonday(page: Page, days: number): Promise<string> {
  return page.evaluate(async ({ days, DAY }) => {
    const { me } = await (await fetch('/api/session')).json() as { me: { today: string } }
    const today = new Date(`${me.today}T00:00:00Z`)
    return new Date(today.getTime() + (days - ((today.getUTCDay() + 6) % 7)) * DAY).toISOString().slice(0, 10)
  }, { days, DAY })
}

async function feed(page: Page, url: string): Promise<VEvent[]> {
  const answer = await page.request.get(url)
  expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'text/calendar; charset=utf-8'])
  return Object.values(nodeIcal.sync.parseICS(await answer.text())).filter((one): one is VEvent =>
    one?.type === 'VEVENT'
  )
}
const dayOf = (event: VEvent | undefined): string | undefined => event?.start.toISOString().slice(0, 10)

test('a competition moves by eight days: repaired, pinned, accepted, followed', async ({ page, browser }) => {
  test.setTimeout(240_000)
  // The athlete has an assigned week and an address for the own calendar.
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await signIn(phone, 'sirke@larkholm.example')
  await open(phone, '/my-season')
  await expect(phone.getByRole('heading', { name: 'Sirke Holm: the season' })).toBeVisible()
  await phone.getByRole('button', { name: 'Make one for me' }).click()
  const url = (await phone.locator('[data-feed-url]').textContent())!.trim()
  await expectAccessible(phone)
  await expectNoSideScroll(phone)

  await signIn(page, 'coach@larkholm.example')
  const sirke = await page.evaluate(async () => {
    const { rows } = await (await fetch('/api/athletes')).json() as {
      rows: { athlete: { id: string, name: string } }[]
    }
    return rows.find(row => row.athlete.name === 'Sirke Holm')!.athlete.id
  })
  await open(page, `/squad-week?ids=${sirke}`)
  await page.getByRole('button', { name: /^Copy from/ }).click()
  await page.getByLabel(/Replace weeks/).check()
  await page.getByRole('button', { name: /Propose for 1/ }).click()
  await expect(page.getByRole('button', { name: /^Assign 1 week/ })).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: /^Assign 1 week/ }).click()
  await expect(page.getByRole('button', { name: 'All assigned' })).toBeVisible({ timeout: 30_000 })

  // A competition comes in on a Sunday in a fortnight.
  const [sunday, saturday] = [await dayAfterMonday(page, 20), await dayAfterMonday(page, 12)]
  await open(page, '/season')
  await page.getByRole('button', { name: 'Judo', exact: true }).click()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('a')
  await page.getByLabel('Name').fill('Skerry Open')
  await page.getByLabel('Day', { exact: true }).fill(sunday)
  await page.getByLabel('Time').fill('10:00')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'See what it does' }).click()
  await expect(page.getByText(/Skerry Open comes in on/)).toBeVisible()
  await page.getByRole('button', { name: /^Accept/ }).click()
  await expect(page.getByText(/Stored:/)).toBeVisible()
  const cup = (await feed(page, url)).find(event => event.summary === 'Skerry Open')
  expect(dayOf(cup)).toBe(sunday)

  // It moves by eight days, to the Saturday of the week before. The hand on the keys does the rest.
  const by = hand(page)
  await by.key('{')
  await by.key('[')
  await expect(page.getByRole('heading', { name: /^\d+ days? would change$/ })).toBeVisible()
  const panel = page.getByRole('region', { name: 'Repair of the season' })
  await expect(panel.getByText('The day before a competition is for activation only.')).toBeVisible()
  await expectAccessible(page)
  const changes = panel.getByRole('button', { name: /^Hold .* as it was$/ })
  const before = await changes.count()
  expect(before).toBeGreaterThan(0)
  // The Friday is pinned as it was: the rule that breaks is told.
  await by.click(panel.getByRole('button', { name: /^Hold Fri/ }))
  await expect(changes).toHaveCount(before - 1)
  await expect(panel.getByText(/^Fri \d+ stays/)).toBeVisible()
  await expect(panel.locator('.caution')).toContainText('The day before a competition is for activation only.')
  // Enter on a button is the button's own and accepts nothing.
  await panel.getByRole('button', { name: /^Best volumes/ }).focus()
  await page.keyboard.press('Enter')
  await expect(panel.getByRole('button', { name: /^Best volumes/ })).toHaveAttribute('aria-pressed', 'true')
  await panel.getByRole('button', { name: /^Fewest changes/ }).focus()
  await page.keyboard.press('Enter')
  await expect(panel.getByRole('button', { name: /^Fewest changes/ })).toHaveAttribute('aria-pressed', 'true')
  // A second thought: it gives way after all.
  await by.click(panel.getByRole('button', { name: 'pinned' }))
  await expect(changes).toHaveCount(before)
  await by.key('Enter')
  await expect(page.getByText(/Stored: \d+ days? changed/)).toBeVisible()
  expect(by.counted()).toEqual({ clicks: 2, keys: 3 })

  // The weeks it touches are planned anew in the background and assigned again.
  await page.getByRole('link', { name: /planned anew/ }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Sirke Holm' }).filter({ hasText: 'assigned' }))
    .toBeVisible({ timeout: 90_000 })

  const moved = await feed(page, url)
  const there = moved.find(event => event.uid === cup!.uid)
  expect([dayOf(there), Number(there!.sequence)]).toEqual([saturday, Number(cup!.sequence) + 1])
  const friday = await dayAfterMonday(page, 11)
  expect(moved.find(event => event.uid === `${sirke}-day-${friday}@keen-anchor`)?.summary).toBe('Trunk: activation')

  await open(phone, '/today')
  await expect(phone.getByText(/Skerry Open moves from/)).toBeVisible()
  await expect(phone.getByText('The day before a competition is for activation only.').first()).toBeVisible()
  await expectAccessible(phone)
  await expectNoSideScroll(phone)
  expect(await mailTo(page, 'sirke@larkholm.example')).toContain('Skerry Open moves from')
  // What is on the athlete's Friday now is activation alone.
  const slots = await page.evaluate(async ({ sirke, friday, monday }) => {
    const { week } = await (await fetch(`/api/athletes/${sirke}/weeks/${monday}`)).json() as {
      week: { plan: { sessions: { day: number, items: { slot: string }[] }[] } }
    }
    return { friday, slots: week.plan.sessions.filter(s => s.day === 4).flatMap(s => s.items.map(i => i.slot)) }
  }, { sirke, friday, monday: await dayAfterMonday(page, 7) })
  expect(slots.slots.filter(slot => slot !== 'activation')).toEqual([])

  await open(page, '/day')
  await expect(page.getByRole('region', { name: 'Judo' }).getByText(/Skerry Open moves from/)).toBeVisible()
  await expectAccessible(page)
  await phone.context().close()
})

test.describe('with an address that may not be read', () => {
  test.use({ expectedErrors: /422/ })

  test('a federation’s calendar is read, taken over, and known again when it moves', async ({ page }) => {
    await signIn(page, 'head@larkholm.example')
    await open(page, '/season')
    await page.getByRole('button', { name: 'Volleyball', exact: true }).click()
    const look = async (path: string): Promise<void> => {
      await page.getByRole('button', { name: 'Read a calendar' }).click()
      await page.getByLabel('or an address').fill(CALENDAR + path)
      await page.getByRole('button', { name: 'Look at it' }).click()
    }
    await look('/competitions.ics')
    await expect(page.getByText('3 to take over.')).toBeVisible()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'See what these 3 do' }).click()
    await page.getByRole('button', { name: /^Accept/ }).click()
    await expect(page.getByText(/Stored:/)).toBeVisible()
    await look('/competitions.ics')
    await expect(page.getByText('0 to take over, 3 already here as they are.')).toBeVisible()
    await page.keyboard.press('Escape')
    // The federation moves its cup by eight days: it is the same cup.
    await look('/competitions.ics?moved=1')
    await expect(page.getByText('1 to take over, 2 already here as they are.')).toBeVisible()
    await page.getByRole('button', { name: 'See what it does' }).click()
    await page.getByRole('button', { name: /^Accept/ }).click()
    await expect(page.getByText(/Stored:/)).toBeVisible()
    await expect(page.getByRole('button', { name: /^Outer Isles Cup/ })).toHaveCount(1)
    await page.getByRole('button', { name: 'Read a calendar' }).click()
    await page.getByLabel('or an address').fill('http://192.0.2.1/secret.ics')
    await page.getByRole('button', { name: 'Look at it' }).click()
    await expect(page.getByText(/Calendars are read from 127\.0\.0\.1/)).toBeVisible()
    await page.getByLabel('or an address').fill(`${CALENDAR}/practices.ics`)
    await page.getByRole('button', { name: 'team practice' }).click()
    await page.getByRole('button', { name: 'Look at it' }).click()
    await expect(page.getByText(/^11 to take over/)).toBeVisible()
    await page.keyboard.press('Escape')
  })
})

test('a season is begun for a squad without one, and its phases are dragged', async ({ page }) => {
  await signIn(page, 'head@larkholm.example')
  await open(page, '/season?view=all')
  await expect(page.getByRole('heading', { name: 'All squads' })).toBeVisible()
  await expectAccessible(page)
  await page.evaluate(async () => {
    const { csrf } = await (await fetch('/api/session')).json() as { csrf: string }
    await fetch('/api/groups', {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'x-keen-csrf': csrf },
      body: JSON.stringify({ id: crypto.randomUUID(), name: 'Rowing sprint' }),
    })
  })
  await open(page, '/season')
  await page.getByRole('button', { name: 'Rowing sprint' }).click()
  await expect(page.getByText('This squad has no season yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Plan one' }).click()
  await page.getByRole('button', { name: /^Accept/ }).click()
  await expect(page.getByText(/Stored: 0 days changed/)).toBeVisible()
  // The pre-season is dragged three weeks later.
  const handle = page.locator('[data-handle="phase"]').nth(1)
  const box = (await handle.boundingBox())!
  const week = (await page.getByRole('button', { name: /^Week 1,/ }).boundingBox())!.width
  await page.mouse.move(box.x + box.width / 2, box.y + 8)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 3 * week, box.y + 8, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByText(/The pre-season begins/).first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('region', { name: 'Repair of the season' })).toHaveCount(0)

  // On paper, for the staff and for the athlete.
  await page.getByRole('link', { name: 'Report' }).click()
  await expect(page.getByRole('heading', { name: 'Rowing sprint: the season' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Rules that gave way' })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'For the athlete' }).click()
  await expect(page.getByText('You build the base', { exact: false }).first()).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print or save as PDF' })).toBeHidden()
})

test('an athlete is away: only the own plan follows', async ({ page }) => {
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/season')
  await page.getByRole('button', { name: 'Javelin', exact: true }).click()
  await page.getByLabel('Whose season').selectOption({ label: 'Edda Moor' })
  await page.getByRole('button', { name: 'Add days away' }).click()
  await expect(page.getByText('Say from when.')).toBeVisible()
  await page.getByLabel('From', { exact: true }).fill(await dayAfterMonday(page, 14))
  await page.getByLabel('to', { exact: true }).fill(await dayAfterMonday(page, 20))
  await page.getByRole('button', { name: 'Add days away' }).click()
  await expect(page.getByRole('heading', { name: /days would change/ })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /^Accept/ }).click()
  await expect(page.getByText(/Stored: [3-7] days changed/)).toBeVisible()
  await page.reload()
  await page.locator('html[data-ready]').waitFor()
  await expect(page.getByRole('button', { name: /^Not away/ })).toHaveCount(1)
})
