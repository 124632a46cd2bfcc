import { homeworkLies, type Homework, type Practice } from '~~/core/assessment'
import type { BraceCourse } from '~~/shared/types'
import { json, type Tx } from './rows'

interface CourseRow {
  athlete_id: string
  cue: BraceCourse['cue']
  homework: Homework | null
  homework_set_on: string | null
}

const UNSET: BraceCourse = { cue: 'brace', homework: null, setOn: null }

/** How the brace is taught to one athlete. */
export async function braceCourse(tx: Tx, organisationId: string, athleteId: string): Promise<BraceCourse> {
  const row = await tx('brace_course').where({ organisation_id: organisationId, athlete_id: athleteId }).first<
    CourseRow | undefined
  >()
  return row ? { cue: row.cue, homework: row.homework, setOn: row.homework_set_on } : UNSET
}

export async function saveBraceCourse(
  tx: Tx, organisationId: string, athleteId: string, { cue, homework, setOn }: BraceCourse,
): Promise<void> {
  await tx('brace_course').insert({
    organisation_id: organisationId, athlete_id: athleteId, cue, homework: homework && json(homework),
    homework_set_on: setOn,
  })
    .onConflict('athlete_id').merge()
}

/** What was practised since a day, first to last. */
export async function practicesSince(
  tx: Tx, organisationId: string, from: string, athleteId: string,
): Promise<Practice[]> {
  return tx('brace_practice').where({ organisation_id: organisationId, athlete_id: athleteId }).where('day', '>=', from)
    .orderBy(['day', 'performed_at', 'id']).select<Practice[]>('day', 'step')
}

/** Adds one practice under the sender's key; one that is there is left. */
export async function insertPractice(
  tx: Tx, organisationId: string, athleteId: string, { id, day, step }: Practice & { id: string },
): Promise<void> {
  await tx('brace_practice').insert({ id, organisation_id: organisationId, athlete_id: athleteId, day, step })
    .onConflict('id').ignore()
}

/** Which of some athletes have homework that lies. */
export async function athletesWithIdleHomework(
  tx: Tx, organisationId: string, athleteIds: readonly string[], today: string,
): Promise<Set<string>> {
  const rows = await tx('brace_course as c').where('c.organisation_id', organisationId).whereNotNull('c.homework')
    .whereRaw('c.athlete_id = any(?)', [athleteIds as string[]])
    .select<(CourseRow & { last: string | null })[]>(
      'c.*',
      tx.raw(
        '(select max(p.day)::text from brace_practice p where p.organisation_id = c.organisation_id and '
        + 'p.athlete_id = c.athlete_id) as last',
      ),
    )
  return new Set(
    rows.filter(row =>
      homeworkLies(row.homework, row.last ? [{ day: row.last, step: 1 }] : [], row.homework_set_on ?? today, today)
    ).map(row => row.athlete_id),
  )
}
