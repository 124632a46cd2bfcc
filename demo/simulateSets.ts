import type { BodyPlace, BreakPoint } from '~~/core/assessment'
import { mainAction, findVariation, type SettingValues } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { AthleteInput, PrescribedItem, PrescribedSession, StoredSetLog } from '~~/shared/types'
import type { Chance } from './random'

const BREAKS: readonly BreakPoint[] = ['trunk', 'lowBack', 'hipsTurned', 'shoulder', 'hipFlexors', 'breath']
const FELT: readonly BodyPlace[] = ['abdomen', 'sides', 'glutes', 'shoulders', 'lowBack']

/** Sets of a past session as they might have gone: most done, some broken off, the weaker side a little less. */
export function simulateSets(
  luck: Chance, athlete: { id: string, input: AthleteInput }, session: PrescribedSession,
): StoredSetLog[] {
  if (luck.yes(0.08)) return []
  return session.items.flatMap((item) => {
    if (luck.yes(0.06)) return []
    const sides: (Side | null)[] = item.sides === 'each' ? ['left', 'right'] : [null]
    const setting = settingFor(luck, item, athlete.input.massKg)
    const logs: StoredSetLog[] = []
    for (const side of sides) {
      const sets = item.dose.sets + (side !== null && side === item.extraSetSide ? 1 : 0)
      for (let n = 1; n <= sets; n++) logs.push(oneSet(luck, athlete, session.day, item, side, n, setting, logs.length))
    }
    return logs
  })
}

function oneSet(
  luck: Chance, athlete: { id: string, input: AthleteInput }, day: string, item: PrescribedItem, side: Side | null,
  setNumber: number, setting: SettingValues, order: number,
): StoredSetLog {
  const variation = findVariation(item.variationId)!
  const weak = side !== null && side === athlete.input.weakSide
    && mainAction(variation.shares) === athlete.input.weakLink
  const broke = luck.yes(weak ? 0.45 : 0.14)
  const share = broke ? 0.65 + 0.25 * luck.next() : 1
  const breakPoint = broke ? luck.pick(BREAKS) : 'none'
  return {
    id: luck.key(),
    athleteId: athlete.id,
    prescribedItemId: item.id,
    day,
    performedAt: new Date(Date.parse(`${day}T16:00:00Z`) + order * 60_000).toISOString(),
    variationId: item.variationId,
    setNumber,
    side,
    amount: Math.max(1, Math.round(item.dose.amount * share)),
    unit: item.dose.unit,
    tempo: item.dose.tempo ?? null,
    breakPoint,
    setting,
    feltAt: [luck.pick(FELT)],
    effort: luck.between(5, broke ? 9 : 8),
    painAt: null,
    note: '',
  }
}

function settingFor(luck: Chance, item: PrescribedItem, massKg: number): SettingValues {
  const setting: SettingValues = {}
  for (const asked of item.settingsAsked) {
    if (asked === 'loadKg') setting.loadKg = Math.round((massKg * (0.1 + 0.15 * luck.next())) / 2) * 2
    if (asked === 'bandN') setting.bandN = luck.between(6, 11) * 10
    if (asked === 'distanceCm') setting.distanceCm = luck.between(4, 9) * 10
    if (asked === 'heightCm') setting.heightCm = 45
  }
  return setting
}
