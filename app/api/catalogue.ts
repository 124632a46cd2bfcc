import type { StoredCatalogue } from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchCatalogue = (): Promise<StoredCatalogue> => call('/api/catalogue')
export const saveCatalogue = (what: string, stored: StoredCatalogue): Promise<StoredCatalogue> =>
  write(what, 'PUT', '/api/catalogue', stored)
