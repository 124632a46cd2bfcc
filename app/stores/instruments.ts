import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { InstrumentCommand } from '~~/core/instruments'
import type { InstrumentEvent, InstrumentState } from '~~/shared/types'
import * as api from '~/api/instruments'
import { reading } from './parts/reading'

/** The instruments of this installation. */
export const useInstrumentsStore = defineStore('instruments', () => {
  const list = shallowRef<readonly InstrumentState[]>([])
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    list.value = (await api.fetchInstruments()).instruments
  })

  /** Watches one until the answer is called. */
  const watch = (name: string, hear: (event: InstrumentEvent) => void, lost: () => void): () => void =>
    api.watchInstrument(name, hear, lost)
  const ask = async (name: string, command: InstrumentCommand): Promise<void> => {
    await api.askInstrument(name, command)
  }

  return { list, state, problem, again, load, watch, ask }
})
