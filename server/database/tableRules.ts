/** Which rows of the own organisation a person reads: all, those of athletes in sight, the own ones, or none. */
export type Sight = 'all' | 'seen' | 'own' | 'none'

/** A table's declared access. `own` names rows about or by the person. Another organisation's rows are never seen. */
interface TableRule {
  readonly headCoach: Sight
  readonly coach: Sight
  readonly assistant: Sight
  readonly athlete: Sight
  /** Roles that may add a row for an athlete in sight (or for the organisation). */
  readonly add: readonly string[]
  /** Why a table without an organisation may be reached at all. */
  readonly shared?: string
}

const planned = (athlete: Sight): TableRule => ({
  headCoach: 'all', coach: 'seen', assistant: 'seen', athlete, add: ['headCoach', 'coach'],
})
const tested: TableRule = {
  headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own', add: ['headCoach', 'coach', 'assistant'],
}
const closed = { headCoach: 'none', coach: 'none', assistant: 'none', athlete: 'none' } as const

/**
 * Declared access to every table. A test compares it, role by role, with what the database lets through;
 * a table that is not here fails the test.
 */
export const TABLE_RULES: Readonly<Record<string, TableRule>> = {
  organisation: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: [] },
  person: { headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own', add: ['headCoach', 'coach'] },
  training_group: { headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own', add: ['headCoach'] },
  group_staff: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'none', add: ['headCoach'] },
  group_member: planned('own'),
  athlete: { headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own', add: ['headCoach'] },
  athlete_health: { headCoach: 'all', coach: 'seen', assistant: 'none', athlete: 'own', add: ['headCoach'] },
  facility_equipment: {
    headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'none', add: ['headCoach', 'coach'],
  },
  own_catalogue: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: ['headCoach', 'coach'] },
  calendar_entry: planned('own'),
  season: planned('own'),
  athlete_season: planned('own'),
  season_change: planned('own'),
  calendar_feed: {
    headCoach: 'own', coach: 'own', assistant: 'own', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  training_week: planned('none'),
  planning_rules: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'none', add: ['headCoach', 'coach'] },
  athlete_rules: planned('none'),
  plan_run: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'none', add: ['headCoach', 'coach'] },
  plan_run_item: planned('none'),
  prescribed_session: planned('own'),
  prescribed_item: planned('own'),
  set_log: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  day_sum: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  week_sum: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  own_sports: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: ['headCoach'] },
  own_tests: { headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: ['headCoach', 'coach'] },
  brace_check: tested,
  brace_course: planned('own'),
  brace_practice: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  test_trial: tested,
  guardian: { headCoach: 'all', coach: 'seen', assistant: 'none', athlete: 'own', add: ['headCoach', 'coach'] },
  health_alert: { headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own', add: [] },
  pain_decision: planned('own'),
  decision: tested,
  session_effort: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  floor_board: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'none', add: ['headCoach', 'coach', 'assistant'],
  },
  report_link: { headCoach: 'all', coach: 'seen', assistant: 'none', athlete: 'none', add: ['headCoach', 'coach'] },
  pain_set: {
    headCoach: 'all', coach: 'seen', assistant: 'seen', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  account_token: { headCoach: 'all', coach: 'all', assistant: 'none', athlete: 'none', add: ['headCoach', 'coach'] },
  mail: { ...closed, add: ['headCoach', 'coach'] },
  sign_in: { headCoach: 'own', coach: 'own', assistant: 'own', athlete: 'own', add: [] },
  device_key: { ...closed, add: [] },
  second_factor: { ...closed, add: [] },
  write_receipt: {
    headCoach: 'own', coach: 'own', assistant: 'own', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  audit: {
    headCoach: 'all', coach: 'none', assistant: 'none', athlete: 'none',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  passkey: {
    headCoach: 'own', coach: 'own', assistant: 'own', athlete: 'own',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
  },
  audit_seal: { ...closed, add: [] },
  installation: {
    headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: [],
    shared: 'one row: whether an organisation was ever made',
  },
  knex_migrations: {
    headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all', add: [],
    shared: 'names of migrations, read to tell the release',
  },
  rate_limit: {
    headCoach: 'all', coach: 'all', assistant: 'all', athlete: 'all',
    add: ['headCoach', 'coach', 'assistant', 'athlete'],
    shared: 'hashed keys and counts only; a visitor who is not signed in must be counted',
  },
}

/** Tables the application role never reaches. */
export const OWNER_ONLY = ['knex_migrations_lock']
