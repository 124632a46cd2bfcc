import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { catalogueWith, EMPTY_OWN, type OwnCatalogue } from '~~/core/catalogue'
import { storedFirst } from '~~/shared/errors'
import type { StoredCatalogue } from '~~/shared/types'
import * as api from '~/api/catalogue'
import { reading } from './parts/reading'

/** The drills an organisation chooses from. */
export const useCatalogueStore = defineStore('catalogue', () => {
  const stored = shallowRef<StoredCatalogue>({ version: 0, own: EMPTY_OWN })
  const catalogue = computed(() => catalogueWith(stored.value.own))
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    stored.value = await api.fetchCatalogue()
  })

  /**
   * Stores a change of the own entries. When somebody else stored first, the change is made to theirs, unless `clashes`
   * says that both touched the same thing: then theirs is shown and nothing is stored.
   */
  async function change(
    what: string, edit: (own: OwnCatalogue) => OwnCatalogue,
    clashes: (before: OwnCatalogue, theirs: OwnCatalogue) => boolean = () => false,
  ): Promise<void> {
    const { version, own } = stored.value
    try {
      stored.value = await api.saveCatalogue(what, { version, own: edit(own) })
    }
    catch (error) {
      const theirs = storedFirst<StoredCatalogue>(error)
      if (!theirs) throw error
      stored.value = theirs
      if (clashes(own, theirs.own)) throw error
      stored.value = await api.saveCatalogue(what, { version: theirs.version, own: edit(theirs.own) })
    }
  }

  return { stored, catalogue, state, problem, again, load, change }
})
