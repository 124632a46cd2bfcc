export const ROLES = {
  headCoach: 'Head coach',
  coach: 'Coach',
  assistant: 'Assistant',
  athlete: 'Athlete',
} as const
export type Role = keyof typeof ROLES

export const MASS_UNITS = ['kg', 'lb'] as const
export const LENGTH_UNITS = ['cm', 'in'] as const

/** The units one person reads and types in; storage is always kg and cm. */
export interface Units {
  readonly mass: (typeof MASS_UNITS)[number]
  readonly length: (typeof LENGTH_UNITS)[number]
}

/** Who is signed in. */
export interface Me {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly organisationName: string
  /** The organisation's own day, so that "today" means the same to everybody in it. */
  readonly today: string
  readonly athleteId: string | null
  readonly units: Units
}

export interface SignInInput {
  readonly email: string
  readonly password: string
}
