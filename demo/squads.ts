import type { TrunkAction } from '~~/core/catalogue'
import type { LiftId, SportProfileId } from '~~/core/programme'

/** One invented squad: its sport, positions, body sizes and lift days. */
export interface Squad {
  readonly name: string
  readonly sport: SportProfileId
  readonly positions: readonly string[]
  readonly goals: readonly string[]
  readonly weakLinks: readonly TrunkAction[]
  /** Mean height in cm and mass in kg, women and men. */
  readonly body: { readonly female: readonly [number, number], readonly male: readonly [number, number] }
  /** Lifts by day of the week: lift, sets, reps, % of 1RM. */
  readonly liftDays: Readonly<Record<number, readonly (readonly [LiftId, number, number, number])[]>>
  /** Days with time for trunk work only, with minutes. */
  readonly otherDays: Readonly<Record<number, number>>
  readonly competition: { readonly name: string, readonly inDays: number, readonly importance: 'A' | 'B' | 'C' }
  readonly athletes: readonly (readonly [string, 'female' | 'male'])[]
}

/** The island centre's squads. Every name, body and event is invented. */
export const SQUADS: readonly Squad[] = [
  {
    name: 'Sprint canoe',
    sport: 'paddling',
    positions: ['kayak single', 'kayak crew', 'canoe single'],
    goals: ['Hold the boat still under the last hundred strokes', 'Stronger catch on the off side'],
    weakLinks: ['rotation', 'antiRotation', 'antiFlexion'],
    body: { female: [171, 67], male: [184, 84] },
    liftDays: {
      0: [['deadlift', 4, 4, 82], ['benchPull', 4, 6, 75]],
      3: [['benchPress', 4, 5, 80], ['pullUp', 4, 6, 70]],
    },
    otherDays: { 1: 25, 4: 20 },
    competition: { name: 'Sound Regatta', inDays: 19, importance: 'A' },
    athletes: [['Bram Lough', 'male'], ['Odra Shoal', 'female'], ['Runo Skarn', 'male'], ['Maelis Quay', 'female'], [
      'Dovan Brack', 'male',
    ]],
  },
  {
    name: 'Fencing',
    sport: 'striking',
    positions: ['foil, right-handed', 'foil, left-handed', 'épée, right-handed', 'sabre, right-handed'],
    goals: ['Recover from the lunge without the chest turning', 'Kneeling wheel rollout, nose to floor'],
    weakLinks: ['antiRotation', 'antiLateralFlexion'],
    body: { female: [172, 65], male: [183, 77] },
    liftDays: {
      1: [['backSquat', 4, 4, 82], ['splitSquat', 3, 8, 60]],
      4: [['benchPress', 5, 3, 85], ['oneArmRow', 4, 8, 65]],
    },
    otherDays: { 2: 30, 5: 15 },
    competition: { name: 'Harbour Cup', inDays: 11, importance: 'B' },
    athletes: [['Ilse Tarn', 'female'], ['Tovi Marl', 'male'], ['Kesta Reef', 'female'], ['Yarin Cove', 'male'], [
      'Pella Strand', 'female',
    ]],
  },
  {
    name: 'Judo',
    sport: 'grappling',
    positions: ['right grip', 'left grip', 'groundwork first', 'counter-thrower'],
    goals: ['Keep posture when pulled down', 'Carry half of body weight in one hand'],
    weakLinks: ['antiFlexion', 'antiRotation', 'antiLateralFlexion'],
    body: { female: [165, 63], male: [177, 82] },
    liftDays: {
      0: [['frontSquat', 5, 3, 85], ['pullUp', 4, 5, 75]],
      2: [['deadlift', 4, 3, 86], ['overheadPress', 4, 5, 76]],
      4: [['highPull', 5, 3, 75], ['row', 4, 6, 70]],
    },
    otherDays: { 5: 20 },
    competition: { name: 'Islands Judo Open', inDays: 33, importance: 'A' },
    athletes: [['Sirke Holm', 'female'], ['Halvo Fell', 'male'], ['Ninea Gannet', 'female'], ['Corin Dune', 'male'], [
      'Vesla Sund', 'female',
    ]],
  },
  {
    name: 'Volleyball',
    sport: 'fieldCourt',
    positions: ['setter', 'outside', 'middle', 'libero'],
    goals: ['Land square after every block', 'Fewer sore backs in long weeks'],
    weakLinks: ['antiExtension', 'antiRotation'],
    body: { female: [181, 72], male: [194, 88] },
    liftDays: {
      1: [['backSquat', 4, 5, 78], ['hipThrust', 3, 8, 65]],
      3: [['overheadPress', 4, 5, 72], ['oneArmRow', 3, 8, 65]],
    },
    otherDays: { 0: 20, 4: 20 },
    competition: { name: 'Ferry League, round 6', inDays: 4, importance: 'C' },
    athletes: [
      ['Jorun Vale', 'female'], ['Amarel Tide', 'female'], ['Brisa Haven', 'female'], ['Mirel Ness', 'female'],
      ['Zanna Wick', 'female'],
    ],
  },
  {
    name: 'Javelin',
    sport: 'throwing',
    positions: ['right arm', 'left arm'],
    goals: ['Block leg takes the force, trunk does not fold sideways', 'Standing wheel rollout, slow lowering'],
    weakLinks: ['antiExtension', 'rotation', 'antiLateralFlexion'],
    body: { female: [174, 72], male: [187, 93] },
    liftDays: {
      0: [['backSquat', 5, 3, 86], ['benchPress', 4, 4, 80]],
      2: [['highPull', 5, 3, 78], ['pullUp', 4, 6, 70]],
      4: [['romanianDeadlift', 4, 6, 72], ['oneArmPress', 3, 8, 65]],
    },
    otherDays: { 5: 25 },
    competition: { name: 'Cliff Meeting', inDays: 47, importance: 'B' },
    athletes: [['Tiko Crag', 'male'], ['Oskel Burn', 'male'], ['Faro Linn', 'male'], ['Edda Moor', 'female']],
  },
]
