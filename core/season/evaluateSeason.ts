import { must } from '../errors'
import { taper } from '../rules/taper'
import { DAY_KINDS, DELOAD_SHARE, KIND_VOLUMES, SEASON_COSTS, type SeasonInstance, type SeasonPlan } from './instance'
import { DAY_RULE_TEXT, dayLimits, restWeeks, taperWeeks } from './limits'

/** A rule that gave way, where, and what it costs. */
export interface GaveWay {
  readonly rule: string
  /** Week or day it is about. */
  readonly week: number | null
  readonly day: number | null
  readonly text: string
  readonly cost: number
}

export interface SeasonEvaluation {
  readonly cost: number
  readonly volumes: readonly number[]
  readonly gaveWay: readonly GaveWay[]
  /**
   * What was wanted and not wholly there, without any rule being broken: volume, phase starts, weeks without unloading.
   */
  readonly wanting: readonly GaveWay[]
}

/**
 * Units a week of a phase is to hold: all, in a lighter week, or between two ends in a taper.
 *
 * @example
 * volumeBand(20, 'taper') // => { least: 8, most: 11 }
 */
export function volumeBand(
  volume: number, load: SeasonPlan['loads'][number],
): { readonly least: number, readonly most: number } {
  if (load === 'taper')
    return { least: Math.ceil(volume * taper.value.least - 1e-9), most: Math.floor(volume * taper.value.most + 1e-9) }
  const wanted = Math.round(load === 'deload' ? volume * DELOAD_SHARE : volume)
  return { least: wanted, most: wanted }
}

/**
 * Recounts a season plan from the instance alone, the slow way: every rule about days, tapers, phase lengths,
 * unloading, and what differs from the plan before.
 *
 * @example
 * evaluateSeason({ weeks: 0, phases: [], competitions: [] }, { days: [], phases: [], loads: [] }).cost // => 0
 */
export function evaluateSeason(
  instance: SeasonInstance, plan: SeasonPlan, before: SeasonPlan | null = null,
): SeasonEvaluation {
  const volumeOf = { ...KIND_VOLUMES, ...instance.volumes }
  const volumes = Array.from(
    { length: instance.weeks },
    (_, week) => plan.days.slice(7 * week, 7 * week + 7).reduce((sum, kind) => sum + volumeOf[kind], 0),
  )
  const all = [
    ...aboutDays(instance, plan, before), ...aboutWeeks(instance, plan, before, volumes),
    ...aboutPhases(instance, plan, before),
  ]
  const listed = (wanted: boolean): GaveWay[] =>
    all.filter(one => one.wanted === wanted).map(({ wanted: _, ...one }) => one)
  const [gaveWay, wanting] = [listed(false), listed(true)]
  const sum = (list: readonly GaveWay[]): number => list.reduce((total, one) => total + one.cost, 0)
  return { cost: sum(gaveWay) + sum(wanting), volumes, gaveWay, wanting }
}

/** A rule that gave way, or something wanted that is not wholly there. */
type Told = GaveWay & { readonly wanted: boolean }
type At = { readonly week: number } | { readonly day: number }

function told(wanted: boolean, rule: string, text: string, cost: number, at: At): Told[] {
  return cost > 0
    ? [{ wanted, rule, text, cost, week: 'week' in at ? at.week : null, day: 'day' in at ? at.day : null }]
    : []
}
const gave = (rule: string, text: string, cost: number, at: At): Told[] => told(false, rule, text, cost, at)
const wants = (rule: string, text: string, cost: number, at: At): Told[] => told(true, rule, text, cost, at)

function aboutDays(instance: SeasonInstance, plan: SeasonPlan, before: SeasonPlan | null): Told[] {
  const { hardDays } = instance
  const limits = dayLimits(instance)
  return plan.days.flatMap((kind, day) => {
    const limit = must(limits[day])
    const was = before?.days[day]
    const isHigh = kind === 'high'
    return [
      ...(DAY_KINDS.indexOf(kind) > limit.most
        ? gave(limit.rule, DAY_RULE_TEXT[limit.rule], SEASON_COSTS.dayRule, { day })
        : []),
      ...(isHigh && plan.days[day - 1] === 'high'
        ? gave('twoHigh', 'Two high days in a row.', SEASON_COSTS.dayRule, { day })
        : []),
      ...(isHigh && hardDays && !hardDays.includes(day % 7)
        ? wants('highElsewhere', 'A high day away from the hard lifts.', SEASON_COSTS.highElsewhere, { day })
        : []),
      ...(was !== undefined && was !== kind ? wants('change', `Was ${was}.`, SEASON_COSTS.change, { day }) : []),
    ]
  })
}

function aboutWeeks(
  instance: SeasonInstance, plan: SeasonPlan, before: SeasonPlan | null, volumes: readonly number[],
): Told[] {
  const { volumeRules = true, deloadEvery = 4 } = instance
  const tapers = taperWeeks(instance)
  const rests = restWeeks(instance)
  let since = 0
  return volumes.flatMap((_, week) => {
    const load = must(plan.loads[week])
    const was = before?.loads[week]
    since = load === 'usual' && !rests[week] ? since + 1 : 0
    const flipped = was !== undefined && (load === 'deload') !== (was === 'deload') && load !== 'taper'
    return [
      ...((load === 'taper') !== tapers[week]
        ? gave('taper', 'A taper is where an A-competition asks for it.', SEASON_COSTS.dayRule, { week })
        : []),
      ...(volumeRules ? aboutVolume(instance, plan, week, volumes) : []),
      ...(load === 'deload' ? wants('deload', 'A lighter week.', SEASON_COSTS.deload, { week }) : []),
      ...(volumeRules && deloadEvery > 0 && since >= deloadEvery
        ? wants('noUnload', `${since} weeks without a lighter one.`, SEASON_COSTS.noUnload, { week })
        : []),
      ...(flipped
        ? wants(
          'deloadFlipped',
          load === 'deload' ? 'Becomes a lighter week.' : 'Is no longer a lighter week.',
          SEASON_COSTS.deloadFlipped, { week },
        )
        : []),
    ]
  })
}

/** How a week's volume lies to what its phase is to hold; a taper goes down. */
function aboutVolume(
  { phases }: SeasonInstance, plan: SeasonPlan, week: number, volumes: readonly number[],
): Told[] {
  const phase = phases[must(plan.phases[week])]
  if (!phase) return []
  const load = must(plan.loads[week])
  const volume = must(volumes[week])
  const { least, most } = volumeBand(phase.volume, load)
  const under = Math.max(0, least - volume)
  const over = Math.max(0, volume - most)
  if (load !== 'taper') {
    return [
      ...wants('under', `${under} units under the phase’s volume.`, SEASON_COSTS.under * under, { week }),
      ...wants('over', `${over} units over the phase’s volume.`, SEASON_COSTS.over * over, { week }),
    ]
  }
  const rise = plan.loads[week - 1] === 'taper' ? volume - must(volumes[week - 1]) : 0
  return [
    ...gave(
      'taperVolume',
      `A taper week holds ${least}-${most} units, this one ${volume}.`,
      SEASON_COSTS.taper * (under + over), { week },
    ),
    ...gave('progressive', 'A taper goes down from week to week.', SEASON_COSTS.taper * rise, { week }),
  ]
}

function aboutPhases({ phases }: SeasonInstance, plan: SeasonPlan, before: SeasonPlan | null): Told[] {
  return phases.flatMap((phase, index) => {
    const length = plan.phases.filter(p => p === index).length
    const off = Math.max(0, phase.least - length, length - phase.most)
    const start = plan.phases.indexOf(index)
    const at = { week: Math.max(0, start) }
    const lengthTold = gave(
      'phaseLength',
      `${phase.id} has ${length} weeks; ${phase.least}-${phase.most} are meant.`,
      SEASON_COSTS.phaseLength * off, at,
    )
    if (start < 0) return lengthTold
    const shift = phase.start === null ? 0 : Math.abs(start - phase.start)
    const moved = before !== null && start !== before.phases.indexOf(index)
    return [
      ...lengthTold,
      ...gave(
        'notOpen', `${phase.id} begins before it may open.`,
        SEASON_COSTS.notOpen * Math.max(0, (phase.notBefore ?? 0) - start),
        at,
      ),
      ...wants(
        'phaseShift', `${phase.id} begins ${shift} weeks from where it was wanted.`, SEASON_COSTS.phaseShift * shift,
        at,
      ),
      ...(moved ? wants('phaseMoved', `${phase.id} begins in another week.`, SEASON_COSTS.phaseMoved, at) : []),
    ]
  })
}
