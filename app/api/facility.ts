import type { Facility } from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchFacility = (): Promise<Facility> => call('/api/facility')
export const saveFacility = (facility: Facility): Promise<Facility> =>
  write('Equipment counts', 'PUT', '/api/facility', facility)
