import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { csrfOf, expect, expectAccessible, open, signIn, test } from './helpers'
import { newAthlete, putAway } from './newAthlete'
import { assignToday, itemOf } from './planToday'

const WORK_S = 5
const CIRCUIT = { id: 'c', rounds: 2, times: 1, workS: WORK_S, restS: 3, roundRestS: 6, sides: 'own' }
const DOSE = { sets: 2, amount: WORK_S, unit: 'seconds', restS: 3 }
/** Two stations, the first with a choice in its second round, and a breath in the rest between. */
const SESSION = {
  circuits: [CIRCUIT],
  items: [
    itemOf('a', 'front-plank.wall', DOSE, {
      circuit: 'c', rounds: [{ variationId: 'front-plank.raised-hands', fallbackId: 'front-plank.wall' }],
    }),
    itemOf('b', 'brace.find-it', DOSE, { circuit: 'c' }),
    itemOf('d', 'brace.low-breath', { ...DOSE, sets: 1, amount: 6, restS: 0 }, { circuit: 'c', between: true }),
  ],
}
interface Log { variationId: string, setNumber: number, amount: number, breakPoint: string }
const logsOf = async (page: Page, id: string): Promise<Log[]> =>
  ((await (await page.request.get(`/api/athletes/${id}/today`)).json()) as { logs: Log[] }).logs

test.describe('a circuit', () => {
  let id = ''
  let groupId = ''
  test.beforeEach(async ({ page }) => {
    await signIn(page, 'head@larkholm.example')
    groupId = randomUUID()
    const name = `Ring ${groupId.slice(0, 6)}`
    await page.request.post('/api/groups', { data: { id: groupId, name }, headers: await csrfOf(page) })
    id = await newAthlete(page, name, [groupId], {
      stands: ['front-plank.raised-hands', 'brace.find-it'], equipment: ['wall', 'box', 'bench'],
    })
    await assignToday(page, name, SESSION)
  })
  test.afterEach(({ page }) => putAway(page, id))

  test('runs by one clock on a phone: one set stopped, one easier, the rest by itself', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    const day = await page.request.get(`/api/athletes/${id}/today`)
    await open(page, `/run/${(await day.json() as { session: { id: string } }).session.id}`)
    await expect(page.getByText('2 rounds of 2 stations, 5 s of work, 3 s of rest, 6 s between rounds')).toBeVisible()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Start the circuit' }).click()
    await expect(page.getByRole('heading', { name: 'Plank at the wall' })).toBeVisible()
    await page.getByRole('button', { name: 'Skip this' }).click()
    await expect(page.getByText('round 1 of 2').first()).toBeVisible({ timeout: 2000 })
    await page.waitForTimeout(1500)
    await page.getByRole('button', { name: 'Form broke: stop this one' }).click()
    await page.getByRole('button', { name: 'Low back moved' }).click()
    await expectAccessible(page)
    // The choice of the second round is there from the rest before it on.
    await expect(page.getByText('Which one?')).toBeVisible({ timeout: 25_000 })
    await page.getByRole('button', { name: 'Plank at the wall', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Session done' })).toBeVisible({ timeout: 40_000 })
    await expect.poll(async () => (await logsOf(page, id)).length).toBe(5)
    const logs = await logsOf(page, id)
    expect(logs.filter(log => log.breakPoint !== 'none')).toMatchObject([{ setNumber: 1, breakPoint: 'lowBack' }])
    expect(logs.filter(log => log.setNumber === 2).map(log => [log.variationId, log.amount]).sort()).toEqual([
      ['brace.find-it', WORK_S], ['front-plank.wall', WORK_S],
    ])
  })

  test('is one card on the board: its key starts it, and what is left is left by one press', async ({ page }) => {
    await open(page, `/floor/${groupId}`)
    await page.getByRole('button', { name: 'Start the floor' }).click()
    const card = page.getByRole('article')
    await expect(card).toHaveCount(1)
    await page.keyboard.press('1')
    await expect(card.getByText('round 1 of 2')).toBeVisible({ timeout: 8000 })
    await expectAccessible(page)
    await expect(card.getByText(/rest, round 1 of 2/)).toBeVisible({ timeout: 8000 })
    await card.getByRole('button', { name: 'End the circuit here' }).click()
    await expect(page.getByText('Everybody is through.')).toBeVisible()
    await expect.poll(async () => (await logsOf(page, id)).map(log => log.variationId)).toEqual(['front-plank.wall'])
  })
})
