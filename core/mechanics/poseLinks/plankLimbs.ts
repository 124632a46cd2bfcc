import { LIFTED, pose, steady, type Links } from './link'

/** Plank with limbs: how each drill is computed. */
export const plankLimbs: Links = {
  'plank-limbs.bench-tap': steady(
    LIFTED,
    pose('plankArmUp', { handsRaisedCm: 45, shiftPercent: 60, feetApartCm: 70 }, 'handsRaisedCm', 'shiftPercent'),
  ),
  'plank-limbs.leg-lift': steady(LIFTED, pose('plankLegUp', {}, 'feetApartCm', 'handsRaisedCm')),
  'plank-limbs.shoulder-tap': steady(
    LIFTED,
    pose('plankArmUp', { shiftPercent: 60, feetApartCm: 70 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm'),
  ),
  'plank-limbs.arm-reach': steady(
    LIFTED,
    pose('plankArmUp', { shiftPercent: 40, feetApartCm: 60 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm'),
  ),
  'plank-limbs.two-point': steady(LIFTED, pose('plankTwoPoint', { shiftPercent: 10 }, 'shiftPercent', 'feetApartCm')),
  'plank-limbs.two-point-eyes': steady(
    LIFTED, pose('plankTwoPoint', { shiftPercent: 0 }, 'shiftPercent', 'feetApartCm'),
  ),
}
