import { computed, type ComputedRef } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import { useCatalogueStore } from '~/stores/catalogue'

/** The drills this organisation chooses from: ours with its own. */
export function useCatalogue(): ComputedRef<Catalogue> {
  const store = useCatalogueStore()
  return computed(() => store.catalogue)
}
