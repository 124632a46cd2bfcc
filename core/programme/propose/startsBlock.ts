import type { PlanningContext } from '../week/context'

/** Whether the week is the first of a block. */
export const startsBlock = ({ rules: { block } }: PlanningContext): boolean => block?.week === 1

