import type { Page } from '@playwright/test'
import { csrfOf, expect } from './helpers'

/** A drill and how long it is held. */
type Hold = readonly [string, number]

/** Gives an athlete a week with a session today, through the interface's own routes, and assigns it. */
export async function planToday(
  page: Page, name: string, holds: readonly Hold[] = [['side-plank.knees', 10], ['front-plank.wall', 10]], sets = 2,
): Promise<{ id: string, monday: string }> {
  const { me } = await (await page.request.get('/api/session')).json() as { me: { today: string } }
  const rows = await (await page.request.get('/api/athletes')).json() as { athlete: { id: string, name: string } }[]
  const { id } = rows.find(row => row.athlete.name === name)!.athlete
  const today = new Date(`${me.today}T00:00:00Z`)
  const weekday = (today.getUTCDay() + 6) % 7
  const monday = new Date(today.getTime() - weekday * 86_400_000).toISOString().slice(0, 10)
  const week = `/api/athletes/${id}/weeks/${monday}`
  const { week: { version } } = await (await page.request.get(week)).json() as { week: { version: number } }
  const dose = (amount: number) => ({ sets, amount, unit: 'seconds', restS: 5 })
  const item = (key: string, variationId: string, amount: number) => ({
    id: key, variationId, dose: dose(amount), slot: 'after', pairedWith: null, extraSetSide: null, setting: {},
    why: 'Chosen by the coach.',
  })
  const plan = {
    sessions: [{
      id: 'd', day: weekday, minutes: 60, lifts: [],
      items: holds.map(([variationId, seconds], i) => item(`i${i}`, variationId, seconds)),
    }],
  }
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
