import { findVariation, LADDERS, rungsOf, STANDARD, type Variation } from '~~/core/catalogue'
import { must } from '~~/core/errors'
import { poseOf } from '~~/core/mechanics'
import { gateSetting } from '~~/core/prescription'
import type { AthleteInput } from '~~/shared/types'
import { heldOn, trueEffort, type HiddenTrunk } from './hiddenTrunk'

/** A gate is well met where one set of it goes so far and no further. */
const WELL_MET = 0.8
/** Rungs beyond their level that somebody strong stands on, and one more of those that are only held. */
const BEYOND = 1

const isHeld = ({ mode }: Variation): boolean => mode === 'isometric'

/**
 * Drills somebody stands on: on every branch that is open to them, up past each gate that their trunk meets well, as
 * far as brace step and years of training let them.
 */
export function standingOf(input: AthleteInput, hidden: HiddenTrunk, level: number): string[] {
  const masters = (drill: Variation, upTo: number): boolean => {
    const dose = { ...must(drill.doses[0]), amount: drill.gate.amount }
    const setting = gateSetting(drill, {
      massKg: input.massKg, heightM: input.heightCm / 100, equipment: input.equipment,
    })
    const effort = trueEffort(input, heldOn(hidden, hidden.asOf), drill, dose, setting, null)
    return effort === null ? drill.rung < upTo : effort <= WELL_MET
  }
  return LADDERS.flatMap(({ branches }) => branches.reduce<string[]>((stands, { id, after, rungs }, index) => {
    const reached = rungsOf(stands, STANDARD)
    const open = after.every((id) => {
      const opener = findVariation(id)
      return opener !== undefined && (reached[opener.branch] ?? 1) >= opener.rung
    })
    const may = rungs.filter(rung => rung.braceStep <= input.braceStep)
    if (!open || may.length === 0) return stands
    // The brace course goes by its steps; a branch that is opened on the way is begun later.
    const upTo = id === 'brace' ? may.length : level - (index > 0 ? 1 : 0)
    const stop = may.findIndex(rung => !masters(rung, upTo))
    const reachable = may.filter((drill, at) =>
      at === 0 || id === 'brace' || drill.rung <= (poseOf(drill) ? upTo + BEYOND + (isHeld(drill) ? 1 : 0) : upTo)
    )
    return [...stands, must(reachable[Math.min(stop < 0 ? may.length : stop, reachable.length - 1)]).id]
  }, []))
}
