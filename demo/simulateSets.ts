import type { BodyPlace, BreakPoint } from '~~/core/assessment'
import { findVariation, mainFacts, type Variation } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import { must } from '~~/core/errors'
import type { PrescribedItem, PrescribedSession, StoredSetLog } from '~~/shared/types'
import type { DemoAthlete } from './centre'
import { heldOn, trueEffort } from './hiddenTrunk'
import type { Chance } from './random'

const FELT: readonly BodyPlace[] = ['abdomen', 'sides', 'glutes', 'shoulders', 'lowBack']
/** What a further set of a drill costs on top, and how well somebody says how hard it was, of the logarithm. */
const [TIRED, SAID] = [0.04, 0.1]
/** A drill whose moment nobody computes goes about so far. */
const USUAL_WAY = 0.6

/**
 * Sets of a past session as they might have gone: most are done, each goes as far towards the limit as the trunk that
 * the athlete really has lets it, and is felt about as hard.
 */
export function simulateSets(luck: Chance, athlete: DemoAthlete, session: PrescribedSession): StoredSetLog[] {
  if (luck.yes(0.08)) return []
  return session.items.flatMap((item) => {
    if (luck.yes(0.06)) return []
    const sides: (Side | null)[] = item.sides === 'each' ? ['left', 'right'] : [null]
    const logs: StoredSetLog[] = []
    for (const side of sides) {
      const sets = item.dose.sets + (side !== null && side === item.extraSetSide ? 1 : 0)
      for (let n = 1; n <= sets; n++) logs.push(oneSet(luck, athlete, session.day, item, side, n, logs.length))
    }
    return logs
  })
}

function oneSet(
  luck: Chance, athlete: DemoAthlete, day: string, item: PrescribedItem, side: Side | null, setNumber: number,
  order: number,
): StoredSetLog {
  const variation = must(findVariation(item.variationId))
  const { dose, setting } = item
  const held = heldOn(athlete.hidden, day)
  const way = (trueEffort(athlete.input, held, variation, dose, setting, side) ?? USUAL_WAY)
    * (1 + TIRED * (setNumber - 1))
  const other = otherEnd(luck, variation)
  const part = other ? 0.7 + 0.25 * luck.next() : Math.min(1, 1 / way)
  const breakPoint = other ?? (way > 1 ? endOfTrunk(luck, variation) : 'none')
  return {
    id: luck.key(), athleteId: athlete.id, prescribedItemId: item.id, day,
    performedAt: new Date(Date.parse(`${day}T16:00:00Z`) + order * 60_000).toISOString(),
    variationId: item.variationId, setNumber, side, amount: Math.max(1, Math.round(dose.amount * part)),
    unit: dose.unit, tempo: dose.tempo ?? null, breakPoint, setting, feltAt: [luck.pick(FELT)],
    effort: Math.min(10, Math.max(1, Math.round(10 * Math.min(1, way) * Math.exp(SAID * 2 * (luck.next() - 0.5))))),
    painAt: null, note: '',
  }
}

/** How hard the session was as a whole, as somebody says it who did these sets; its lifts make it harder. */
export function simulateEffort(luck: Chance, sets: readonly StoredSetLog[], lifts: number): number {
  const told = sets.flatMap(({ effort }) => (effort === null ? [] : [effort]))
  const mean = told.reduce((sum, effort) => sum + effort, 0) / Math.max(1, told.length)
  return Math.min(10, Math.max(1, Math.round(mean + (lifts > 0 ? 1 : -1) + 2 * (luck.next() - 0.5))))
}

/** Now and then something else gives out first. */
function otherEnd(luck: Chance, { ladder, posture }: Variation): BreakPoint | null {
  if (!luck.yes(0.04)) return null
  if (ladder === 'carries') return 'grip'
  return luck.pick(posture === 'hanging' ? ['grip', 'hipFlexors'] as const : ['shoulder', 'breath'] as const)
}

function endOfTrunk(luck: Chance, { shares }: Variation): BreakPoint {
  return mainFacts(shares)?.plane === 'transverse' ? 'hipsTurned' : luck.pick(['trunk', 'lowBack'] as const)
}
