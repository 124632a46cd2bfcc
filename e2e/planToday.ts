import type { Page } from '@playwright/test'
import { csrfOf, expect } from './helpers'

/** A drill and how long it is held. */
type Hold = readonly [string, number]

/** Gives an athlete a week with holds today, through the interface's own routes, and assigns it. */
export function planToday(
  page: Page, name: string, holds: readonly Hold[] = [['side-plank.knees', 10], ['front-plank.wall', 10]], sets = 2,
): Promise<{ id: string, monday: string }> {
  return assignToday(page, name, {
    items: holds.map(([variationId, amount], i) =>
      itemOf(`i${i}`, variationId, { sets, amount, unit: 'seconds', restS: 5 })),
  })
}

/** A drill of a session, as a coach would place it. */
export const itemOf = (id: string, variationId: string, dose: object, over: object = {}): object => ({
  id, variationId, dose, slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: 'Chosen by the coach.',
  ...over,
})

/** Gives an athlete a week with one session, today, and assigns it. */
export async function assignToday(
  page: Page, name: string, session: object,
): Promise<{ id: string, monday: string }> {
  const { me } = await (await page.request.get('/api/session')).json() as { me: { today: string } }
  const { rows } = await (await page.request.get('/api/athletes')).json() as {
    rows: { athlete: { id: string, name: string } }[]
  }
  const { id } = rows.find(row => row.athlete.name === name)!.athlete
  const today = new Date(`${me.today}T00:00:00Z`)
  const weekday = (today.getUTCDay() + 6) % 7
  const monday = new Date(today.getTime() - weekday * 86_400_000).toISOString().slice(0, 10)
  const week = `/api/athletes/${id}/weeks/${monday}`
  const { week: { version } } = await (await page.request.get(week)).json() as { week: { version: number } }
  const plan = { sessions: [{ id: 'd', day: weekday, minutes: 60, lifts: [], ...session }] }
  const headers = await csrfOf(page)
  const stored = await page.request.put(week, { data: { version, plan }, headers })
  expect(stored.ok(), await stored.text()).toBe(true)
  const now = await stored.json() as { version: number }
  const assigned = await page.request.post(`${week}/assign`, {
    data: { version: now.version, reason: 'Done under my eyes.' }, headers,
  })
  expect(assigned.ok(), await assigned.text()).toBe(true)
  return { id, monday }
}
