import type { PhaseId } from '~~/core/policy'

/** What each phase is for, said to whoever trains in it and to the staff around them. */
export const PHASE_WORDS: Readonly<Record<PhaseId, { readonly athlete: string, readonly staff: string }>> = {
  offSeason: {
    athlete:
      'You build the base: holds you can breathe in, one side at a time until both are even, and more of it than '
      + 'at any other time of the year.',
    staff: 'Isometric base and side differences; the highest trunk volume of the year. New drills come in here.',
  },
  preSeason: {
    athlete: 'What you can hold, you now load; then it gets faster and moves onto your feet.',
    staff: 'Load first, then speed and standing work. Gates are met here or not at all: nothing new opens in season.',
  },
  inSeason: {
    athlete: 'You keep what you have with short work. Nothing new comes in, so that nothing is sore when it counts.',
    staff: 'Short exposures that maintain; nothing unfamiliar. Hard trunk work shares the day of the hard lifts.',
  },
  taper: {
    athlete: 'Half as much, as crisp as before: freshness comes up while strength stays.',
    staff:
      'Volume down by 41-60 %, intensity and frequency kept, the second week not above the first (Bosquet et al. '
      + '2007).',
  },
  transition: {
    athlete: 'A rest from the plan: easy, varied, unhurried.',
    staff: 'Easy and varied; tests and the next season’s gates are settled here.',
  },
}
