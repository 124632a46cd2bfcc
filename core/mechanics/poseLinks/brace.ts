import { BALLISTIC, BREATH, moving, none, pose, type Links } from './link'

/** Brace steps: how each drill is computed. */
export const brace: Links = {
  'brace.low-breath': none(BREATH),
  'brace.find-it': none(BREATH),
  'brace.brace-and-talk': none(BREATH),
  'brace.without-hands': none(BREATH),
  'brace.braced-squat': none('The moment changes through the squat; what is learnt is that the brace stays.'),
  'brace.march': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 15 }, 'reachPercent')),
  'brace.march-counts': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 20 }, 'reachPercent')),
  'brace.bar-brace': none('A bar held upright loads along the spine and hardly turns it.'),
  'brace.breath-to-force': none(BALLISTIC),
  'brace.breath-to-throw': none(BALLISTIC),
  'brace.breath-to-sprint': none(BALLISTIC),
  'brace.breath-to-lift': none(
    'The moment is that of the lift it is done in; what is learnt is where the breath goes.',
  ),
}
