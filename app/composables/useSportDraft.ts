import { computed, shallowRef, watch, type Ref } from 'vue'
import {
  sportOf, type FaultId, type SportEdit, type SportEdits, type SportProfileId, type SportWantId,
} from '~~/core/programme'
import type { Mode, Posture, TrunkAction } from '~~/core/catalogue'
import type { SeasonPhaseId } from '~~/core/season'
import type { PhaseId } from '~~/core/policy'

const NOTHING: SportEdit = { weights: {}, times: {}, faults: null, why: '' }

/** One sport while it is changed: what it would be, and what it was; nothing is stored by it. */
export function useSportDraft(edits: Ref<SportEdits>, id: Ref<SportProfileId>) {
  const now = computed((): SportEdit => edits.value[id.value] ?? NOTHING)
  const draft = shallowRef<SportEdit>(now.value)
  watch([now, id], () => { draft.value = now.value })
  const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(now.value))
  const ours = computed(() => sportOf(id.value))
  const sport = computed(() => sportOf(id.value, { [id.value]: draft.value }))

  /** A share in per cent; empty: ours again. */
  function setShare(action: TrunkAction, percent: number | null): void {
    const { [action]: _, ...others } = draft.value.weights
    draft.value = { ...draft.value, weights: percent === null ? others : { ...others, [action]: percent } }
  }
  function setTimes(want: SportWantId, phase: PhaseId, times: number): void {
    const all = draft.value.times
    draft.value = { ...draft.value, times: { ...all, [want]: { ...all[want], [phase]: times } } }
  }
  function toggleFault(fault: FaultId): void {
    draft.value = { ...draft.value, faults: toggled(sport.value.character.faults, fault) }
  }
  /** Puts a word at the end of a list, or takes it out. */
  const toggled = <K>(all: readonly K[], one: K): readonly K[] =>
    (all.includes(one) ? all.filter(k => k !== one) : [...all, one])
  function togglePosture(posture: Posture): void {
    draft.value = { ...draft.value, postures: toggled(sport.value.character.postures, posture) }
  }
  function toggleMode(mode: Mode): void {
    draft.value = { ...draft.value, modes: toggled(sport.value.character.modes, mode) }
  }
  function setWeeks(phase: SeasonPhaseId, weeks: number): void {
    draft.value = { ...draft.value, season: { ...sport.value.character.season, [phase]: weeks } }
  }
  const say = (why: string): void => { draft.value = { ...draft.value, why } }
  const leave = (): void => { draft.value = now.value }

  return {
    draft, changed, ours, sport, setShare, setTimes, toggleFault, togglePosture, toggleMode, setWeeks, say, leave,
  }
}
