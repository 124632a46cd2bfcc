import type { Mode } from '../catalogue'

/** A stretch of the season: how much trunk work it asks for and what kind. */
export interface Phase {
  readonly name: string
  readonly purpose: string
  /** Factor on the weekly full sets. */
  readonly volume: number
  /** Modes it leans to. */
  readonly modes: readonly Mode[]
  /** Drills not given the week before are held off. */
  readonly nothingNew: boolean
}

/**
 * Phases in the order of a season. Volumes and leanings: common practice, no source; the taper's volume after Bosquet
 * et al. 2007.
 */
export const PHASES = {
  offSeason: {
    name: 'Off-season',
    purpose: 'Isometric base and side differences, the most trunk work of the year.',
    volume: 1.15, modes: ['isometric', 'limbMoving'], nothingNew: false,
  },
  preSeason: {
    name: 'Pre-season', purpose: 'Load, then speed and standing work.', volume: 1,
    modes: ['locomotor', 'ballistic', 'dynamic'], nothingNew: false,
  },
  inSeason: {
    name: 'In-season',
    purpose: 'Keep what is there with short exposures; nothing new.',
    volume: 0.6, modes: ['isometric', 'limbMoving'], nothingNew: true,
  },
  taper: {
    name: 'Taper',
    purpose: 'Half the volume, the same intensity, so that freshness comes up.',
    volume: 0.5, modes: ['isometric'], nothingNew: true,
  },
  transition: {
    name: 'Transition', purpose: 'Rest from the plan: easy, varied, unhurried.', volume: 0.4,
    modes: ['limbMoving', 'balance'], nothingNew: false,
  },
} as const satisfies Record<string, Phase>
export type PhaseId = keyof typeof PHASES

/** Every phase, in the order of a season. */
export const PHASE_IDS = Object.keys(PHASES) as PhaseId[]
