import { ageOn } from './trunkOf'

const OF_AGE = 18

/** Whether somebody may be under age on a day: of a year of birth the latest birthday counts. */
export const isMinor = ({ birthYear }: { readonly birthYear: number }, day: string): boolean =>
  ageOn(birthYear, day) < OF_AGE
