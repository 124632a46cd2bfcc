import {
  INSTRUMENT_KINDS, packTrace, readCuff, readHold, trustOf, USUAL_BAND, type InstrumentKind, type Sample,
} from '~~/core/instruments'
import type { TrialTrace } from '~~/shared/types'

/** What is measured. */
export interface RunPlan {
  readonly kind: Exclude<InstrumentKind, 'button'>
  /** Newtons to hold, or millimetres of mercury to keep. */
  readonly target: number
}

/** A run that is over and waits to be told what ended it. */
export interface RunResult {
  readonly plan: RunPlan
  readonly value: number
  /** In words: mean and steadiness, or the share of time in the band. */
  readonly says: string
  readonly trace: TrialTrace
  readonly cutShort: boolean
}

/** Resolution of a stored trace, in the unit of the instrument. */
const STEP = 0.1

interface Said { readonly says: string, readonly cvPercent: number | null }

function sayForce(samples: readonly Sample[], beganMs: number, endedMs: number): Said {
  const { meanN, cvPercent } = readHold(samples, beganMs, endedMs)
  const swaying = cvPercent === null ? '' : `, swaying by ${cvPercent.toFixed(1)} %`
  return { says: `${Math.round(meanN)} N on average${swaying}`, cvPercent }
}

function sayCuff(samples: readonly Sample[], targetMmHg: number, beganMs: number, endedMs: number): Said {
  const within = samples.filter(s => s.tMs >= beganMs && s.tMs <= endedMs)
  const { inside, driftPerMin } = readCuff(within, { ...USUAL_BAND, targetMmHg })
  const drifting = driftPerMin === null ? '' : `, drifting ${driftPerMin.toFixed(1)} mmHg a minute`
  return { says: `${Math.round(inside * 100)} % of the time in the band${drifting}`, cvPercent: null }
}

/** What a run comes to: its time, what it held, and how far its trace is to be trusted. */
export function resultOf(
  plan: RunPlan, samples: readonly Sample[], { beganMs, endedMs }: { beganMs: number, endedMs: number },
  cutShort: boolean,
): RunResult {
  const trust = trustOf(samples, plan.kind)
  const said = plan.kind === 'force'
    ? sayForce(samples, beganMs, endedMs)
    : sayCuff(samples, plan.target, beganMs, endedMs)
  return {
    plan, value: Math.round((endedMs - beganMs) / 100) / 10, says: said.says, cutShort,
    trace: {
      ...packTrace(samples, plan.kind, INSTRUMENT_KINDS[plan.kind].hz, STEP), reliable: trust.reliable && !cutShort,
      says: [...trust.says, ...(cutShort ? ['It was cut short.'] : [])], cvPercent: said.cvPercent,
    },
  }
}
