import { LIFTED, none, pose, steady, type Links } from './link'

/** Quadruped: how each drill is computed. */
export const quadruped: Links = {
  'quadruped.leg-only': steady(LIFTED, pose('quadrupedLeg', {}, 'shiftPercent', 'loadKg')),
  'quadruped.opposite-arm-leg': steady(LIFTED, pose('quadrupedOpposite', {}, 'shiftPercent', 'loadKg')),
  'quadruped.elbow-to-knee': steady(LIFTED, pose('quadrupedOpposite', {}, 'shiftPercent')),
  'quadruped.crawl-knees': pose('crawlKnees', {}, 'shiftPercent'),
  'quadruped.knees-hovering': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crawl': pose('crawl', {}, 'shiftPercent', 'loadKg'),
  'quadruped.bear': pose('crawl', { shiftPercent: 30 }, 'shiftPercent', 'loadKg'),
  'quadruped.crawl-sideways': pose('crawlOneHand', { shiftPercent: 60 }, 'shiftPercent', 'loadKg'),
  'quadruped.crawl-finisher': pose('crawl', { shiftPercent: 30 }, 'shiftPercent', 'loadKg'),
  'quadruped.crab': none('Belly up on hands and feet: it has no pose of its own yet.'),
  'quadruped.hover-hand': steady(LIFTED, pose('crawlOneHand', { shiftPercent: 80 }, 'shiftPercent')),
}
