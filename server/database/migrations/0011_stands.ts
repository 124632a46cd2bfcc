import type { Knex } from 'knex'

/*
 * Ladders branch. Athletes stand on drills, at most one a branch, and no longer on the n-th rung of a ladder: a rung
 * that is added may never move anybody. Both tables are kept as they were on that day, since a migration must not
 * change with the catalogue.
 */

/** Rungs 1, 2, 3 … of each ladder in the release before. */
const RUNGS: Readonly<Record<string, readonly string[]>> = {
  'brace': [
    'low-breath', 'find-it', 'brace-and-talk', 'without-hands', 'braced-squat', 'march', 'march-counts',
    'bar-brace', 'breath-to-force',
  ],
  'front-plank': [
    'wall', 'raised-hands', 'knees', 'hands', 'elbows', 'feet-raised', 'unstable', 'weight-on-back', 'long-lever',
    'long-lever-load',
  ],
  'plank-limbs': [
    'bench-tap', 'leg-lift', 'shoulder-tap', 'arm-reach', 'two-point', 'two-point-eyes',
  ],
  'rollout': [
    'strap-fall-out', 'ball-kneeling', 'band-assisted', 'wheel-to-wall', 'push-up-walkout', 'ball-plank-rollout',
    'wheel-kneeling', 'barbell', 'vest-rollout', 'standing-lowering', 'standing-full',
  ],
  'hollow': [
    'wall-tilt', 'tuck', 'one-leg', 'arms-by-sides', 'arms-overhead', 'pumps', 'bench-trunk', 'bench-legs',
    'bench-ball', 'long-hold',
  ],
  'dead-bug': [
    'heel-taps', 'hands-on-thighs', 'hand-to-opposite-knee', 'legs-opened', 'opposite-arm-leg', 'band-arms',
    'two-leg', 'weight-overhead', 'pullover-leg',
  ],
  'quadruped': [
    'leg-only', 'opposite-arm-leg', 'elbow-to-knee', 'crawl-knees', 'knees-hovering', 'crawl', 'bear', 'crab',
    'crawl-sideways', 'crawl-finisher',
  ],
  'side-plank': [
    'knees', 'feet', 'star', 'bottom-leg', 'top-leg-raised', 'hip-lifts', 'ball-lean', 'weight-on-hip',
    'band-push', 'band-pull',
  ],
  'press-out': [
    'tall-kneeling', 'quick', 'half-kneeling', 'standing', 'split-stance-hold', 'letters', 'overhead',
    'low-to-high', 'high-to-low', 'with-squat', 'oscillating',
  ],
  'carries': [
    'march-hold', 'two-hand', 'suitcase-deadlift', 'suitcase', 'suitcase-heavy', 'front-held', 'overhead',
    'overhead-uneven',
  ],
  'rotation': [
    'upper-back-roll', 'lunge-turn', 'lunge-turn-away', 'kick-through', 'plank-roll', 'hip-dips',
    'band-turn-half-kneeling', 'seated-turn', 'stick-turn', 'band-turn-braking', 'band-punch',
    'lift-half-kneeling', 'chop-half-kneeling', 'chop-standing', 'lunge-arc', 'ball-chop', 'ball-chop-continuous',
    'throw-to-wall', 'swing', 'pendulum-stop',
  ],
  'flexion': [
    'curl-side', 'curl-up', 'crunch', 'crunch-ears', 'crunch-overhead', 'crunch-plate', 'crunch-pad',
    'reverse-crunch', 'reverse-decline', 'reverse-ball', 'sit-up-overhead', 'get-up', 'hanging-knee-raise',
    'hanging-leg-raise', 'v-up', 'ball-pike', 'ring-pike', 'hanging-pike', 'overhead-slam',
  ],
  'compression': [
    'one-behind', 'one-thighs', 'one-knees', 'both-behind', 'both-thighs', 'straddle-thighs', 'both-knees',
    'tuck-support', 'l-hold', 'v-hold', 'press-handstand',
  ],
  'levers': [
    'tuck', 'advanced-tuck', 'one-leg', 'lowering-45', 'straddle', 'full', 'lowering-flat', 'horizontal-hang',
    'side-lever',
  ],
  'posterior': [
    'bridge', 'shell', 'side-leg-raise', 'band-bridge', 'hip-thrust', 'prone-arm-leg', 'prone-over-chair',
    'v-lean', 'upper-back-standing', 'hinge-bow', 'bench-extension-hold', 'bench-extension', 'hamstring-bridge',
    'hamstring-raise',
  ],
  'balance': [
    'hinge-toe-tap', 'hinge-bent', 'airplane-hinge', 'hinge-reach', 'hinge-weight', 'cross-crunch',
  ],
  'inside-lift': [
    'elbow-squat', 'opposite-limb-row', 'half-bench-press', 'press-out-split-squat', 'front-loaded-squat',
    'one-arm-overhead-press', 'strict-press',
  ],
}

/** Branches of the ladders that have several, each from the ground. */
const BRANCHES: Readonly<Record<string, readonly (readonly string[])[]>> = {
  'front-plank': [
    ['wall', 'raised-hands', 'knees', 'hands', 'elbows', 'long-lever', 'long-lever-load'],
    ['feet-raised', 'weight-on-back'],
    ['unstable'],
  ],
  'rollout': [
    ['ball-kneeling', 'band-assisted', 'wheel-to-wall', 'wheel-kneeling', 'barbell', 'vest-rollout'],
    ['strap-fall-out'],
    ['push-up-walkout', 'ball-plank-rollout'],
    ['standing-lowering', 'standing-full'],
  ],
  'hollow': [
    ['wall-tilt', 'tuck', 'one-leg', 'arms-by-sides', 'arms-overhead', 'pumps', 'long-hold'],
    ['bench-trunk', 'bench-legs', 'bench-ball'],
  ],
  'dead-bug': [
    ['heel-taps', 'legs-opened', 'opposite-arm-leg', 'two-leg'],
    ['hands-on-thighs', 'hand-to-opposite-knee'],
    ['band-arms', 'weight-overhead', 'pullover-leg'],
  ],
  'quadruped': [
    ['leg-only', 'opposite-arm-leg', 'elbow-to-knee'],
    ['crawl-knees', 'knees-hovering', 'crawl', 'bear', 'crawl-sideways', 'crawl-finisher'],
    ['crab'],
  ],
  'side-plank': [
    ['knees', 'feet', 'star', 'top-leg-raised'],
    ['bottom-leg'],
    ['hip-lifts', 'ball-lean'],
    ['weight-on-hip'],
    ['band-push', 'band-pull'],
  ],
  'press-out': [
    ['tall-kneeling', 'half-kneeling', 'standing', 'split-stance-hold'],
    ['quick', 'letters', 'oscillating'],
    ['overhead', 'low-to-high', 'high-to-low'],
    ['with-squat'],
  ],
  'carries': [
    ['march-hold', 'suitcase-deadlift', 'suitcase', 'suitcase-heavy'],
    ['two-hand'],
    ['front-held'],
    ['overhead', 'overhead-uneven'],
  ],
  'rotation': [
    ['upper-back-roll', 'lunge-turn', 'lunge-turn-away', 'stick-turn'],
    ['kick-through', 'plank-roll', 'hip-dips', 'seated-turn'],
    ['band-turn-half-kneeling', 'band-turn-braking', 'band-punch'],
    ['lift-half-kneeling', 'chop-half-kneeling', 'chop-standing', 'lunge-arc'],
    ['pendulum-stop', 'ball-chop', 'ball-chop-continuous', 'throw-to-wall', 'swing'],
  ],
  'flexion': [
    ['curl-side', 'curl-up', 'crunch', 'crunch-ears', 'crunch-overhead', 'crunch-plate'],
    ['crunch-pad'],
    ['reverse-crunch', 'reverse-decline', 'reverse-ball'],
    ['sit-up-overhead', 'get-up'],
    ['hanging-knee-raise', 'hanging-leg-raise', 'hanging-pike'],
    ['v-up', 'ball-pike', 'ring-pike'],
    ['overhead-slam'],
  ],
  'compression': [
    ['one-behind', 'one-thighs', 'one-knees', 'both-behind', 'both-thighs', 'both-knees'],
    ['straddle-thighs'],
    ['tuck-support', 'l-hold', 'v-hold', 'press-handstand'],
  ],
  'levers': [
    ['tuck', 'advanced-tuck', 'one-leg', 'straddle', 'full'],
    ['lowering-45', 'lowering-flat'],
    ['horizontal-hang'],
    ['side-lever'],
  ],
  'posterior': [
    ['bridge', 'band-bridge', 'hip-thrust'],
    ['hamstring-bridge', 'hamstring-raise'],
    ['shell', 'side-leg-raise'],
    ['prone-arm-leg', 'prone-over-chair', 'bench-extension-hold', 'bench-extension'],
    ['v-lean', 'hinge-bow', 'upper-back-standing'],
  ],
  'balance': [
    ['hinge-toe-tap', 'hinge-bent', 'airplane-hinge', 'hinge-reach', 'hinge-weight'],
    ['cross-crunch'],
  ],
  'inside-lift': [
    ['front-loaded-squat', 'elbow-squat'],
    ['opposite-limb-row', 'half-bench-press'],
    ['press-out-split-squat'],
    ['one-arm-overhead-press', 'strict-press'],
  ],
}

/** Whoever had reached a rung had reached all below it: on each branch they stand on the highest of these. */
function standsOn(ladder: string, rung: number): string[] {
  const all = RUNGS[ladder] ?? []
  const reached = all.slice(0, rung)
  return (BRANCHES[ladder] ?? [all]).flatMap((branch) => {
    const highest = branch.filter(key => reached.includes(key)).at(-1)
    return highest === undefined ? [] : [`${ladder}.${highest}`]
  })
}

interface OwnDrill { id: string, ladder: string, rung: number, beside?: string }
interface Own { ladders: { id: string }[], variations: OwnDrill[] }

export async function up(knex: Knex): Promise<void> {
  // The owner may be bound by the policies too: they are lifted for this transaction alone.
  await knex.raw(`
    alter table athlete no force row level security;
    alter table own_catalogue no force row level security;
    alter table athlete add column stands jsonb not null default '[]'`)
  const owns = await knex('own_catalogue').select<{ organisation_id: string, document: Own }[]>(
    'organisation_id', 'document',
  )
  for (const { organisation_id, document } of owns) {
    const variations = document.variations.map((drill) => {
      const level = RUNGS[drill.ladder]?.[drill.rung - 1]
      return level === undefined ? drill : { ...drill, beside: `${drill.ladder}.${level}` }
    })
    await knex('own_catalogue').where({ organisation_id })
      .update({ document: JSON.stringify({ ...document, variations }) })
  }
  const ownDrill = (organisation: string, ladder: string, rung: number): string[] => {
    const drills = owns.find(own => own.organisation_id === organisation)?.document.variations ?? []
    return drills.filter(drill => drill.ladder === ladder && drill.rung === rung).map(drill => drill.id).slice(0, 1)
  }
  const athletes = await knex('athlete').select<
    { id: string, organisation_id: string, rungs: Record<string, number> }[]
  >('id', 'organisation_id', 'rungs')
  for (const { id, organisation_id, rungs } of athletes) {
    const stands = Object.entries(rungs).flatMap(([ladder, rung]) =>
      (RUNGS[ladder] ? standsOn(ladder, rung) : ownDrill(organisation_id, ladder, rung)))
    await knex('athlete').where({ id }).update({ stands: JSON.stringify(stands) })
  }
  await knex.raw(`
    alter table athlete drop column rungs;
    alter table athlete force row level security;
    alter table own_catalogue force row level security`)
}

/** Migrations only go forward. */
export async function down(): Promise<void> {
  throw new Error('Migrations only go forward.')
}
