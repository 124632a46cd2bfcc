/** The eight trunk actions: four made, four resisted. */
export const TRUNK_ACTIONS = [
  'antiExtension',
  'antiFlexion',
  'flexion',
  'extension',
  'antiLateralFlexion',
  'lateralFlexion',
  'antiRotation',
  'rotation',
] as const

export type TrunkAction = (typeof TRUNK_ACTIONS)[number]

/** Planes of motion: forward and back, side to side, turning. */
export const PLANES = ['sagittal', 'frontal', 'transverse'] as const

export type Plane = (typeof PLANES)[number]

interface ActionFacts {
  /** What a coach says aloud. */
  readonly label: string
  readonly plane: Plane
  /** Resisting a movement rather than making it. */
  readonly resists: boolean
}

/** Plane, kind and everyday name of each trunk action. */
export const ACTION_FACTS: Readonly<Record<TrunkAction, ActionFacts>> = {
  antiExtension: { label: 'resist arching', plane: 'sagittal', resists: true },
  antiFlexion: { label: 'resist folding', plane: 'sagittal', resists: true },
  flexion: { label: 'fold', plane: 'sagittal', resists: false },
  extension: { label: 'arch', plane: 'sagittal', resists: false },
  antiLateralFlexion: { label: 'resist side bend', plane: 'frontal', resists: true },
  lateralFlexion: { label: 'side bend', plane: 'frontal', resists: false },
  antiRotation: { label: 'resist turning', plane: 'transverse', resists: true },
  rotation: { label: 'turn', plane: 'transverse', resists: false },
}

/** Share of a drill's or lift's trunk work per action, 0-1. */
export type ActionShares = Readonly<Partial<Record<TrunkAction, number>>>

/** A full set of numbers, one per action (seconds, weights …). */
export type PerAction = Record<TrunkAction, number>

/**
 * A fresh table with the same number for each action.
 *
 * @example
 * perAction(0).rotation // => 0
 */
export function perAction(value: number): PerAction {
  return Object.fromEntries(TRUNK_ACTIONS.map(action => [action, value])) as PerAction
}

/**
 * The action a drill is mostly for: its largest share, first in the order of TRUNK_ACTIONS on a tie; null where it has
 * none.
 *
 * @example
 * mainAction({ antiRotation: 0.6, antiExtension: 0.4 }) // => 'antiRotation'
 */
export function mainAction(shares: ActionShares): TrunkAction | null {
  const best = TRUNK_ACTIONS.reduce((a, b) => ((shares[b] ?? 0) > (shares[a] ?? 0) ? b : a))
  return shares[best] ? best : null
}

/**
 * Plane and kind of a drill's main action; null where it loads the trunk with nothing.
 *
 * @example
 * mainFacts({ antiRotation: 1 })?.plane // => 'transverse'
 */
export function mainFacts(shares: ActionShares): ActionFacts | null {
  const main = mainAction(shares)
  return main && ACTION_FACTS[main]
}

/**
 * The planes a drill trains: every plane that holds at least a quarter of its work.
 * The quarter is common practice, no source.
 *
 * @example
 * planesOf({ antiRotation: 0.6, antiExtension: 0.4 }) // => ['sagittal', 'transverse']
 */
export function planesOf(shares: ActionShares): Plane[] {
  return PLANES.filter(plane =>
    TRUNK_ACTIONS.reduce((sum, a) => sum + (ACTION_FACTS[a].plane === plane ? (shares[a] ?? 0) : 0), 0) >= 0.25 - 1e-9)
}
