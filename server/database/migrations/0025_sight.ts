import type { Knex } from 'knex'

/**
 * Who acts sees these athletes: their own groups', an athlete the own, head coaches all. Reckoned once a statement, by
 * the owner: what is in sight of whom hangs on nothing that hangs on it.
 */
const SIGHT = `
  create function keen_sight() returns setof uuid language sql stable security definer rows 100
    set search_path = pg_catalog, public, pg_temp as $$
    select keen_athlete() where keen_athlete() is not null
    union
    select m.athlete_id from group_staff s join group_member m using (organisation_id, group_id)
      where s.organisation_id = keen_org() and s.person_id = keen_person()
    union
    select a.id from athlete a where a.organisation_id = keen_org() and keen_role() in ('headCoach', 'system')
  $$;
  revoke all on function keen_sight() from public;
  grant execute on function keen_sight() to keen_anchor_app;

  drop policy see on athlete;
  create policy see on athlete for select using (organisation_id = keen_org()
    and (keen_role() in ('headCoach', 'system') or id in (select keen_sight())));
  drop policy change on athlete;
  create policy change on athlete for update
    using (organisation_id = keen_org()
      and (keen_role() in ('headCoach', 'system') or (keen_role() = 'coach' and id in (select keen_sight()))))
    with check (organisation_id = keen_org()
      and (keen_role() in ('headCoach', 'system') or (keen_role() = 'coach' and id in (select keen_sight()))));
`

/** Who a sign-in is, and where: what every request asks first, in one question and outside every transaction. */
const WHO = `
  create function keen_who(here uuid, one uuid) returns jsonb language plpgsql security definer
    set search_path = pg_catalog, public, pg_temp as $$
  declare
    before text[] := array[current_setting('keen.organisation', true), current_setting('keen.role', true)];
    found jsonb;
  begin
    perform set_config('keen.organisation', here::text, true), set_config('keen.role', 'system', true);
    select jsonb_build_object('signIn', to_jsonb(s), 'person', to_jsonb(p) - 'password_hash',
        'organisation', jsonb_build_object('id', o.id, 'name', o.name, 'time_zone', o.time_zone, 'demo', o.demo),
        'secondFactor', f.confirmed_at is not null)
      into found from sign_in s
      join person p on p.organisation_id = s.organisation_id and p.id = s.person_id
      join organisation o on o.id = s.organisation_id
      left join second_factor f on f.person_id = s.person_id
      where s.organisation_id = here and s.id = one;
    perform set_config('keen.organisation', coalesce(before[1], ''), true),
      set_config('keen.role', coalesce(before[2], ''), true);
    return found;
  end $$;
  revoke all on function keen_who(uuid, uuid) from public;
  grant execute on function keen_who(uuid, uuid) to keen_anchor_app;
`

/** A condition with each question in a sub-select of its own. */
const once = (condition: string): string => `regexp_replace(
  regexp_replace(${condition}, '\\( SELECT a\\.id\\s+FROM athlete a\\)', '(select keen_sight())', 'g'),
  '\\mkeen_(org|person|role|athlete)\\(\\)', '(select keen_\\1())', 'g')`

/**
 * Every policy asks once a statement who acts and whom they see, instead of once a row: the same conditions, whose
 * sub-selects PostgreSQL answers before it reads a row.
 */
const ASKED_ONCE = `
  do $$ declare p record; begin
    for p in select policyname, tablename, ${once('qual')} as sees, ${once('with_check')} as adds
        from pg_policies where schemaname = 'public' loop
      execute format('alter policy %I on %I', p.policyname, p.tablename)
        || coalesce(' using (' || p.sees || ')', '') || coalesce(' with check (' || p.adds || ')', '');
    end loop;
  end $$;
`

export async function up(knex: Knex): Promise<void> {
  await knex.raw(SIGHT)
  await knex.raw(WHO)
  await knex.raw(ASKED_ONCE.replaceAll('?', '\\?'))
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
