import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { ROSTER_SORTS, type RosterQuery, type RosterRow } from '~~/shared/types'
import { addPerson, type testDatabase } from '../testing/database'
import { demoDatabase, headOf } from '../testing/demo'
import type { Context } from './context'
import { addGroup } from './groups'
import { roster } from './roster'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Context
beforeAll(async () => {
  base = await demoDatabase()
  head = await headOf(base)
}, 400_000)
afterAll(() => base.drop())

/** All pages of a part of the roster, one after the other. */
async function pages(query: RosterQuery, most: number, who = head): Promise<RosterRow[]> {
  const rows: RosterRow[] = []
  for (let after: string | null | undefined; after !== null;) {
    const page = await roster(who, { ...query, most, ...after ? { after } : {} })
    expect(page.rows.length).toBeLessThanOrEqual(most)
    rows.push(...page.rows)
    after = page.next
  }
  return rows
}
const names = (rows: readonly RosterRow[]): string[] => rows.map(row => row.athlete.name)

describe('pages of the roster', () => {
  it.each(ROSTER_SORTS.flatMap(sort => [[sort, false] as const, [sort, true] as const]))(
    'in the order of %s, downwards %s, have everybody once, in the order of one page', async (sort, down) => {
      const whole = await roster(head, { sort, down, most: 100 })
      expect(whole).toMatchObject({ total: 24, next: null })
      expect(new Set(names(whole.rows)).size).toBe(24)
      expect(names(await pages({ sort, down }, 7))).toEqual(names(whole.rows))
    },
  )

  it('stand in the order that is asked for, who has none of it last', async () => {
    const done = (await roster(head, { sort: 'done', down: true })).rows.map(row => row.adherence)
    expect(done).toEqual([...done].sort((a, b) => (b ?? -1) - (a ?? -1)))
    const next = (await roster(head, { sort: 'competition' })).rows.map(row => row.nextCompetition?.day ?? '9999')
    expect(next).toEqual([...next].sort())
    expect(new Set(next).size).toBeGreaterThan(1)
    const steps = (await roster(head, { sort: 'braceStep' })).rows.map(row => row.athlete.braceStep)
    expect(steps).toEqual([...steps].sort((a, b) => a - b))
    const links = (await roster(head, { sort: 'weakLink', down: true })).rows.map(row => row.athlete.weakLink)
    expect(links.indexOf(null)).toBe(links.filter(Boolean).length)
  })

  it('are of one squad, and of who is in the archive or is not', async () => {
    const all = (await roster(head, { most: 100 })).rows
    const group = all[0]!.athlete.groupIds[0]!
    const squad = all.filter(row => row.athlete.groupIds.includes(group))
    expect(await roster(head, { group, archived: false })).toMatchObject({ total: squad.length })
    expect(await roster(head, { archived: true })).toEqual({ rows: [], total: 0, next: null })
  })

  it('hold every word that is looked for, in any of what is shown', async () => {
    const all = (await roster(head, { most: 100 })).rows
    const one = all.find(row => row.athlete.flags.length > 0 && row.nextCompetition)!
    const first = one.athlete.name.split(' ')[0]!.toLowerCase()
    expect(names((await roster(head, { find: ` ${first.toUpperCase()}  ` })).rows)).toContain(one.athlete.name)
    const byNext = (await roster(head, { find: one.nextCompetition!.name.toLowerCase() })).rows
    expect(names(byNext)).toContain(one.athlete.name)
    expect((await roster(head, { find: 'fencing' })).total).toBeGreaterThan(0)
    expect((await roster(head, { find: `fencing ${randomUUID()}` })).total).toBe(0)
    expect((await roster(head, { find: '%' })).total).toBe(0)
  })

  it('are found by a flag only by who may read it', async () => {
    const find = 'wrist'
    const found = (await roster(head, { find })).rows
    expect(found.length).toBeGreaterThan(0)
    expect(found.every(row => row.athlete.flags.includes('wrist'))).toBe(true)
    const groupIds = found[0]!.athlete.groupIds
    const { context } = await addPerson(base.db, head.actor.organisationId, 'assistant', { groupIds: [...groupIds] })
    expect((await roster(context)).total).toBeGreaterThan(0)
    expect((await roster(context, { find })).total).toBe(0)
  })

  const written = (place: unknown): string => Buffer.from(JSON.stringify(place)).toString('base64url')
  it.each(['!', 'e30', written(['a', 'b']), written([{}, 'b', randomUUID()]), written(['a', 'b', 'c'])])(
    'that begin nowhere (%s) are refused', async (after) => {
      await expect(roster(head, { after })).rejects.toMatchObject({ code: 'badInput', fields: { after: /page/ } })
    },
  )

  it('a squad of nobody is empty', async () => {
    const group = randomUUID()
    await addGroup(head, { id: group, name: 'Nobody yet' })
    expect(await roster(head, { group })).toEqual({ rows: [], total: 0, next: null })
  })
})
