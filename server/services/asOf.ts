import type { FlagId, Screen } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Truth } from './healthTruth'

/**
 * The athlete on a day as far as was known at a moment: a set that was done before a flag was raised was rightly done.
 * Clearances and age count on the day itself.
 */
export function screenAt({ athlete, catalogue }: Truth, day: string, moment: string): Screen {
  const at = new Date(moment).toISOString()
  const known = athlete.flags.filter(flag => (athlete.health.raised[flag as FlagId]?.at ?? '') <= at)
  // The day a flag was raised on is what counts for planning; here the moment has been looked at already.
  return screenOf({ ...athlete, flags: known, health: { ...athlete.health, raised: {}, pain: [] } }, day, catalogue)
}
