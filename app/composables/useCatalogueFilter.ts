import { computed, reactive, type ComputedRef } from 'vue'
import {
  ACTION_FACTS, EQUIPMENT, LADDERS, mainAction, MODES, planesOf, POSTURES, VARIATIONS, type Equipment, type Plane, type TrunkAction, type Variation,
} from '~~/core/catalogue'
import { SPORT_PROFILES, transferOf, type SportProfileId } from '~~/core/programme'

const ladderName = new Map(LADDERS.map(ladder => [ladder.id, ladder.name]))

/** Everything a coach might type to find a drill. */
const text = new Map(VARIATIONS.map(v => [v.id, [
  v.name, v.purpose, ladderName.get(v.ladder), MODES[v.mode], POSTURES[v.posture], ACTION_FACTS[mainAction(v.shares)].label,
  ...v.equipment.flat().map(e => EQUIPMENT[e]), ...v.muscles,
].join(' ').toLowerCase()]))

const sports = new Map(VARIATIONS.map(v => [v.id, new Set(transferOf(v).map(t => t.sport))]))

/** Finding drills by typing and by plane, action, posture, mode, sport and what stands in (the room). */
export function useCatalogueFilter(room: ComputedRef<ReadonlySet<Equipment>>) {
  const filter = reactive({
    words: '', plane: null as Plane | null, action: null as TrunkAction | null, posture: null as Variation['posture'] | null,
    mode: null as Variation['mode'] | null, sport: null as SportProfileId | null, inRoom: false,
  })
  const shown = computed(() => {
    const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
    return VARIATIONS.filter(v => words.every(word => text.get(v.id)!.includes(word))
      && (!filter.plane || planesOf(v.shares).includes(filter.plane))
      && (!filter.action || (v.shares[filter.action] ?? 0) >= 0.25)
      && (!filter.posture || v.posture === filter.posture)
      && (!filter.mode || v.mode === filter.mode)
      && (!filter.sport || sports.get(v.id)!.has(filter.sport))
      && (!filter.inRoom || v.equipment.every(need => need.some(e => room.value.has(e)))))
  })
  function clear(): void {
    Object.assign(filter, { words: '', plane: null, action: null, posture: null, mode: null, sport: null, inRoom: false })
  }
  return { filter, shown, clear, sportNames: SPORT_PROFILES }
}
