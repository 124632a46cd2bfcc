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
  /** The organisation is invented: nothing real belongs in it. */
  readonly demo: boolean
  /** The organisation's own day, so that "today" means the same to everybody in it. */
  readonly today: string
  readonly athleteId: string | null
  readonly units: Units
  /** The sign-in asks for a code besides the password. */
  readonly secondFactor: boolean
}

export interface SignInInput {
  readonly email: string
  readonly password: string
  /** From the app or the list that the person keeps, where the sign-in asks for one. */
  readonly code?: string
  /** The device is the person's alone: an athlete stays signed in on it for longer. */
  readonly ownDevice?: boolean
}

/** A device that somebody is signed in on. */
export interface SignedInDevice {
  readonly id: string
  /** What kind of device, as its browser says. */
  readonly device: string
  readonly own: boolean
  readonly beganAt: string
  readonly seenAt: string
  /** It is the one that asks. */
  readonly here: boolean
}

/** A key that a device signs in with. */
export interface Passkey {
  readonly id: string
  /** What its owner calls it. */
  readonly name: string
  readonly madeAt: string
  readonly usedAt: string | null
}

/** What a browser is given to make or show a key by, in its own terms. */
export interface PasskeyOptions {
  readonly challenge: string
}
/** What a browser made or showed, in its own terms. */
export interface PasskeyInput {
  readonly response: object
}

/** What an app that makes codes is set up with. */
export interface FactorBegun {
  readonly secret: string
  readonly uri: string
}

/** Who is signed in, with the token that this session's writes carry. */
export interface SessionAnswer {
  readonly me: Me | null
  readonly csrf: string | null
  /** What this person's things on the device are locked with. */
  readonly deviceKey?: string
  /** There is no organisation here yet: the first visitor founds one. */
  readonly founding?: true
}

/** An organisation with its first head coach, and the code that was printed at the start. */
export interface Founding {
  readonly code: string
  readonly organisationName: string
  readonly timeZone: string
  readonly units: Units
  readonly name: string
  readonly email: string
  readonly password: string
}

/** How far an organisation has come with what everything else rests on: how many there are of each. */
export interface Beginning {
  readonly groups: number
  readonly equipment: number
  readonly athletes: number
  readonly weeks: number
  /** Invited besides whoever founded it, athletes included. */
  readonly invited: number
}

/** A coach or assistant, as the head coach sees the staff. */
export interface StaffMember {
  readonly id: string
  readonly version: number
  readonly name: string
  readonly email: string
  readonly role: Role
  readonly state: 'invited' | 'active' | 'closed'
  /** Groups in sight; a head coach sees all. */
  readonly groupIds: readonly string[]
}

export interface StaffInvitation {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: Exclude<Role, 'athlete'>
  readonly groupIds: readonly string[]
}

export interface StaffChange {
  readonly version: number
  readonly role: Exclude<Role, 'athlete'>
  readonly groupIds: readonly string[]
  readonly closed: boolean
}

/** Who answers for an athlete under age. */
export interface Guardian {
  /** 0: none is stored yet. */
  readonly version: number
  readonly name: string
  readonly contact: string
  /** The day they consented; null: not yet. */
  readonly consentOn: string | null
  /** Coaches who read the health answers besides head coaches. */
  readonly coaches: readonly string[]
}
export interface GuardianAnswer {
  readonly guardian: Guardian | null
  /** Who could be named. */
  readonly coaches: readonly { readonly id: string, readonly name: string }[]
}

/** Everything the record tells apart. */
export const RECORD_ACTIONS = {
  'organisation.found': 'founded the organisation',
  'account.signIn': 'signed in',
  'account.wrongSignIn': 'tried a wrong password',
  'account.password': 'changed the password',
  'account.signOut': 'signed out',
  'account.endDevice': 'signed another device out',
  'account.factor': 'added a second factor',
  'account.factorEnded': 'took the second factor away',
  'account.passkey': 'added a passkey',
  'account.passkeyEnded': 'took a passkey away',
  'account.recoveryCode': 'signed in with a recovery code',
  'account.reset': 'set a new password by link',
  'account.accept': 'accepted the invitation',
  'account.endSessions': 'signed out everywhere',
  'account.recover': 'was helped back in by the owner of the machine',
  'staff.invite': 'invited to the staff',
  'staff.change': 'changed role or groups of staff',
  'staff.erase': 'erased somebody who left the staff',
  'athlete.invite': 'invited the athlete to sign in',
  'athlete.add': 'added the athlete',
  'athlete.import': 'brought athletes in from a file',
  'athlete.change': 'changed the athlete',
  'athlete.archive': 'archived or brought back the athlete',
  'athlete.export': 'exported everything about the athlete',
  'athlete.erase': 'erased the athlete',
  'guardian.change': 'changed who answers for an athlete under age',
  'health.read': 'read health flags',
  'history.read': 'read what an athlete did',
  'trials.read': 'read test results',
  'traces.read': 'read traces of tests',
  'record.read': 'read the record',
  'health.screen': 'answered the screening questions',
  'health.clear': 'wrote a clearance down',
  'health.withdraw': 'withdrew a clearance',
  'health.overrule': 'assigned without a screening or brace check',
  'health.refused': 'sent training that was refused',
  'pain.decide': 'decided on a drill that hurt',
  'decision.take': 'decided how a drill goes on',
  'decision.propose': 'proposed how a drill goes on',
  'decision.undo': 'took a decision back',
  'item.standIn': 'took a stand-in for a stopped drill',
  'item.swap': 'took another drill for the day',
  'brace.check': 'checked the brace',
  'brace.course': 'changed the brace course',
  'brace.practice': 'practised the brace',
  'tests.own': 'changed the tests of your own',
  'tests.log': 'took tests',
  'tests.withdraw': 'withdrew a trial',
  'rung.place': 'placed on a ladder',
  'group.add': 'added a group',
  'facility.change': 'changed the equipment counts',
  'rooms.change': 'changed the rooms',
  'catalogue.change': 'changed the drills of your own',
  'week.change': 'changed a week',
  'week.propose': 'had a week proposed',
  'week.assign': 'assigned a week',
  'rules.change': 'settled rules of planning',
  'sports.own': 'changed what sports ask for',
  'run.start': 'had weeks of several planned',
  'run.accept': 'had planned weeks assigned',
  'run.cancel': 'cancelled a run of planning',
  'season.change': 'changed a season',
  'season.athlete': 'changed what an athlete does otherwise in the season',
  'session.effort': 'told how hard a session was',
  'report.add': 'made a link to a report',
  'report.revoke': 'took a link to a report back',
  'feed.add': 'made a calendar address',
  'feed.revoke': 'took a calendar address back',
  'sets.log': 'logged sets',
  'sets.correct': 'put a logged set right',
  'sets.merge': 'logged a set that another device had logged',
  'floor.run': 'took the board of a floor',
} as const
export type RecordAction = keyof typeof RECORD_ACTIONS

/** One line of the record. */
export interface RecordEntry {
  readonly id: string
  readonly at: string
  readonly who: string | null
  readonly role: string
  readonly action: RecordAction
  readonly subjectId: string | null
  readonly athleteId: string | null
  readonly athleteName: string | null
  readonly before: unknown
  readonly after: unknown
}
