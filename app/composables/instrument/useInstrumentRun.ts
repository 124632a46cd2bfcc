import { computed, onMounted, ref, shallowRef } from 'vue'
import {
  advanceHold, cuffEnd, HOLD_WAITS, holdRule, USUAL_BAND, type HoldState, type Sample,
} from '~~/core/instruments'
import { forget, keep, kept } from '~/device/kept'
import { resultOf, type RunPlan, type RunResult } from './runResult'

interface KeptRun {
  readonly plan: RunPlan
  readonly samples: readonly Sample[]
  readonly hold: HoldState
  readonly result: RunResult | null
  readonly about: unknown
}
const KEY = 'instrumentRun'
/** Samples before the hold that are kept in sight, ms. */
const LEAD_MS = 1500
const KEEP_EACH_MS = 500

/** How far the hold has come with fresh samples: a force by its threshold, a cuff from the first sample on. */
function held(
  plan: RunPlan, before: HoldState, fresh: readonly Sample[], all: readonly Sample[],
): HoldState {
  if (plan.kind === 'force') {
    const rule = holdRule(plan.target)
    return fresh.reduce((state, sample) => advanceHold(state, sample, rule), before)
  }
  const [first] = fresh
  const now: HoldState = before.phase === 'waiting' && first
    ? { phase: 'holding', beganMs: first.tMs, endedMs: null, crossedMs: null }
    : before
  const endedMs = now.phase === 'holding' ? cuffEnd(all, { ...USUAL_BAND, targetMmHg: plan.target }) : null
  return endedMs === null ? now : { ...now, phase: 'ended', endedMs }
}

/**
 * A run on an instrument: waits for the hold, times it by itself, and keeps all of it on the device as it goes, so that
 * neither a reload nor an instrument that goes away loses what was measured.
 */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useInstrumentRun(about: () => unknown) {
  const plan = shallowRef<RunPlan | null>(null)
  const samples = shallowRef<readonly Sample[]>([])
  const hold = shallowRef<HoldState>(HOLD_WAITS)
  const result = shallowRef<RunResult | null>(null)
  const restored = shallowRef<unknown>(null)
  const keptAt = ref(-Infinity)

  function save(): void {
    if (!plan.value) forget(KEY)
    else keep(
        KEY,
        {
          plan: plan.value, samples: samples.value, hold: hold.value, result: result.value, about: about(),
        } satisfies KeptRun,
      )
  }
  onMounted(() => {
    const before = kept<KeptRun>(KEY)
    if (!before) return
    ;[plan.value, samples.value, hold.value, result.value, restored.value] = [
      before.plan, before.samples, before.hold, before.result, before.about,
    ]
    // The page was closed in the middle: what was measured until then is the result, and says so.
    if (!result.value && hold.value.phase === 'holding') finish(true)
    else if (!result.value) cancel()
  })

  function begin(next: RunPlan): void {
    // Another instrument's clock may be far behind.
    keptAt.value = -Infinity
    clear(next)
  }
  const cancel = (): void => { clear(null) }
  function clear(next: RunPlan | null): void {
    plan.value = next
    samples.value = []
    hold.value = HOLD_WAITS
    result.value = null
    save()
  }

  /** Takes fresh samples in; ends the run when the hold ends. */
  function take(fresh: readonly Sample[]): void {
    const { value: now } = plan
    const last = fresh.at(-1)
    if (!now || result.value || !last) return
    samples.value = [...samples.value, ...fresh]
    hold.value = held(now, hold.value, fresh, samples.value)
    if (hold.value.phase === 'waiting') samples.value = samples.value.filter(s => s.tMs >= last.tMs - LEAD_MS)
    if (hold.value.phase === 'ended') finish(false)
    else if (last.tMs - keptAt.value > KEEP_EACH_MS) {
      keptAt.value = last.tMs
      save()
    }
  }

  /** Ends the run here: by hand, or because the instrument went away. */
  function finish(cutShort: boolean): void {
    const { value: now } = plan
    const beganMs = hold.value.beganMs
    if (!now || result.value || beganMs === null || samples.value.length === 0) return
    const endedMs = hold.value.endedMs ?? samples.value.at(-1)!.tMs
    hold.value = { ...hold.value, phase: 'ended', endedMs }
    result.value = resultOf(now, samples.value, { beganMs, endedMs }, cutShort)
    save()
  }
  const phase = computed((): 'done' | 'idle' | 'holding' | 'waiting' => {
    if (result.value) return 'done'
    if (!plan.value) return 'idle'
    return hold.value.phase === 'holding' ? 'holding' : 'waiting'
  })
  const elapsedS = computed(() => {
    const { beganMs, endedMs } = hold.value
    return beganMs === null ? 0 : ((endedMs ?? samples.value.at(-1)?.tMs ?? beganMs) - beganMs) / 1000
  })
  return { plan, samples, hold, result, restored, phase, elapsedS, begin, cancel, take, finish }
}
