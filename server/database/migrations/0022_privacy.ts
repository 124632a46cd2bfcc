import type { Knex } from 'knex'

const DEFINER = 'security definer set search_path = pg_catalog, public, pg_temp'

/** All of a line that its seal covers, in one way of writing. */
const DIGEST = `encode(sha256(convert_to(jsonb_build_array(u.id, extract(epoch from u.at), u.person_id, u.role,
  u.request_id, u.write_id, u.action, u.subject_id, u.athlete_id, u.before, u.after)::text, 'UTF8')), 'hex')`

/**
 * The record may be sealed: lines get the digest of what they say, and seals follow one another in a chain. A sealed
 * line may be blanked when somebody is erased, and says that it was; nothing else of it ever changes.
 */
const SEALS = `
  alter table audit add column digest text, add column seal integer, add column blanked boolean not null default false;
  create index on audit (organisation_id, seal);
  create index on audit (organisation_id) where digest is null;
  create table audit_seal (
    organisation_id uuid not null references organisation (id), number integer not null,
    at timestamptz not null default now(), lines integer not null, digest text not null,
    forgotten boolean not null default false, primary key (organisation_id, number)
  );
  alter table audit_seal enable row level security;
  alter table audit_seal force row level security;
  create policy see on audit_seal for select using (organisation_id = keen_org() and keen_role() = 'system');
  create policy add on audit_seal for insert with check (organisation_id = keen_org() and keen_role() = 'system');
  create policy forget on audit_seal for update using (organisation_id = keen_org() and keen_role() = 'system');
  create policy forget on audit for delete using (organisation_id = keen_org() and keen_role() = 'system');
  grant select on audit_seal to keen_anchor_app;

  create or replace function keen_audit_guard() returns trigger language plpgsql
    set search_path = pg_catalog, public, pg_temp as $$
  begin
    if tg_op = 'UPDATE' and new.id = old.id and new.organisation_id = old.organisation_id and new.at = old.at
        and new.action = old.action and new.role = old.role then
      -- Sealed: the same line with its digest.
      if old.digest is null and new.digest is not null and new.blanked = old.blanked
          and (new.person_id, new.request_id, new.write_id, new.subject_id, new.athlete_id, new.before, new.after)
            is not distinct from
            (old.person_id, old.request_id, old.write_id, old.subject_id, old.athlete_id, old.before, old.after) then
        return new;
      end if;
      -- Blanked: it says that something was done, and no longer of whom.
      if coalesce(current_setting('keen.erasing', true), '') <> '' and new.blanked and new.before is null
          and new.after is null and new.digest is not distinct from old.digest
          and new.seal is not distinct from old.seal then
        return new;
      end if;
    end if;
    -- Forgotten: with all that is under its seal, whose digest stays.
    if tg_op = 'DELETE' and old.seal::text = current_setting('keen.forgetting', true) then return old; end if;
    raise exception 'The record is only added to.' using errcode = '42501';
  end $$;

  create function keen_line_digest(u audit) returns text language sql stable
    set search_path = pg_catalog, public, pg_temp as $$ select ${DIGEST} $$;
  create function keen_chain_digest(before text, number integer, lines integer, digests text) returns text
    language sql immutable set search_path = pg_catalog, public, pg_temp as $$
    select encode(sha256(convert_to(concat_ws(E'\\x1f', before, number, lines, digests), 'UTF8')), 'hex') $$;

  -- Seals what is not sealed yet; the newest seal's digest, null where there was nothing to seal.
  create function keen_seal_record() returns text language plpgsql ${DEFINER} as $$
  declare
    head audit_seal; counted integer; digests text; made text;
  begin
    if keen_role() <> 'system' then raise exception 'Not for people.' using errcode = '42501'; end if;
    perform pg_advisory_xact_lock(7204118, hashtext(keen_org()::text));
    select * into head from audit_seal where organisation_id = keen_org() order by number desc limit 1;
    update audit u set digest = keen_line_digest(u), seal = coalesce(head.number, 0) + 1
      where u.organisation_id = keen_org() and u.digest is null;
    select count(*), string_agg(digest, '' order by at, id) into counted, digests from audit
      where organisation_id = keen_org() and seal = coalesce(head.number, 0) + 1;
    if counted = 0 then return null; end if;
    made := keen_chain_digest(coalesce(head.digest, ''), coalesce(head.number, 0) + 1, counted, digests);
    insert into audit_seal (organisation_id, number, lines, digest)
      values (keen_org(), coalesce(head.number, 0) + 1, counted, made);
    return made;
  end $$;

  -- The first seal that does not hold, with why; nothing where all of them do.
  create function keen_check_record() returns table (number integer, why text) language plpgsql ${DEFINER} as $$
  declare
    one audit_seal; before text := ''; wanted integer := 1; counted integer; digests text; wrong integer;
    kept boolean := false;
  begin
    if keen_role() <> 'system' then raise exception 'Not for people.' using errcode = '42501'; end if;
    for one in select * from audit_seal s where s.organisation_id = keen_org() order by s.number loop
      select count(*), string_agg(u.digest, '' order by u.at, u.id),
          count(*) filter (where not u.blanked and u.digest <> keen_line_digest(u))
        into counted, digests, wrong from audit u where u.organisation_id = keen_org() and u.seal = one.number;
      number := one.number;
      why := case when one.number <> wanted then 'a seal before it is gone'
        when one.forgotten and counted = 0 and not kept then null
        when counted <> one.lines then format('%s lines are there, %s were sealed', counted, one.lines)
        when wrong > 0 then format('%s lines were changed', wrong)
        when one.digest <> keen_chain_digest(before, one.number, counted, digests)
          then 'it does not follow the one before'
        end;
      if why is not null then return next; return; end if;
      before := one.digest;
      wanted := wanted + 1;
      kept := kept or not one.forgotten;
    end loop;
  end $$;

  -- Forgets the lines under the oldest seals that hold nothing from a time on; the seals stay, and the chain holds.
  create function keen_forget_record(until timestamptz) returns void language plpgsql ${DEFINER} as $$
  declare
    one audit_seal;
  begin
    if keen_role() <> 'system' then raise exception 'Not for people.' using errcode = '42501'; end if;
    for one in select * from audit_seal s
        where s.organisation_id = keen_org() and not s.forgotten order by s.number loop
      exit when exists (select from audit u
        where u.organisation_id = keen_org() and u.seal = one.number and u.at >= until);
      perform set_config('keen.forgetting', one.number::text, true);
      delete from audit u where u.organisation_id = keen_org() and u.seal = one.number;
      update audit_seal s set forgotten = true where s.organisation_id = keen_org() and s.number = one.number;
    end loop;
    perform set_config('keen.forgetting', '', true);
  end $$;
`

/** Blanks lines of the record, and forgets mails, answers and work that waits, that name somebody. */
const FORGET = `
  create function keen_forget(keys text[], words text[]) returns void language plpgsql ${DEFINER} as $$
  declare
    named text[] := (select coalesce(array_agg('%' || replace(replace(replace(w, '\\', '\\\\'), '%', '\\%'), '_', '\\_')
      || '%'), '{}') from unnest(keys || words) w where length(w) > 3);
  begin
    if keen_role() <> 'system' then raise exception 'Not for people.' using errcode = '42501'; end if;
    update audit set before = null, after = null, blanked = true,
        person_id = case when person_id::text = any(keys) then null else person_id end,
        subject_id = case when subject_id like any(named) then null else subject_id end,
        athlete_id = case when athlete_id::text = any(keys) then null else athlete_id end
      where organisation_id = keen_org() and (person_id::text = any(keys) or subject_id like any(named)
        or athlete_id::text = any(keys) or before::text like any(named) or after::text like any(named));
    delete from mail where organisation_id = keen_org()
      and (person_id::text = any(keys) or subject like any(named) or body like any(named));
    delete from write_receipt where organisation_id = keen_org()
      and (person_id::text = any(keys) or answer::text like any(named));
    delete from calendar_feed where organisation_id = keen_org()
      and (person_id::text = any(keys) or subject_id::text = any(keys));
    delete from account_token where organisation_id = keen_org() and person_id::text = any(keys);
    if to_regclass('keen_queue.job') is not null then
      execute 'delete from keen_queue.job where data::text like any($1)' using named;
    end if;
    if to_regclass('keen_queue.archive') is not null then
      execute 'delete from keen_queue.archive where data::text like any($1)' using named;
    end if;
  end $$;

  create or replace function keen_erase_athlete(erased uuid) returns void language plpgsql ${DEFINER} as $$
  declare
    whole_name text; keys text[]; words text[]; acting text := keen_role();
  begin
    if acting not in ('headCoach', 'system') then
      raise exception 'Only a head coach erases.' using errcode = '42501';
    end if;
    perform set_config('keen.role', 'system', true);
    perform set_config('keen.erasing', erased::text, true);
    select name into whole_name from athlete where organisation_id = keen_org() and id = erased;
    select array_agg(id::text) || erased::text, array_agg(email) into keys, words from person
      where organisation_id = keen_org() and athlete_id = erased;
    keys := coalesce(keys, array[erased::text]);
    delete from set_log where organisation_id = keen_org() and athlete_id = erased;
    delete from prescribed_item where organisation_id = keen_org() and athlete_id = erased;
    delete from prescribed_session where organisation_id = keen_org() and athlete_id = erased;
    delete from training_week where organisation_id = keen_org() and athlete_id = erased;
    delete from group_member where organisation_id = keen_org() and athlete_id = erased;
    delete from athlete_health where organisation_id = keen_org() and athlete_id = erased;
    perform keen_forget(keys, coalesce(words, '{}') || whole_name);
    delete from person where organisation_id = keen_org() and athlete_id = erased;
    delete from athlete where organisation_id = keen_org() and id = erased;
    perform set_config('keen.erasing', '', true);
    perform set_config('keen.role', acting, true);
  end $$;

  -- What somebody of the staff has done stays, by nobody of a name.
  create function keen_erase_staff(erased uuid) returns void language plpgsql ${DEFINER} as $$
  declare
    words text[];
  begin
    if keen_role() <> 'headCoach' then raise exception 'Only a head coach erases.' using errcode = '42501'; end if;
    select array[name, email] into words from person
      where organisation_id = keen_org() and id = erased and athlete_id is null and closed_at is not null;
    if words is null then raise exception 'Nobody to erase.' using errcode = '42501'; end if;
    perform set_config('keen.role', 'system', true);
    perform set_config('keen.erasing', erased::text, true);
    perform keen_forget(array[erased::text], words);
    delete from group_staff where organisation_id = keen_org() and person_id = erased;
    delete from sign_in where organisation_id = keen_org() and person_id = erased;
    delete from device_key where organisation_id = keen_org() and person_id = erased;
    delete from second_factor where organisation_id = keen_org() and person_id = erased;
    update person set name = 'Somebody who left', email = 'erased-' || erased || '@erased.invalid',
        password_hash = null, session_version = session_version + 1, version = version + 1
      where organisation_id = keen_org() and id = erased;
    perform set_config('keen.erasing', '', true);
    perform set_config('keen.role', 'headCoach', true);
  end $$;
`

const CALLED = [
  'keen_seal_record()', 'keen_check_record()', 'keen_forget_record(timestamptz)', 'keen_erase_athlete(uuid)',
  'keen_erase_staff(uuid)',
]
const CLOSED = [
  'keen_forget(text[], text[])', 'keen_line_digest(audit)', 'keen_chain_digest(text, integer, integer, text)',
]

/** What is known of somebody who leaves goes altogether, and the record shows when somebody has changed it. */
export async function up(knex: Knex): Promise<void> {
  for (const statement of [SEALS, FORGET]) await knex.raw(statement.replaceAll('?', '\\?'))
  for (const name of [...CALLED, ...CLOSED]) await knex.raw(`revoke all on function ${name} from public`)
  for (const name of CALLED) await knex.raw(`grant execute on function ${name} to keen_anchor_app`)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
