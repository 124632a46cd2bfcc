import { computed, reactive, type ComputedRef } from 'vue'
import {
  ACTION_FACTS, EQUIPMENT, isOwn, mainAction, MODES, planesOf, POSTURES, type Catalogue, type Equipment, type Plane,
  type TrunkAction, type Variation,
} from '~~/core/catalogue'
import { removals, type FlagId } from '~~/core/screening'
import { SPORT_PROFILES, transferOf, type SportProfileId } from '~~/core/programme'

/** Everything a coach might type to find a drill. */
function textsOf({ ladders, variations }: Catalogue): ReadonlyMap<string, string> {
  const ladderName = new Map(ladders.map(ladder => [ladder.id, ladder.name]))
  return new Map(variations.map(v => [
    v.id,
    [
      v.name, v.purpose, ladderName.get(v.ladder), MODES[v.mode], POSTURES[v.posture],
      ACTION_FACTS[mainAction(v.shares)].label, ...v.equipment.flat().map(e => EQUIPMENT[e]), ...v.muscles,
    ].join(' ').toLowerCase(),
  ]))
}

/** Whether an athlete with this flag alone could be given the drill, were everything else in order. */
function allowedUnder(flag: FlagId, variation: Variation, catalogue: Catalogue): boolean {
  const screen = { catalogue, flags: [flag], equipment: ALL_EQUIPMENT, braceStep: 7, rungs: {}, ageYears: null }
  return removals(variation, screen).every(({ rule }) => rule !== 'flag' && rule !== 'redFlag')
}
const ALL_EQUIPMENT = Object.keys(EQUIPMENT) as Equipment[]

/**
 * Finding drills in (the catalogue) by typing and by plane, action, posture, mode, sport, flag, owner and what stands
 * in (the room).
 */
export function useCatalogueFilter(catalogue: ComputedRef<Catalogue>, room: ComputedRef<ReadonlySet<Equipment>>) {
  const text = computed(() => textsOf(catalogue.value))
  const sports = computed(() =>
    new Map(catalogue.value.variations.map(v => [v.id, new Set(transferOf(v).map(t => t.sport))]))
  )
  const filter = reactive({
    words: '', plane: null as Plane | null, action: null as TrunkAction | null,
    posture: null as Variation['posture'] | null, mode: null as Variation['mode'] | null,
    sport: null as SportProfileId | null, flag: null as FlagId | null, inRoom: false, own: false,
  })
  const shown = computed(() => {
    const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
    return catalogue.value.variations.filter(v => words.every(word => text.value.get(v.id)!.includes(word))
      && (!filter.plane || planesOf(v.shares).includes(filter.plane))
      && (!filter.action || (v.shares[filter.action] ?? 0) >= 0.25)
      && (!filter.posture || v.posture === filter.posture)
      && (!filter.mode || v.mode === filter.mode)
      && (!filter.sport || sports.value.get(v.id)!.has(filter.sport))
      && (!filter.flag || allowedUnder(filter.flag, v, catalogue.value))
      && (!filter.own || isOwn(v))
      && (!filter.inRoom || v.equipment.every(need => need.some(e => room.value.has(e)))))
  })
  function clear(): void {
    Object.assign(filter, {
      words: '', plane: null, action: null, posture: null, mode: null, sport: null, flag: null, inRoom: false,
      own: false,
    })
  }
  return { filter, shown, clear, sportNames: SPORT_PROFILES }
}
