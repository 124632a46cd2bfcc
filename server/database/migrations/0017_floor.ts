import type { Knex } from 'knex'

const STAFF = 'keen_role() in (\'headCoach\', \'coach\', \'assistant\', \'system\')'
const OWN_GROUP = 'group_id in (select g.id from training_group g)'
const SEEN = '(keen_role() in (\'headCoach\', \'system\') or athlete_id in (select a.id from athlete a))'

/**
 * The board of a squad's floor, so that another device goes on with it; and sets that are put right: what two devices
 * logged of one set is one set, and one that was logged wrongly is corrected. The record keeps what was there before.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table floor_board (
      organisation_id uuid not null references organisation (id),
      group_id uuid not null references training_group (id) on delete cascade,
      day date not null, device uuid not null, state jsonb not null,
      person_id uuid not null, at timestamptz not null default now(),
      primary key (group_id, day)
    );
    alter table floor_board enable row level security;
    alter table floor_board force row level security;
    create policy see on floor_board for select using (organisation_id = keen_org() and ${STAFF} and ${OWN_GROUP});
    create policy add on floor_board for insert
      with check (organisation_id = keen_org() and person_id = keen_person() and ${STAFF} and ${OWN_GROUP});
    create policy change on floor_board for update using (organisation_id = keen_org() and ${STAFF} and ${OWN_GROUP})
      with check (organisation_id = keen_org() and person_id = keen_person());
    create policy erase on floor_board for delete using (organisation_id = keen_org() and ${STAFF} and ${OWN_GROUP});
    grant select, insert, update, delete on floor_board to keen_anchor_app;
    -- A board names who trains: it goes with any of them.
    create function keen_erase_boards() returns trigger language plpgsql security definer
      set search_path = public as $$
    begin
      delete from floor_board
        where organisation_id = old.organisation_id and position(old.id::text in state::text) > 0;
      return old;
    end $$;
    create trigger erase_boards before delete on athlete for each row execute function keen_erase_boards();

    create policy change on set_log for update using (organisation_id = keen_org() and ${SEEN})
      with check (organisation_id = keen_org() and ${SEEN});
    grant update on set_log to keen_anchor_app;
    create policy change on pain_set for update using (organisation_id = keen_org() and ${SEEN})
      with check (organisation_id = keen_org() and ${SEEN});
    grant update on pain_set to keen_anchor_app;
  `)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
