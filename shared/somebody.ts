import { bodyOf } from '~~/core/anatomy'

/** Whom drills are drawn and reckoned for where no athlete is meant. */
export const SOMEBODY = { sex: 'female', heightCm: 170, massKg: 65 } as const
export const SOMEBODYS_BODY =
  bodyOf({ sex: SOMEBODY.sex, heightM: SOMEBODY.heightCm / 100, massKg: SOMEBODY.massKg })
