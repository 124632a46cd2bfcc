import { computed, ref, watch, type Ref } from 'vue'
import { USUAL_BAND, type InstrumentKind } from '~~/core/instruments'

const RANGES = {
  cuff: { least: 10, most: 150, problem: 'From 10 to 150 mmHg.' },
  force: { least: 5, most: 2000, problem: 'From 5 to 2000 N.' },
} as const

/** What is aimed at on an instrument, from (what was typed, its kind): the number, what is wrong with it, its band. */
export function useTarget(typed: Ref<string>, kind: Ref<Exclude<InstrumentKind, 'button'> | null>) {
  const range = computed(() => RANGES[kind.value === 'cuff' ? 'cuff' : 'force'])
  const target = computed(() => Number(typed.value.trim().replace(',', '.')))
  const targetProblem = computed(() => {
    const { least, most, problem } = range.value
    return target.value >= least && target.value <= most ? undefined : problem
  })
  /** The last target that could be: nonsense typed leaves the picture as it was. */
  const lastGood = ref(90)
  watch([target, targetProblem], () => { if (!targetProblem.value) lastGood.value = target.value }, { immediate: true })
  const band = computed((): readonly [number, number] => (kind.value === 'cuff'
    ? [lastGood.value - USUAL_BAND.toleranceMmHg, lastGood.value + USUAL_BAND.toleranceMmHg]
    : [lastGood.value * 0.8, lastGood.value * 1.1])
  )
  return { target, targetProblem, band }
}
