import type { Group, Me, SignInInput, Units } from '~~/shared/types'
import { call } from './call'

export const whoAmI = (): Promise<{ me: Me | null }> => call('/api/session')
export const signIn = (input: SignInInput): Promise<{ me: Me | null }> => call('/api/session', { method: 'POST', body: input })
export const signOut = (): Promise<{ me: null }> => call('/api/session', { method: 'DELETE' })
export const saveUnits = (units: Units): Promise<Units> => call('/api/session/units', { method: 'PUT', body: units })
export const fetchGroups = (): Promise<Group[]> => call('/api/groups')
export const addGroup = (group: Group): Promise<Group[]> => call('/api/groups', { method: 'POST', body: group })
export const fetchFacility = (): Promise<Record<string, number>> => call('/api/facility')
export const saveFacility = (counts: Readonly<Record<string, number>>): Promise<Record<string, number>> =>
  call('/api/facility', { method: 'PUT', body: { counts } })
