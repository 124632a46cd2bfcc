import { moving, pose, type Links } from './link'

/** Carries: how each drill is computed. */
export const carries: Links = {
  'carries.march-hold': pose('carry', { rightKg: 12 }, 'rightKg'),
  'carries.suitcase-deadlift': moving(
    { leanDeg: 0, kneeDeg: 0 }, pose('hinge', { leanDeg: 45, kneeDeg: 60, sideKg: 20 }, 'sideKg', 'leanDeg'),
  ),
  'carries.suitcase': pose('carry', { rightKg: 24 }, 'rightKg', 'leftKg', 'armOutDeg'),
  'carries.suitcase-heavy': pose('carry', { rightKg: 36 }, 'rightKg'),
  'carries.two-hand': pose('carry', { rightKg: 24, leftKg: 24 }, 'rightKg', 'leftKg'),
  'carries.front-held': pose('carry', { frontKg: 30 }, 'frontKg'),
  'carries.overhead': pose('carry', { overheadRightKg: 16 }, 'overheadRightKg'),
  'carries.overhead-uneven': pose('carry', { overheadRightKg: 12, leftKg: 16 }, 'overheadRightKg', 'leftKg'),
  'carries.mixed': pose('carry', { leftKg: 24, rackRightKg: 12 }, 'leftKg', 'rackRightKg'),
  'carries.overhead-both': pose('carry', { overheadBothKg: 24 }, 'overheadBothKg'),
}
