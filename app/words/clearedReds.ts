import { effectiveMarks, FLAGS, type Clearance, type FlagId, type HealthMark, type Raised } from '~~/core/screening'

/** Red flags that are there and cleared on a day: a screening asks about them anew. */
export function clearedReds(
  flags: readonly HealthMark[], clearances: readonly Clearance[], raised: Raised, today: string,
): FlagId[] {
  const standing = effectiveMarks(flags, clearances, today, raised)
  return flags.filter((flag): flag is FlagId =>
    flag in FLAGS && FLAGS[flag as FlagId].kind === 'red' && !standing.includes(flag)
  )
}
