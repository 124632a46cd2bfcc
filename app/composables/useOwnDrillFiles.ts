import { ref } from 'vue'
import { messageOf } from '~~/shared/errors'
import { readCatalogue, writeCatalogue, type CatalogueReading } from '~/files/catalogueFile'
import { saveAsFile } from '~/files/saveAsFile'
import { useCatalogueStore } from '~/stores/catalogue'

const MOST_BYTES = 900_000

/** Drills of the organisation's own, carried in and out as files. */
export function useOwnDrillFiles() {
  const store = useCatalogueStore()
  const file = ref<{ name: string, reading: CatalogueReading } | null>(null)
  const busy = ref(false)
  const said = ref('')

  async function attempt(work: () => Promise<string>): Promise<void> {
    if (busy.value) return
    busy.value = true
    said.value = ''
    try {
      said.value = await work()
    }
    catch (error) {
      said.value = messageOf(error)
    }
    finally {
      busy.value = false
    }
  }

  async function read(chosen: File): Promise<void> {
    said.value = ''
    try {
      if (chosen.size > MOST_BYTES) throw new Error('This file is too large: 900 kB at most.')
      const kind = /\.csv$/i.test(chosen.name) ? 'csv' : 'json'
      file.value = { name: chosen.name, reading: await readCatalogue(await chosen.text(), kind, store.stored.own) }
    }
    catch (error) {
      said.value = messageOf(error)
    }
  }

  const takeIn = () => attempt(async () => {
    const { reading, name } = file.value!
    await store.change(`Drills from ${name}`, () => reading.own, () => true)
    file.value = null
    return `Taken in: ${reading.added.length} new, ${reading.changed.length} changed.`
  })

  const write = (kind: 'json' | 'csv', all: boolean) =>
    attempt(async () => {
      const text = await writeCatalogue(store.catalogue, store.stored.own, kind, all)
      const name = `keen-anchor-${all ? 'catalogue' : 'own-drills'}.${kind}`
      saveAsFile(name, text, kind === 'csv' ? 'text/csv' : 'application/json')
      return ''
    })

  return { file, busy, said, read, takeIn, write }
}
