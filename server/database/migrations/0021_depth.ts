import type { Knex } from 'knex'

/** Functions that the policies and the application call as the application role. */
const CALLED = [
  'keen_org()', 'keen_person()', 'keen_athlete()', 'keen_role()', 'keen_organisations()', 'keen_erase_athlete(uuid)',
]

/**
 * A second wall behind each: nothing runs for everybody, functions of the owner find only what is the owner's, nobody
 * makes more of themselves, and what is no longer needed can be forgotten.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    do $$ declare f record; begin
      for f in select p.oid::regprocedure as name, p.prosecdef as definer from pg_proc p
        join pg_namespace n on n.oid = p.pronamespace where n.nspname = 'public' and p.proname like 'keen\\_%'
      loop
        execute format('revoke all on function %s from public', f.name);
        if f.definer then execute format('alter function %s set search_path = pg_catalog, public, pg_temp', f.name);
        end if;
      end loop;
    end $$;
    alter default privileges revoke execute on functions from public;
    ${CALLED.map(name => `grant execute on function ${name} to keen_anchor_app;`).join('\n    ')}
  `)
  await knex.raw(`
    create function keen_person_guard() returns trigger language plpgsql set search_path = pg_catalog, public, pg_temp
    as $$
    begin
      -- Nobody: the owner of the tables, who stands above this.
      if keen_role() in ('system', '') then return new; end if;
      if new.id <> old.id or new.organisation_id <> old.organisation_id
          or new.athlete_id is distinct from old.athlete_id then
        raise exception 'An account stays whose it is.' using errcode = '42501';
      end if;
      if (new.role <> old.role or new.closed_at is distinct from old.closed_at)
          and (keen_role() <> 'headCoach' or old.id = keen_person()) then
        raise exception 'A role is changed by another head coach.' using errcode = '42501';
      end if;
      return new;
    end $$;
    create trigger person_guard before update on person for each row execute function keen_person_guard();
    grant delete on mail, account_token to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
