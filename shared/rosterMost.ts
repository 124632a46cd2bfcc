/** Most rows of a roster that are answered at once: as many as a large squad has. */
export const ROSTER_MOST = 100
