import type { Client } from 'pg'

/** How large an organisation is made. */
interface Size {
  readonly athletes: number
  /** Weeks behind everybody. */
  readonly weeks: number
}

const GROUP_SIZE = 25

/** Rows of a table copied for every clone, with some columns set anew. */
const copy = (table: string, from: string, changed: string): string =>
  `insert into ${table} select (jsonb_populate_record(null::${table}, to_jsonb(x) || jsonb_build_object(${changed}))).*
    from ${from} on conflict do nothing`

/** A key made of another: the same at every filling. */
const key = (of: string, by: string): string => `md5(${of}::text || '/' || ${by})::uuid`

type Run = (text: string, values?: unknown[]) => Promise<unknown>
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
  await run(copy('athlete', 'clone c join athlete x on x.id = c.was',
    '\'id\', c.id, \'name\', x.name || \' \' || c.n'))
  await run(`insert into group_member (organisation_id, group_id, athlete_id)
    select org, ${key('org', 'squad')}, id from clone on conflict do nothing`)
  await run(copy('athlete_health', of('athlete_health'), '\'athlete_id\', c.id'))
  await run(copy('person', 'clone c join person x on x.email = \'ilse@larkholm.example\'',
    `'id', ${key('c.id', '\'person\'')}, 'athlete_id', c.id, 'name', 'Clone ' || c.n,
    'email', 'clone-' || c.n || '@larkholm.example'`))
}

/**
 * Makes the demo's organisation as large as asked: clones of its athletes in squads of twenty-five, each with a week
 * of theirs again and again, as the owner of the database. Clones have accounts under clone-N@larkholm.example.
 */
export async function fill(owner: Client, { athletes, weeks }: Size): Promise<void> {
  const run: Run = (text, values = []) => owner.query(text, values)
  await run('begin')
  // Keys are of our own making, and the record is not to tell of it.
  await run('set local session_replication_role = replica')
  await fillPeople(run, athletes)
  // The week of each that has most sets, as many times as there are weeks.
  await run(`create temporary table model on commit drop as
    select distinct on (s.athlete_id) s.athlete_id, s.starts_on from prescribed_session s
      join set_log l on l.organisation_id = s.organisation_id and l.athlete_id = s.athlete_id
        and l.day between s.starts_on and s.starts_on + 6
      group by 1, 2 order by 1, count(*) desc`)
  await run(`create temporary table again on commit drop as
    select c.*, m.starts_on as model, w, (date_trunc('week', current_date)::date - m.starts_on - 7 * w)::int as shift
      from clone c join model m on m.athlete_id = c.was cross join generate_series(0, $1::int) w`, [weeks])
  await known(run, 'again', 'athlete', 'person')
  const week = (table: string, on: string): string =>
    `again c join ${table} x on x.athlete_id = c.was and ${on}`
  const days = (...columns: string[]): string => columns.map(name => `'${name}', x.${name} + c.shift`).join(', ')
  await run(copy('training_week', week('training_week', 'x.starts_on = c.model'),
    `'athlete_id', c.id, ${days('starts_on')}`))
  await run(copy('prescribed_session', week('prescribed_session', 'x.starts_on = c.model and x.withdrawn_at is null'),
    `'id', ${key('x.id', 'c.n || \'/\' || c.w')}, 'athlete_id', c.id, ${days('starts_on', 'day')}`))
  const frozen = (table: string, on: string): string => `again c
    join prescribed_session s on s.athlete_id = c.was and s.starts_on = c.model and s.withdrawn_at is null
    join ${table} x on ${on}`
  await known(run, 'training_week', 'prescribed_session')
  await run(copy('prescribed_item', frozen('prescribed_item', 'x.session_id = s.id and x.withdrawn_at is null'),
    `'id', ${key('x.id', 'c.n || \'/\' || c.w')}, 'athlete_id', c.id,
    'session_id', ${key('s.id', 'c.n || \'/\' || c.w')}`))
  await known(run, 'prescribed_item')
  await run(`create temporary table model_log on commit drop as
    select x.* from model m join prescribed_session s on s.athlete_id = m.athlete_id and s.starts_on = m.starts_on
      join prescribed_item i on i.organisation_id = s.organisation_id and i.session_id = s.id
      join set_log x on x.organisation_id = i.organisation_id and x.prescribed_item_id = i.id`)
  await run(copy('set_log', 'again c join model_log x on x.athlete_id = c.was',
    `'id', ${key('x.id', 'c.n || \'/\' || c.w')}, 'athlete_id', c.id,
    'prescribed_item_id', ${key('x.prescribed_item_id', 'c.n || \'/\' || c.w')}, 'day', x.day + c.shift,
    'performed_at', x.performed_at + make_interval(days => c.shift)`))
  await known(run, 'set_log')
  // Triggers rest meanwhile: the days are summed up as a migration sums them up.
  await run(`select keen_sum_days(array_agg(org), array_agg(athlete), array_agg(day)) from (
      select distinct c.org, c.id as athlete, s.day from clone c join prescribed_session s on s.athlete_id = c.id
      union select c.org, c.id, l.day from clone c join set_log l on l.athlete_id = c.id) as days
    having count(*) > 0`)
  await run(copy('test_trial', of('test_trial'), `'id', ${key('x.id', 'c.n')}, 'athlete_id', c.id`))
  await run(copy('brace_check', of('brace_check'), `'id', ${key('x.id', 'c.n')}, 'athlete_id', c.id`))
  await run('commit')
  await run('analyze')
}
