import type { PerAction } from '../../catalogue'
import type { Side } from '../../dose'
import type { SportProfileId } from './sportProfiles'

/** A position within a sport and the weights it shifts. */
export interface Position {
  readonly name: string
  readonly shifts: Partial<Readonly<PerAction>>
  readonly why: string
  /** The side that needs the more: it gets the extra sets unless tests name another. */
  readonly moreOn?: Side
}

/** Positions by sport and the weights they shift: our own, in the direction of common practice, no source. */
export const POSITIONS: Readonly<Record<SportProfileId, readonly Position[]>> = {
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
    {
      name: 'Orthodox stance', shifts: { rotation: 1.15, antiRotation: 1.1 }, moreOn: 'left',
      why: 'The rear right hand drives the turn; the left side has to stop it.',
    },
    {
      name: 'Southpaw stance', shifts: { rotation: 1.15, antiRotation: 1.1 }, moreOn: 'right',
      why: 'The rear left hand drives the turn; the right side has to stop it.',
    },
  ],
  grappling: [
    {
      name: 'Right grip', shifts: { antiRotation: 1.2 }, moreOn: 'left',
      why: 'The right hand pulls round all bout; the left side has to hold.',
    },
    {
      name: 'Left grip', shifts: { antiRotation: 1.2 }, moreOn: 'right',
      why: 'The left hand pulls round all bout; the right side has to hold.',
    },
    { name: 'Ground', shifts: { flexion: 1.25, antiFlexion: 1.1 }, why: 'Work from the back and under weight.' },
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
    {
      name: 'Right-handed', shifts: { antiLateralFlexion: 1.1 }, moreOn: 'left',
      why: 'The left side takes the block and stops the turn.',
    },
    {
      name: 'Left-handed', shifts: { antiLateralFlexion: 1.1 }, moreOn: 'right',
      why: 'The right side takes the block and stops the turn.',
    },
  ],
  racket: [
    {
      name: 'Singles', shifts: { antiLateralFlexion: 1.15, antiRotation: 1.1 },
      why: 'Wide balls are reached on one leg, all match.',
    },
    { name: 'Doubles', shifts: { antiExtension: 1.15 }, why: 'More serves, overheads and low volleys.' },
    {
      name: 'Club player', shifts: { rotation: 1.2, antiRotation: 1.1 },
      why: 'One full turn, made and braked, always to the same side.',
    },
  ],
  running: [
    {
      name: 'Sprints', shifts: { antiFlexion: 1.2, antiExtension: 1.15 },
      why: 'Arms and legs at full force need a trunk that does not give.',
    },
    {
      name: 'Hurdles', shifts: { antiLateralFlexion: 1.15, antiRotation: 1.2 },
      why: 'Each hurdle turns and tips the trunk in the air.',
    },
    {
      name: 'Middle distance', shifts: { antiLateralFlexion: 1.15 },
      why: 'The pelvis stays level when the legs burn.',
    },
    {
      name: 'Long distance', shifts: { antiLateralFlexion: 1.2, antiExtension: 1.1 },
      why: 'Thousands of steps on one leg, tall to the end.',
    },
    {
      name: 'Trail', shifts: { antiLateralFlexion: 1.15, antiRotation: 1.15 },
      why: 'The ground tips every step another way.',
    },
  ],
  cycling: [
    { name: 'Road', shifts: { antiFlexion: 1.15 }, why: 'Hours in one bend.' },
    {
      name: 'Track sprint', shifts: { antiRotation: 1.25, antiFlexion: 1.1 },
      why: 'Starts pull the bars against the hips.',
    },
    {
      name: 'Mountain', shifts: { antiLateralFlexion: 1.2, antiRotation: 1.1 },
      why: 'The bike moves under a quiet trunk.',
    },
  ],
  paddling: [
    {
      name: 'Left-side paddler', shifts: { antiLateralFlexion: 1.2, antiRotation: 1.15 }, moreOn: 'right',
      why: 'The left side pulls all day; the right side has to hold it upright.',
    },
    {
      name: 'Right-side paddler', shifts: { antiLateralFlexion: 1.2, antiRotation: 1.15 }, moreOn: 'left',
      why: 'The right side pulls all day; the left side has to hold it upright.',
    },
    { name: 'Kayak', shifts: { rotation: 1.25 }, why: 'Both sides turn in turn.' },
    {
      name: 'Canoe', shifts: { antiFlexion: 1.15, antiLateralFlexion: 1.15 },
      why: 'A half kneel is held against the blade.',
    },
  ],
  rowing: [
    {
      name: 'Port side', shifts: { antiLateralFlexion: 1.15, rotation: 1.2 }, moreOn: 'left',
      why: 'The oar lies to port: the trunk turns and leans to it, the other side has to hold.',
    },
    {
      name: 'Starboard side', shifts: { antiLateralFlexion: 1.15, rotation: 1.2 }, moreOn: 'right',
      why: 'The oar lies to starboard: the trunk turns and leans to it, the other side has to hold.',
    },
    {
      name: 'Sculler', shifts: { antiFlexion: 1.1, extension: 1.1 },
      why: 'Two oars, even sides: all of it in the drive.',
    },
    { name: 'Bow seat', shifts: { antiRotation: 1.15 }, why: 'The lightest end of the boat must sit the stillest.' },
    { name: 'Stroke seat', shifts: { antiFlexion: 1.1 }, why: 'Every stroke is set from here, the last ones too.' },
  ],
  swimming: [
    {
      name: 'Freestyle', shifts: { antiLateralFlexion: 1.15, rotation: 1.15 },
      why: 'Roll from the hips, a line that does not snake.',
    },
    {
      name: 'Backstroke', shifts: { extension: 1.15, rotation: 1.15 },
      why: 'Hips high on the back, roll from the hips.',
    },
    {
      name: 'Breaststroke', shifts: { flexion: 1.1, extension: 1.2 },
      why: 'The line opens and closes in each stroke.',
    },
    { name: 'Butterfly', shifts: { extension: 1.25, antiExtension: 1.1 }, why: 'A wave from the trunk, both ways.' },
  ],
  barbell: [
    { name: 'Squat', shifts: { antiFlexion: 1.15 }, why: 'The bar folds the trunk out of the bottom.' },
    {
      name: 'Bench press', shifts: { antiExtension: 1.1, antiRotation: 1.15 },
      why: 'Force goes from the feet through a tight trunk.',
    },
    { name: 'Deadlift', shifts: { antiFlexion: 1.25 }, why: 'The bar hangs in front all the way.' },
    { name: 'Snatch', shifts: { antiExtension: 1.2, antiLateralFlexion: 1.1 }, why: 'Caught overhead, held still.' },
    { name: 'Clean and jerk', shifts: { antiExtension: 1.15, antiFlexion: 1.1 }, why: 'Front rack, then overhead.' },
  ],
  gymnastic: [
    {
      name: 'Rings', shifts: { antiExtension: 1.15, antiLateralFlexion: 1.1 },
      why: 'Supports that swing where the line gives.',
    },
    { name: 'Bar', shifts: { antiExtension: 1.15, flexion: 1.1 }, why: 'Hollow and arch, again and again.' },
    { name: 'Floor', shifts: { antiFlexion: 1.2, rotation: 1.15 }, why: 'Landings fold, tumbling turns.' },
    { name: 'Beam', shifts: { antiLateralFlexion: 1.2 }, why: 'Balance over ten centimetres.' },
  ],
  climbing: [
    { name: 'Boulder', shifts: { flexion: 1.15, antiRotation: 1.15 }, why: 'Feet cut and swing; they must come back.' },
    { name: 'Lead', shifts: { antiExtension: 1.15 }, why: 'A long way, tight at every reach.' },
    {
      name: 'Speed', shifts: { antiRotation: 1.15, antiLateralFlexion: 1.15 },
      why: 'One arm, one leg, as fast as it goes.',
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
    { name: 'Second row', shifts: { antiExtension: 1.15, antiFlexion: 1.15 }, why: 'Pushing low, lifting high.' },
    {
      name: 'Loose forward', shifts: { antiRotation: 1.15, antiLateralFlexion: 1.15 },
      why: 'Tackles from every side, then up again.',
    },
    { name: 'Back', shifts: { antiRotation: 1.15, rotation: 1.15 }, why: 'Passing and stepping turn the trunk.' },
  ],
  boards: [
    {
      name: 'Regular stance', shifts: { antiLateralFlexion: 1.1, rotation: 1.1 }, moreOn: 'right',
      why: 'The left side leads: turns away from it need the right.',
    },
    {
      name: 'Goofy stance', shifts: { antiLateralFlexion: 1.1, rotation: 1.1 }, moreOn: 'left',
      why: 'The right side leads: turns away from it need the left.',
    },
    { name: 'Alpine', shifts: { antiFlexion: 1.15, antiLateralFlexion: 1.15 }, why: 'A crouch on one edge at speed.' },
    { name: 'Sled', shifts: { antiExtension: 1.2 }, why: 'A flat line, head up, at high speed.' },
  ],
  general: [
    { name: 'Desk work', shifts: { extension: 1.25, antiFlexion: 1.1 }, why: 'Hours folded want the other way.' },
    {
      name: 'Carrying work', shifts: { antiLateralFlexion: 1.2, antiFlexion: 1.1 },
      why: 'Loads on one side, all day.',
    },
  ],
}
