import type { Client } from 'pg'

/** A coach who sees one squad of twenty-five; the address is the answer. */
export async function addSquadCoach(owner: Client): Promise<string> {
  const email = 'squad-coach@larkholm.example'
  await owner.query(`insert into person (id, organisation_id, role, name, email, password_hash)
    select gen_random_uuid(), organisation_id, 'coach', 'Of one squad', $1, password_hash from person
      where email = 'coach@larkholm.example' on conflict do nothing`, [email])
  await owner.query(`insert into group_staff (organisation_id, group_id, person_id)
    select g.organisation_id, g.id, p.id from training_group g join person p using (organisation_id)
      where g.name = 'Squad 1' and p.email = $1 on conflict do nothing`, [email])
  return email
}
