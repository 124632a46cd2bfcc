import type { Client } from 'pg'

/** How large an organisation is made. */
interface Size {
  readonly athletes: number
  /** Weeks behind everybody. */
  readonly weeks: number
}

const GROUP_SIZE = 25
/** Weeks whose plan can be opened: of what is longer ago only what was prescribed and done is there. */
const WITH_PLAN = 4

/** A key made of another: the same at every filling. */
const key = (of: string, by: string): string => `md5(${of}::text || '/' || ${by})::uuid`
const WEEK = 'c.n || \'/\' || c.w'

type Run = (text: string, values?: unknown[]) => Promise<{ rows: Record<string, string>[] }>
/** Columns of a row that are other than those of the row it is copied from, in SQL. */
type Changed = Readonly<Record<string, string>>

/** Rows of a table copied for every clone, with some columns set anew. */
async function copy(run: Run, table: string, from: string, changed: Changed): Promise<void> {
  const { rows } = await run(`select column_name as name from information_schema.columns
    where table_schema = 'public' and table_name = $1 and is_generated = 'NEVER'`, [table])
  const names = rows.map(({ name }) => name!)
  await run(`insert into ${table} (${names.map(name => `"${name}"`).join(', ')})
    select ${names.map(name => changed[name] ?? `x."${name}"`).join(', ')} from ${from} on conflict do nothing`)
}

/** What was just made is joined with next: PostgreSQL has to know how much of it there is. */
const known = (run: Run, ...tables: string[]): Promise<unknown> => run(`analyze ${tables.join(', ')}`)
/** Rows of a table about whoever was cloned. */
const of = (table: string): string => `clone c join ${table} x on x.athlete_id = c.was`

/** The clones with their squads, health and accounts. */
async function fillPeople(run: Run, athletes: number): Promise<void> {
  await run(`create temporary table clone on commit drop as
    select n, t.id as was, t.organisation_id as org, ${key('t.id', 'n')} as id, n / ${GROUP_SIZE} as squad
      from generate_series(1, $1::int) n
      join (select *, row_number() over (order by id) - 1 as place, count(*) over () as all_of_them
        from athlete where archived_at is null) t on t.place = n % t.all_of_them`, [athletes])
  await known(run, 'clone')
  await run(`insert into training_group (id, organisation_id, name)
    select distinct ${key('org', 'squad')}, org, 'Squad ' || squad from clone on conflict do nothing`)
  await copy(run, 'athlete', 'clone c join athlete x on x.id = c.was', { id: 'c.id', name: 'x.name || \' \' || c.n' })
  await run(`insert into group_member (organisation_id, group_id, athlete_id)
    select org, ${key('org', 'squad')}, id from clone on conflict do nothing`)
  await copy(run, 'athlete_health', of('athlete_health'), { athlete_id: 'c.id' })
  await copy(run, 'person', 'clone c join person x on x.email = \'ilse@larkholm.example\'', {
    id: key('c.id', '\'person\''), athlete_id: 'c.id', name: '\'Clone \' || c.n',
    email: '\'clone-\' || c.n || \'@larkholm.example\'',
  })
}

/** The week of each that has most sets, as many times as there are weeks, with what was planned and done in it. */
async function fillWeeks(run: Run, weeks: number): Promise<void> {
  await run(`create temporary table model on commit drop as
    select distinct on (s.athlete_id) s.athlete_id, s.starts_on from prescribed_session s
      join set_log l on l.organisation_id = s.organisation_id and l.athlete_id = s.athlete_id
        and l.day between s.starts_on and s.starts_on + 6
      group by 1, 2 order by 1, count(*) desc`)
  await run(`create temporary table again on commit drop as
    select c.*, m.starts_on as model, w, (date_trunc('week', current_date)::date - m.starts_on - 7 * w)::int as shift
      from clone c join model m on m.athlete_id = c.was cross join generate_series(0, $1::int) w`, [weeks])
  await known(run, 'again', 'athlete', 'person')
  const own = { id: key('x.id', WEEK), athlete_id: 'c.id' }
  const [startsOn, day] = ['x.starts_on + c.shift', 'x.day + c.shift']
  await copy(run, 'training_week', 'again c join training_week x on x.athlete_id = c.was and x.starts_on = c.model', {
    athlete_id: 'c.id', starts_on: startsOn,
    plan: `case when c.w < ${WITH_PLAN} then x.plan else '{"sessions": []}' end`,
  })
  const sessions = `again c join prescribed_session x on x.athlete_id = c.was and x.starts_on = c.model
    and x.withdrawn_at is null`
  await copy(run, 'prescribed_session', sessions, { ...own, starts_on: startsOn, day })
  await run(`create temporary table model_item on commit drop as
    select i.* from model m join prescribed_session s on s.athlete_id = m.athlete_id and s.starts_on = m.starts_on
      join prescribed_item i on i.organisation_id = s.organisation_id and i.session_id = s.id
      where s.withdrawn_at is null and i.withdrawn_at is null`)
  await copy(run, 'prescribed_item', 'again c join model_item x on x.athlete_id = c.was', {
    ...own, session_id: key('x.session_id', WEEK),
  })
  await run(`create temporary table model_log on commit drop as
    select x.* from model_item i join set_log x on x.organisation_id = i.organisation_id
      and x.prescribed_item_id = i.id`)
  await copy(run, 'set_log', 'again c join model_log x on x.athlete_id = c.was', {
    ...own, prescribed_item_id: key('x.prescribed_item_id', WEEK), day,
    performed_at: 'x.performed_at + make_interval(days => c.shift)',
  })
  // Triggers rest meanwhile: a clone's days come to what those of the athlete did.
  await copy(run, 'day_sum', 'again c join day_sum x on x.athlete_id = c.was and x.day between c.model and c.model + 6',
    { athlete_id: 'c.id', day })
  await run(`insert into week_sum (organisation_id, athlete_id, starts_on, state)
    select org, id, model + shift, 'done' from again on conflict do nothing`)
}

/** Indexes of large tables that are made once all of it is there. */
const LATER = [
  'set_log_by_athlete on set_log (organisation_id, athlete_id, day)',
  'set_log_by_item on set_log (organisation_id, prescribed_item_id)',
  'prescribed_item_by_session on prescribed_item (organisation_id, session_id)',
] as const

/**
 * Makes the demo's organisation as large as asked: clones of its athletes in squads of twenty-five, each with a week
 * of theirs again and again, as the owner of the database. Clones have accounts under clone-N@larkholm.example.
 */
export async function fill(owner: Client, { athletes, weeks }: Size): Promise<void> {
  const run: Run = (text, values = []) => owner.query<Record<string, string>>(text, values)
  await run('begin')
  // Keys are of our own making, and the record is not to tell of it.
  await run('set local session_replication_role = replica')
  await run('set local maintenance_work_mem = \'1GB\'')
  for (const index of LATER) await run(`drop index ${index.split(' ')[0]!}`)
  await fillPeople(run, athletes)
  await fillWeeks(run, weeks)
  await copy(run, 'test_trial', of('test_trial'), { id: key('x.id', 'c.n'), athlete_id: 'c.id' })
  await copy(run, 'brace_check', of('brace_check'), { id: key('x.id', 'c.n'), athlete_id: 'c.id' })
  for (const index of LATER) await run(`create index ${index}`)
  await run('commit')
  await run('vacuum analyze')
}
