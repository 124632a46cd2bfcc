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
  const { weeks, phases, volumeRules = true, deloadEvery = 4 } = instance
  const gaveWay: GaveWay[] = []
  const wanting: GaveWay[] = []
  const say = (
    list: GaveWay[], rule: string, text: string, cost: number, at: { week?: number, day?: number } = {},
  ): void => {
    if (cost > 0) list.push({ rule, text, cost, week: at.week ?? null, day: at.day ?? null })
  }
  const volumeOf = { ...KIND_VOLUMES, ...instance.volumes }
  const limits = dayLimits(instance)
  plan.days.forEach((kind, day) => {
    const limit = limits[day]!
    if (DAY_KINDS.indexOf(kind) > limit.most)
      say(gaveWay, limit.rule, DAY_RULE_TEXT[limit.rule], SEASON_COSTS.dayRule, { day })
    if (kind === 'high' && plan.days[day - 1] === 'high')
      say(gaveWay, 'twoHigh', 'Two high days in a row.', SEASON_COSTS.dayRule, { day })
    if (kind === 'high' && instance.hardDays && !instance.hardDays.includes(day % 7))
      say(wanting, 'highElsewhere', 'A high day away from the hard lifts.', SEASON_COSTS.highElsewhere, { day })
    if (before && before.days[day] !== undefined && before.days[day] !== kind)
      say(wanting, 'change', `Was ${before.days[day]}.`, SEASON_COSTS.change, { day })
  })
  const volumes = Array.from(
    { length: weeks },
    (_, week) => plan.days.slice(7 * week, 7 * week + 7).reduce((sum, kind) => sum + volumeOf[kind], 0),
  )
  const tapers = taperWeeks(instance)
  const rests = restWeeks(instance)
  let since = 0
  for (let week = 0; week < weeks; week++) {
    const phase = phases[plan.phases[week]!]
    const load = plan.loads[week]!
    if ((load === 'taper') !== tapers[week])
      say(gaveWay, 'taper', 'A taper is where an A-competition asks for it.', SEASON_COSTS.dayRule, { week })
    if (volumeRules && phase) {
      const { least, most } = volumeBand(phase.volume, load)
      const under = Math.max(0, least - volumes[week]!)
      const over = Math.max(0, volumes[week]! - most)
      if (load === 'taper') {
        say(
          gaveWay, 'taperVolume',
          `A taper week holds ${least}-${most} units, this one ${volumes[week]}.`,
          SEASON_COSTS.taper * (under + over), { week },
        )
        if (week > 0 && plan.loads[week - 1] === 'taper' && volumes[week]! > volumes[week - 1]!) {
          say(
            gaveWay, 'progressive', 'A taper goes down from week to week.',
            SEASON_COSTS.taper * (volumes[week]! - volumes[week - 1]!), { week },
          )
        }
      }
      else {
        say(wanting, 'under', `${under} units under the phase’s volume.`, SEASON_COSTS.under * under, { week })
        say(wanting, 'over', `${over} units over the phase’s volume.`, SEASON_COSTS.over * over, { week })
      }
    }
    since = load === 'usual' && !rests[week] ? since + 1 : 0
    if (load === 'deload') say(wanting, 'deload', 'A lighter week.', SEASON_COSTS.deload, { week })
    if (volumeRules && deloadEvery > 0 && since >= deloadEvery)
      say(wanting, 'noUnload', `${since} weeks without a lighter one.`, SEASON_COSTS.noUnload, { week })
    if (
      before && before.loads[week] !== undefined && (load === 'deload') !== (before.loads[week] === 'deload')
      && load !== 'taper'
    ) {
      say(
        wanting, 'deloadFlipped',
        load === 'deload' ? 'Becomes a lighter week.' : 'Is no longer a lighter week.',
        SEASON_COSTS.deloadFlipped, { week },
      )
    }
  }
  phases.forEach((phase, index) => {
    const length = plan.phases.filter(p => p === index).length
    const off = Math.max(0, phase.least - length, length - phase.most)
    say(
      gaveWay, 'phaseLength',
      `${phase.id} has ${length} weeks; ${phase.least}-${phase.most} are meant.`,
      SEASON_COSTS.phaseLength * off, { week: Math.max(0, plan.phases.indexOf(index)) },
    )
    const start = plan.phases.indexOf(index)
    if (start >= 0)
      say(
        gaveWay, 'notOpen', `${phase.id} begins before its gates are met.`,
        SEASON_COSTS.notOpen * Math.max(0, (phase.notBefore ?? 0) - start),
        { week: start },
      )
    if (start >= 0 && phase.start !== null)
      say(
        wanting, 'phaseShift',
        `${phase.id} begins ${Math.abs(start - phase.start)} weeks from where it was wanted.`,
        SEASON_COSTS.phaseShift * Math.abs(start - phase.start), { week: start },
      )
    if (before && start >= 0 && start !== before.phases.indexOf(index))
      say(wanting, 'phaseMoved', `${phase.id} begins in another week.`, SEASON_COSTS.phaseMoved, { week: start })
  })
  const sum = (list: readonly GaveWay[]): number => list.reduce((total, one) => total + one.cost, 0)
  return { cost: sum(gaveWay) + sum(wanting), volumes, gaveWay, wanting }
}
