import type { BreathPattern } from '../catalogue'
import type { Dose } from '../dose'
import type { DrillRuleId } from '../rules/drillRules'
import { doseRemoval, removals } from './admissible'
import { breathFor, type PrescribedBreath } from './breath'
import type { Screen } from './screen'

/** A drill as somebody is about to train it. */
export interface TrainingAsked {
  readonly variationId: string
  readonly dose: Dose
  readonly breath: BreathPattern
}

/** Why a drill is stopped, in words. */
export interface Stop {
  readonly rule: DrillRuleId | 'dose' | 'unknown'
  readonly text: string
}

/** May this athlete train this drill, in this dose, with this breath, on this day? */
export interface MayTrain {
  /** Empty: it may be trained. */
  readonly stops: readonly Stop[]
  /** The breath to train it with, whatever was written down before. */
  readonly breath: PrescribedBreath
}

/**
 * The one question of whatever hands out or takes in training, asked with the athlete as they stand on the day. What
 * was at hand when it was assigned does not matter here: only what the drill asks of the athlete does.
 *
 * @example
 * mayTrain({ variationId: 'flexion.crunch', dose: { sets: 2, amount: 10, unit: 'reps', restS: 30 }, breath: 'exhaleOnEffort' }, { ...context.screen, flags: ['backPainBending'] }).stops[0].rule // => 'flag'
 */
export function mayTrain({ variationId, dose, breath }: TrainingAsked, screen: Screen): MayTrain {
  const variation = screen.catalogue.find(variationId)
  const tooLong = doseRemoval(dose, screen.flags)
  const stops: Stop[] = variation
    ? removals(variation, screen).filter(({ rule }) => rule !== 'equipment')
    : [{ rule: 'unknown', text: 'This drill is no longer in the catalogue.' }]
  return {
    stops: [...stops, ...(tooLong ? [{ rule: 'dose' as const, text: tooLong }] : [])],
    breath: breathFor(breath, screen),
  }
}
