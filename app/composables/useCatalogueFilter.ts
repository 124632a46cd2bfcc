import { computed, reactive, type ComputedRef } from 'vue'
import {
  EQUIPMENT, isOwn, mainLabel, MODES, planesOf, POSTURES, type Catalogue, type Equipment, type Plane,
  type TrunkAction, type Variation,
} from '~~/core/catalogue'
import { removals, type FlagId } from '~~/core/screening'
import { transferOf, type SportProfileId } from '~~/core/programme'

/** What is asked of a drill; null and false ask nothing. */
export interface DrillFilter {
  words: string
  plane: Plane | null
  action: TrunkAction | null
  posture: Variation['posture'] | null
  mode: Variation['mode'] | null
  sport: SportProfileId | null
  flag: FlagId | null
  inRoom: boolean
  own: boolean
}
const NOTHING_ASKED: Readonly<DrillFilter> = {
  words: '', plane: null, action: null, posture: null, mode: null, sport: null, flag: null, inRoom: false, own: false,
}

/** Everything a coach might type to find a drill. */
function textsOf({ ladders, variations }: Catalogue): ReadonlyMap<string, string> {
  const ladderName = new Map(ladders.map(ladder => [ladder.id, ladder.name]))
  return new Map(variations.map(v => [
    v.id,
    [
      v.name, v.purpose, ladderName.get(v.ladder), MODES[v.mode], POSTURES[v.posture],
      mainLabel(v), ...v.equipment.flat().map(e => EQUIPMENT[e]), ...v.muscles,
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
  const filter = reactive<DrillFilter>({ ...NOTHING_ASKED })
  type Asked = (drill: Variation) => boolean
  /** What is asked of a drill: nothing where a filter is not set. */
  const asked = computed((): Asked[] => {
    const { plane, action, posture, mode, sport, flag, own, inRoom } = filter
    const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
    const when = <T>(set: T | null | false, ask: (value: T) => Asked): Asked[] =>
      (set === null || set === false ? [] : [ask(set)])
    return [
      v => words.every(word => text.value.get(v.id)?.includes(word)),
      ...when(plane, p => v => planesOf(v.shares).includes(p)),
      ...when(action, a => v => (v.shares[a] ?? 0) >= 0.25),
      ...when(posture, p => v => v.posture === p),
      ...when(mode, m => v => v.mode === m),
      ...when(sport, s => v => sports.value.get(v.id)?.has(s) ?? false),
      ...when(flag, f => v => allowedUnder(f, v, catalogue.value)),
      ...when(own, () => isOwn),
      ...when(inRoom, () => v => v.equipment.every(need => need.some(e => room.value.has(e)))),
    ]
  })
  const shown = computed(() => catalogue.value.variations.filter(v => asked.value.every(ask => ask(v))))
  function clear(): void {
    Object.assign(filter, NOTHING_ASKED)
  }
  return { filter, shown, clear }
}
