import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { csrfOf, expect } from './helpers'

/** An athlete as a form would send one: of the first squad unless others are named. */
export async function described(
  page: Page, name: string, flags: readonly string[] = [], groupIds?: readonly string[],
): Promise<object> {
  const groups = await (await page.request.get('/api/groups')).json() as { id: string }[]
  return {
    name, goal: '', goalVariationId: null, goalLift: null, sport: 'general', position: '', sex: 'female', heightCm: 172,
    massKg: 66, birthYear: 1999, trainingAgeYears: 3, equipment: ['wall'], available: [{ day: 0, minutes: 60 }], flags,
    braceStep: 7, stands: [], weakLink: null, weakSide: null, groupIds: groupIds ?? [groups[0]!.id],
  }
}

/** Adds an athlete through the interface's own route. */
export async function newAthlete(
  page: Page, name: string, groupIds?: readonly string[], over: object = {},
): Promise<string> {
  const id = randomUUID()
  const athlete = { ...await described(page, name, [], groupIds), ...over }
  const answer = await page.request.post('/api/athletes', { data: { id, athlete }, headers: await csrfOf(page) })
  expect(answer.status()).toBe(200)
  return id
}

/** Out of the way of other journeys. */
export async function putAway(page: Page, id: string): Promise<void> {
  const { version } = await (await page.request.get(`/api/athletes/${id}`)).json() as { version: number }
  const away = await page.request.put(`/api/athletes/${id}/archive`, {
    data: { version, archived: true }, headers: await csrfOf(page),
  })
  expect(away.status()).toBe(200)
}
