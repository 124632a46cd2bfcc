import { BALLISTIC, HELD_OUT, MOBILITY, moving, none, pose, steady, type Links } from './link'

/** Rotation: how each drill is computed. */
export const rotation: Links = {
  'rotation.upper-back-roll': none(MOBILITY),
  'rotation.lunge-turn': none(MOBILITY),
  'rotation.lunge-turn-away': none(MOBILITY),
  'rotation.stick-turn': none(MOBILITY),
  'rotation.kick-through': none(MOBILITY),
  'rotation.plank-roll': steady(
    'It rolls from one plank into another: the side plank is the harder of the two.',
    pose('sidePlank', {}, 'feetRaisedCm'),
  ),
  'rotation.hip-dips': steady(
    'The hips turn under a plank whose moment stays.', pose('elbowPlank', {}, 'elbowReachCm'),
  ),
  'rotation.seated-turn': none(
    'Seated and leaning back: the twist is made by the trunk itself, hardly by an outside load.',
  ),
  'rotation.band-turn-half-kneeling': steady(
    HELD_OUT, pose('pressOut', { bandN: 60, stance: 2 }, 'bandN', 'reachPercent'),
  ),
  'rotation.band-turn-braking': steady(HELD_OUT, pose('pressOut', { bandN: 90 }, 'bandN', 'reachPercent')),
  'rotation.band-punch': steady(HELD_OUT, pose('pressOut', { bandN: 60, stance: 3 }, 'bandN', 'reachPercent')),
  'rotation.lift-half-kneeling': moving(
    { heightDeg: -30 },
    pose('pressOut', { bandN: 60, stance: 2, pullUpDeg: 45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'rotation.chop-half-kneeling': moving(
    { heightDeg: 30 },
    pose('pressOut', { bandN: 60, stance: 2, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'rotation.chop-standing': moving(
    { heightDeg: 30 }, pose('pressOut', { bandN: 80, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'rotation.lunge-arc': moving(
    { aheadDeg: -30, besideDeg: 60 },
    pose('frontHeld', { loadKg: 4, aheadDeg: 45 }, 'loadKg', 'aheadDeg', 'reachPercent'),
  ),
  'rotation.pendulum-stop': steady(
    'The swinging weight is stopped at arm\'s length, where it asks most.',
    pose('frontHeld', { loadKg: 11 }, 'loadKg', 'reachPercent'),
  ),
  'rotation.ball-chop': none(BALLISTIC),
  'rotation.ball-chop-continuous': none(BALLISTIC),
  'rotation.throw-to-wall': none(BALLISTIC),
  'rotation.swing': none(BALLISTIC),
  'rotation.push-up-turn': none(MOBILITY),
  'rotation.ball-sit-up-turn': none('The ball carries where it is lain on, and moves with the body.'),
  'rotation.seated-punch': none(MOBILITY),
  'rotation.band-turn-flat': steady(HELD_OUT, pose('pressOut', { bandN: 80 }, 'bandN', 'reachPercent')),
  'rotation.band-turn-low-high': moving(
    { heightDeg: -30 },
    pose('pressOut', { bandN: 105, pullUpDeg: 35, heightDeg: 20 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'rotation.ball-twist': none(BALLISTIC),
}
