import type { Variation } from '~~/core/catalogue'
import { workInWords } from '~~/core/dose'
import { findModel, poseOf } from '~~/core/mechanics'
import type { LastTime, TrunkItem } from '~~/core/programme'
import type { AthleteInput } from '~~/shared/types'
import { reckon } from '~/words/reckon'

type Body = Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg'>

/** The moment a drill asks in the setting it is planned with; null where it has none. */
export function momentOf(variation: Variation, setting: TrunkItem['setting'], body: Body): number | null {
  const link = poseOf(variation)
  if (!link) return null
  const known = findModel(link.model)!.settings
  const moved = Object.fromEntries(
    Object.entries(setting).filter(([name, value]) => Object.hasOwn(known, name) && typeof value === 'number'),
  )
  const { result, nm } = reckon(variation, body, moved as Record<string, number>)
  return result && nm > 1 ? nm : null
}

/**
 * What a drill comes to against the week before, in words. The same drill in the same setting: by its seconds. Another
 * rung or setting: by moment x time for this body, which a longer hold of an easier rung may well win; where one of the
 * two has no moment, the seconds of both are left to the coach.
 */
export function workAgainst(
  now: { item: TrunkItem, variation: Variation, seconds: number }, last: LastTime & { variation: Variation },
  day: string, body: Body,
): string {
  const [own, before] = [momentOf(now.variation, now.item.setting, body), momentOf(last.variation, last.setting, body)]
  const sameSetting = own === before || own === null || before === null
  if (last.same && sameSetting) return workInWords(now.seconds, last.seconds, `on ${day}`)
  const other = last.same ? `${last.variation.name} as set` : last.variation.name
  if (own === null || before === null) return `on ${day} it was ${other}, ${Math.round(last.seconds)} s`
  return `${workInWords(own * now.seconds, before * last.seconds, `${other} on ${day}`)}, as moment × time`
}
