import type {
  Beginning, FactorBegun, Founding, Group, Guardian, GuardianAnswer, Passkey, PasskeyOptions, RecordEntry,
  SessionAnswer, SignedInDevice, SignInInput, StaffChange, StaffInvitation, StaffMember, Units,
} from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { write } from './writes'

export const signIn = (input: SignInInput): Promise<SessionAnswer> =>
  call('/api/session', { method: 'POST', body: input })
export const found = (input: Founding): Promise<SessionAnswer> =>
  call('/api/founding', { method: 'POST', body: input })
export const fetchBeginning = (): Promise<Beginning> => call('/api/beginning')
export const signOut = (): Promise<SessionAnswer> => call('/api/session', { method: 'DELETE' })
export const signOutEverywhere = (): Promise<unknown> => call('/api/session/everywhere', { method: 'DELETE' })
export const fetchDevices = (): Promise<SignedInDevice[]> => call('/api/session/devices')
export const endDevice = (id: string): Promise<SignedInDevice[]> =>
  call(`/api/session/devices/${id}`, { method: 'DELETE' })
export const prepareFactor = (password: string): Promise<FactorBegun> =>
  call('/api/session/factor', { method: 'POST', body: { password } })
export const addFactor = (code: string): Promise<{ recovery: readonly string[] }> =>
  call('/api/session/factor', { method: 'PUT', body: { code } })
export const endFactor = (password: string): Promise<unknown> =>
  call('/api/session/factor/end', { method: 'POST', body: { password } })
export const fetchPasskeys = (): Promise<Passkey[]> => call('/api/session/passkeys')
export const newPasskey = (password: string): Promise<PasskeyOptions> =>
  call('/api/session/passkeys/options', { method: 'POST', body: { password } })
export const addPasskey = (name: string, response: object): Promise<Passkey[]> =>
  call('/api/session/passkeys', { method: 'POST', body: { name, response } })
export const endPasskey = (id: string): Promise<Passkey[]> =>
  call(`/api/session/passkeys/${id}`, { method: 'DELETE' })
export const askForPasskey = (): Promise<PasskeyOptions> => call('/api/passkey/options', { method: 'POST', body: {} })
export const signInByPasskey = (response: object, ownDevice: boolean): Promise<SessionAnswer> =>
  call('/api/passkey', { method: 'POST', body: { response, ...ownDevice ? { ownDevice } : {} } })
export const changePassword = (password: string, next: string): Promise<SessionAnswer> =>
  call('/api/session/password', { method: 'PUT', body: { password, next } })
export const askForReset = (email: string): Promise<unknown> => call('/api/reset', { method: 'POST', body: { email } })
export const useLink = (token: string, next: string): Promise<SessionAnswer> =>
  call('/api/link', { method: 'POST', body: { token, next } })
export const saveUnits = (units: Units): Promise<Units> => write('Units', 'PUT', '/api/session/units', units)
export const fetchGroups = (): Promise<Group[]> => keptCall('/api/groups')
export const addGroup = (group: Group): Promise<Group[]> => write(`Group ${group.name}`, 'POST', '/api/groups', group)
export const fetchGuardian = (athleteId: string): Promise<GuardianAnswer> =>
  call(`/api/athletes/${athleteId}/guardian`)
export const saveGuardian = (athleteId: string, guardian: Guardian): Promise<GuardianAnswer> =>
  write('A guardian', 'PUT', `/api/athletes/${athleteId}/guardian`, guardian)
export const fetchStaff = (): Promise<StaffMember[]> => call('/api/staff')
export const inviteStaff = (invitation: StaffInvitation): Promise<StaffMember[]> =>
  write(`Invitation of ${invitation.name}`, 'POST', '/api/staff', invitation)
export const changeStaff = (id: string, change: StaffChange): Promise<StaffMember[]> =>
  write('Staff', 'PUT', `/api/staff/${id}`, change)
export const eraseStaff = (id: string, name: string): Promise<StaffMember[]> =>
  write('Erasing somebody who left', 'DELETE', `/api/staff/${id}`, { name })
export const fetchRecord = (query: Readonly<Record<string, string>>): Promise<RecordEntry[]> =>
  call(`/api/record?${new URLSearchParams(query).toString()}`)
