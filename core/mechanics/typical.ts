/** What asks of the trunk: arching and folding, bending to a side, turning. */
export type Direction = 'arch' | 'fold' | 'side' | 'turn'

/**
 * What a trained trunk holds for an instant against each, N·m of our model: the mean holds of the published endurance
 * battery (McGill, Childs & Liebenson 1999) put through it for a man of 1.80 m and 80 kg by the trunk curve of Frey-Law
 * & Avin (2010); turning, which the battery leaves out, as less than half of bending to a side (the order of published
 * greatest torques, extension over bending and folding over turning; all recalled from memory). Only proportions are
 * used: a newton metre of turning asks more of a trunk than one of folding.
 */
export const TYPICAL_NM: Readonly<Record<Direction, number>> = { arch: 230, fold: 275, side: 220, turn: 100 }

/** The moment of a position, signed as in the trunk's axes. */
export interface Components {
  readonly sagittalNm: number
  readonly frontalNm: number
  readonly transverseNm: number
}

/**
 * What a position asks by direction, as a part of what a trained trunk holds for an instant.
 *
 * @example
 * askOf({ sagittalNm: -115, frontalNm: 0, transverseNm: 50 }) // => { arch: 0.5, fold: 0, side: 0, turn: 0.5 }
 */
export function askOf({ sagittalNm, frontalNm, transverseNm }: Components): Record<Direction, number> {
  return {
    arch: Math.max(0, -sagittalNm) / TYPICAL_NM.arch, fold: Math.max(0, sagittalNm) / TYPICAL_NM.fold,
    side: Math.abs(frontalNm) / TYPICAL_NM.side, turn: Math.abs(transverseNm) / TYPICAL_NM.turn,
  }
}
