import { ref, type Ref } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import { messageOf, storedFirst } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import { useAthleteStore } from '~/stores/athlete'
import { useRosterStore } from '~/stores/roster'
import type { BenchRung } from '~/words/reckon'

/** Puts the athlete on (the rung that is looked at), unless they stand there or may not. */
export function usePutOnRung(live: Ref<BenchRung>, catalogue: () => Catalogue, isPresent: () => boolean) {
  const store = useAthleteStore()
  const roster = useRosterStore()
  const said = ref('')
  const busy = ref(false)

  async function put(): Promise<void> {
    if (busy.value || !store.athlete || isPresent() || live.value.removed.length > 0) return
    busy.value = true
    said.value = ''
    try {
      const { name } = live.value.variation
      store.athlete = await roster.placeOn(store.athlete, live.value.variation.id, catalogue())
      said.value = `Stored: ${store.athlete.name} stands on ${name.toLowerCase()}.`
    }
    catch (error) {
      const current = storedFirst<Athlete>(error)
      if (current) store.athlete = current
      said.value = current
        ? `${messageOf(error)} This is where they stand now: put them again if it still holds.`
        : messageOf(error)
    }
    finally {
      busy.value = false
    }
  }

  return { put, said, busy }
}
