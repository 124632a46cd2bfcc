import type { PerAction } from '../../catalogue'
import type { SportProfileId } from './sportProfiles'

/** A position within a sport and the weights it shifts. */
export interface Position {
  readonly name: string
  readonly shifts: Partial<Readonly<PerAction>>
  readonly why: string
}

/** Known positions by sport; the factors are our own, in the direction of common practice, no source. */
export const POSITIONS: Readonly<Partial<Record<SportProfileId, readonly Position[]>>> = {
  striking: [
    {
      name: 'Foil', shifts: { antiFlexion: 1.2, antiLateralFlexion: 1.15 },
      why: 'The lunge is held low and recovered from.',
    },
    {
      name: 'Épée', shifts: { antiFlexion: 1.2, antiLateralFlexion: 1.15 },
      why: 'The lunge is held low and recovered from.',
    },
    { name: 'Sabre', shifts: { antiRotation: 1.15, rotation: 1.1 }, why: 'Cuts are made and braked from the trunk.' },
  ],
  throwing: [
    {
      name: 'Thrower', shifts: { antiExtension: 1.2, rotation: 1.15 },
      why: 'The run-up ends in a loaded arch and a turn.',
    },
    {
      name: 'Pitcher', shifts: { antiExtension: 1.2, rotation: 1.15 },
      why: 'The stride ends in a loaded arch and a turn.',
    },
    {
      name: 'Batter', shifts: { rotation: 1.25, antiRotation: 1.1 },
      why: 'The swing is a turn, and a checked one must be braked.',
    },
  ],
  paddling: [
    {
      name: 'Left-side paddler', shifts: { antiLateralFlexion: 1.2, antiRotation: 1.15 },
      why: 'One side pulls all day; the other must hold.',
    },
    {
      name: 'Right-side paddler', shifts: { antiLateralFlexion: 1.2, antiRotation: 1.15 },
      why: 'One side pulls all day; the other must hold.',
    },
    { name: 'Kayak', shifts: { rotation: 1.25 }, why: 'Both sides turn in turn.' },
    {
      name: 'Canoe', shifts: { antiFlexion: 1.15, antiLateralFlexion: 1.15 },
      why: 'A half kneel is held against the blade.',
    },
  ],
  fieldCourt: [
    { name: 'Setter', shifts: { antiExtension: 1.2 }, why: 'Sets are played over an arched back.' },
    {
      name: 'Middle', shifts: { antiLateralFlexion: 1.15, antiRotation: 1.1 },
      why: 'Blocks are moved sideways and hit in the air.',
    },
    {
      name: 'Outside', shifts: { rotation: 1.2, antiExtension: 1.15 },
      why: 'The hit loads an arch and turns out of it.',
    },
    {
      name: 'Opposite', shifts: { rotation: 1.2, antiExtension: 1.15 },
      why: 'The hit loads an arch and turns out of it.',
    },
    { name: 'Libero', shifts: { antiFlexion: 1.25 }, why: 'The low stance is held and dived from.' },
    { name: 'Goalkeeper', shifts: { antiLateralFlexion: 1.25 }, why: 'Dives land on the side.' },
  ],
  collision: [
    { name: 'Front row', shifts: { antiFlexion: 1.3 }, why: 'Weight in front is held low.' },
    { name: 'Back', shifts: { antiRotation: 1.15, rotation: 1.15 }, why: 'Passing and stepping turn the trunk.' },
  ],
}

const words = (text: string): string => ` ${text.toLowerCase().replace(/[^\p{L}-]+/gu, ' ').trim()} `

/**
 * The known position of a sport that an entry names among its words, whatever its case; null when none does.
 *
 * @example
 * positionOf('fieldCourt', 'libero, second year')?.name // => 'Libero'
 */
export function positionOf(sport: SportProfileId, entry: string): Position | null {
  const asked = words(entry)
  return POSITIONS[sport]?.find(({ name }) => asked.includes(words(name))) ?? null
}
