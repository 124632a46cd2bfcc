import type { Knex } from 'knex'
import type { FlagId } from '~~/core/screening'
import type { SportProfileId } from '~~/core/programme'
import type { RosterQuery, RosterSort } from '~~/shared/types'
import { IN_GROUPS } from './athletes'
import { ADHERENCE } from './daySums'
import { json, type Tx } from './rows'

/** Where a row stands in the order of a roster: by what it is put in order by, then by name and key. */
export type RosterPlace = readonly [key: string | number | null, name: string, id: string]

/** A word that somebody looks for, and what besides the athletes' own words it is found in. */
export interface Word {
  readonly text: string
  readonly sports: readonly SportProfileId[]
  readonly flags: readonly FlagId[]
  readonly groupIds: readonly string[]
}

/** A part of the roster in the words of the database. */
interface RosterAsked extends Pick<RosterQuery, 'group' | 'archived'> {
  readonly words: readonly Word[]
  readonly sort: RosterSort
  readonly down: boolean
  readonly after: RosterPlace | null
  readonly most: number
}

/** What an order hangs on besides the athletes: days, and the next competition day of each group that has one. */
interface Around {
  readonly today: string
  readonly startsOn: string
  readonly doneFrom: string
  readonly next: ReadonlyMap<string, string>
}

/** What each order goes by, over athletes `a`; who has none of it stands last, whichever way it goes. */
function keyOf(tx: Tx, sort: RosterSort, { today, startsOn, doneFrom, next }: Around): Knex.Raw {
  switch (sort) {
    case 'name': return tx.raw('lower(a.name)')
    case 'sport': return tx.raw('a.sport')
    case 'braceStep': return tx.raw('a.brace_step::float8')
    case 'weakLink': return tx.raw('a.weak_link')
    case 'week':
      return tx.raw(
        `(select case when w.assigned_version is null then 1 else 2 end::float8 from training_week w
          where w.organisation_id = a.organisation_id and w.athlete_id = a.id and w.starts_on = ?)`, [startsOn])
    case 'done':
      return tx.raw(
        `(select ${ADHERENCE} from day_sum d where d.organisation_id = a.organisation_id and d.athlete_id = a.id
          and d.day between ? and ?)`, [doneFrom, today])
    case 'competition':
      return tx.raw(
        `(select min(n.day) from group_member m
          join jsonb_to_recordset(?::jsonb) as n ("groupId" uuid, day text) on n."groupId" = m.group_id
          where m.organisation_id = a.organisation_id and m.athlete_id = a.id)`,
        [json([...next].map(([groupId, day]) => ({ groupId, day })))])
  }
}

function asked(tx: Tx, organisationId: string, { group, archived, words, sort }: RosterAsked, around: Around) {
  const found = tx('athlete as a').where('a.organisation_id', organisationId)
    .select(tx.raw('? as key', [keyOf(tx, sort, around)]), tx.raw('lower(a.name) as name'), 'a.id')
  if (archived !== undefined) void (archived ? found.whereNotNull('a.archived_at') : found.whereNull('a.archived_at'))
  if (group) void found.whereRaw(IN_GROUPS, [[group]])
  for (const { text, sports, flags, groupIds } of words) {
    void found.where(either => either
      .whereRaw('position(? in lower(concat_ws(\' \', a.name, a.position, a.goal))) > 0', [text])
      .orWhereRaw('a.sport = any(?)', [sports as string[]])
      .orWhereRaw(IN_GROUPS, [groupIds as string[]])
      // Whoever may not read flags by name finds nobody by them: the wall stands in the database.
      .orWhereRaw(`exists (select from athlete_health h where h.organisation_id = a.organisation_id
        and h.athlete_id = a.id and h.flags && ?::text[])`, [flags as string[]]))
  }
  return found
}

/** Places of a part of the roster, in order, and how many there are in all of it; none beyond its end. */
export async function rosterPlaces(
  tx: Tx, organisationId: string, query: RosterAsked, around: Around,
): Promise<{ places: RosterPlace[], total: number }> {
  const page = tx.with('asked', asked(tx, organisationId, query, around)).from('asked')
    .select<{ key: string | number | null, name: string, id: string, total: number }[]>(
      'key', 'name', 'id', tx.raw('(select count(*)::int from asked) as total'),
    )
    .orderByRaw(`key is null, key ${query.down ? 'desc' : 'asc'}, name, id`).limit(query.most)
  if (query.after) {
    const [key, name, id] = query.after
    void (key === null
      ? page.whereRaw('key is null and (name, id) > (?, ?::uuid)', [name, id])
      : page.whereRaw(`(key is null or key ${query.down ? '<' : '>'} ? or (key = ? and (name, id) > (?, ?::uuid)))`,
          [key, key, name, id]))
  }
  const rows = await page
  return { places: rows.map(row => [row.key, row.name, row.id]), total: rows[0]?.total ?? 0 }
}

/** Athletes of a squad, or of everybody in sight, by name: as many as are asked for at most. */
export function athletesAtHand(
  tx: Tx, organisationId: string, groupId: string | null, most: number,
): Promise<string[]> {
  return tx('athlete as a').where('a.organisation_id', organisationId)
    .modify((query) => { if (groupId) void query.whereRaw(IN_GROUPS, [[groupId]]) })
    .orderByRaw('lower(a.name), a.id').limit(most).pluck<string[]>('a.id')
}
