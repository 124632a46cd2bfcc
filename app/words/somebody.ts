import { bodyOf } from '~~/core/anatomy'

/** The body that drills are drawn with where no athlete is meant: what a drill looks like hardly goes with the body. */
export const SOMEBODY = bodyOf({ sex: 'female', heightM: 1.72, massKg: 66 })
