import type { StoredCatalogue } from '~~/shared/types'
import { keptCall } from './keptCall'
import { write } from './writes'

export const fetchCatalogue = (): Promise<StoredCatalogue> => keptCall('/api/catalogue')
export const saveCatalogue = (what: string, stored: StoredCatalogue): Promise<StoredCatalogue> =>
  write(what, 'PUT', '/api/catalogue', stored)
