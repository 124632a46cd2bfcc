import type { SetSlot } from '~~/core/dose'
import type { PrescribedItem, SetLogInput } from '~~/shared/types'

/** What one set came to, as the athlete enters it. */
export type SetOutcome = Pick<
  SetLogInput,
  'variationId' | 'amount' | 'breakPoint' | 'setting' | 'feltAt' | 'effort' | 'painAt' | 'note' | 'quality'
>

export interface Step extends SetSlot {
  readonly item: PrescribedItem
  readonly key: string
}

/** A set that was logged, and what was asked for. */
export interface LoggedStep {
  readonly log: SetLogInput
  readonly step: Step
}
