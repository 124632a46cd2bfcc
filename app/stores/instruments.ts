import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { InstrumentCommand } from '~~/core/instruments'
import type { InstrumentEvent, InstrumentState } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as api from '~/api/instruments'

/** The instruments of this installation. */
export const useInstrumentsStore = defineStore('instruments', () => {
  const list = shallowRef<readonly InstrumentState[]>([])
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      list.value = (await api.fetchInstruments()).instruments
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  /** Watches one until the answer is called. */
  const watch = (name: string, hear: (event: InstrumentEvent) => void, lost: () => void): () => void =>
    api.watchInstrument(name, hear, lost)
  const ask = async (name: string, command: InstrumentCommand): Promise<void> => {
    await api.askInstrument(name, command)
  }

  return { list, state, problem, load, watch, ask }
})
