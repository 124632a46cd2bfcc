import { computed, onMounted, ref, shallowRef } from 'vue'
import {
  advanceHold, cuffEnd, HOLD_WAITS, holdRule, INSTRUMENT_KINDS, packTrace, readCuff, readHold, trustOf, USUAL_BAND,
  type HoldState, type InstrumentKind,
  type Sample,
} from '~~/core/instruments'
import type { TrialTrace } from '~~/shared/types'
import { forget, keep, kept } from '~/device/kept'

/** What is measured. */
export interface RunPlan {
  readonly kind: Exclude<InstrumentKind, 'button'>
  /** Newtons to hold, or millimetres of mercury to keep. */
  readonly target: number
}

/** A run that is over and waits to be told what ended it. */
interface RunResult {
  readonly plan: RunPlan
  readonly value: number
  /** In words: mean and steadiness, or the share of time in the band. */
  readonly says: string
  readonly trace: TrialTrace
  readonly cutShort: boolean
}

interface KeptRun {
  readonly plan: RunPlan
  readonly samples: readonly Sample[]
  readonly hold: HoldState
  readonly result: RunResult | null
  readonly about: unknown
}
const KEY = 'instrumentRun'
/** Resolution of a stored trace, in the unit of the instrument. */
const STEP = 0.1
/** Samples before the hold that are kept in sight, ms. */
const LEAD_MS = 1500
const KEEP_EACH_MS = 500

/**
 * A run on an instrument: waits for the hold, times it by itself, and keeps all of it on the device as it goes, so that
 * neither a reload nor an instrument that goes away loses what was measured.
 */
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
    plan.value = next
    samples.value = []
    hold.value = HOLD_WAITS
    result.value = null
    // Another instrument's clock may be far behind.
    keptAt.value = -Infinity
    save()
  }
  function cancel(): void {
    plan.value = null
    samples.value = []
    hold.value = HOLD_WAITS
    result.value = null
    save()
  }

  /** Takes fresh samples in; ends the run when the hold ends. */
  function take(fresh: readonly Sample[]): void {
    const { value: now } = plan
    if (!now || result.value) return
    if (now.kind === 'force') {
      const rule = holdRule(now.target)
      hold.value = fresh.reduce((state, sample) => advanceHold(state, sample, rule), hold.value)
    }
    else if (hold.value.phase === 'waiting' && fresh[0])
      hold.value = { phase: 'holding', beganMs: fresh[0].tMs, endedMs: null, crossedMs: null }
    samples.value = [...samples.value, ...fresh]
    if (hold.value.phase === 'waiting') samples.value = samples.value.filter(s => s.tMs >= fresh.at(-1)!.tMs - LEAD_MS)
    if (now.kind === 'cuff' && hold.value.phase === 'holding') {
      const endedMs = cuffEnd(samples.value, { ...USUAL_BAND, targetMmHg: now.target })
      if (endedMs !== null) hold.value = { ...hold.value, phase: 'ended', endedMs }
    }
    if (hold.value.phase === 'ended') finish(false)
    else if (fresh.at(-1)!.tMs - keptAt.value > KEEP_EACH_MS) {
      keptAt.value = fresh.at(-1)!.tMs
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
    const trust = trustOf(samples.value, now.kind)
    const { hz } = INSTRUMENT_KINDS[now.kind]
    const said = now.kind === 'force' ? sayForce(beganMs, endedMs) : sayCuff(now.target, beganMs, endedMs)
    const says = [...trust.says, ...(cutShort ? ['It was cut short.'] : [])]
    result.value = {
      plan: now, value: Math.round((endedMs - beganMs) / 100) / 10, says: said.says, cutShort,
      trace: {
        ...packTrace(samples.value, now.kind, hz, STEP), reliable: trust.reliable && !cutShort, says,
        cvPercent: said.cvPercent,
      },
    }
    save()
  }
  function sayForce(beganMs: number, endedMs: number): { says: string, cvPercent: number | null } {
    const { meanN, cvPercent } = readHold(samples.value, beganMs, endedMs)
    return {
      says: `${Math.round(meanN)} N on average${cvPercent === null ? '' : `, swaying by ${cvPercent.toFixed(1)} %`}`,
      cvPercent,
    }
  }
  function sayCuff(target: number, beganMs: number, endedMs: number): { says: string, cvPercent: null } {
    const { inside, driftPerMin } = readCuff(samples.value.filter(s => s.tMs >= beganMs && s.tMs <= endedMs), {
      ...USUAL_BAND, targetMmHg: target,
    })
    return {
      says: `${Math.round(inside * 100)} % of the time in the band${
        driftPerMin === null ? '' : `, drifting ${driftPerMin.toFixed(1)} mmHg a minute`
      }`,
      cvPercent: null,
    }
  }

  const phase = computed(
    () => (result.value
      ? 'done' as const
      : !plan.value
      ? 'idle' as const
      : hold.value.phase === 'holding'
      ? 'holding' as const
      : 'waiting' as const)
  )
  const elapsedS = computed(
    () => (hold.value.beganMs === null
      ? 0
      : ((hold.value.endedMs ?? samples.value.at(-1)?.tMs ?? hold.value.beganMs) - hold.value.beganMs) / 1000)
  )
  return { plan, samples, hold, result, restored, phase, elapsedS, begin, cancel, take, finish }
}
