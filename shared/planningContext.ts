import { addDays, daysBetween } from '~~/core/calendar'
import { strangerTrunk } from '~~/core/capacity'
import { rungsOf, type Catalogue } from '~~/core/catalogue'
import { USUAL_RULES, weekRules } from '~~/core/policy'
import type { PlanningContext } from '~~/core/programme'
import { effectiveMarks, type Clearance, type Screen } from '~~/core/screening'
import { ageOn, trunkOf } from './trunkOf'
import type { AthleteHealth, AthleteInput, Competition, Settled } from './types'

/** An athlete with what clinicians have lifted, where that is known. */
type Screened = AthleteInput & { readonly clearances?: readonly Clearance[], readonly health?: AthleteHealth }

/** What screening asks about an athlete, on a day that settles the age. */
export function screenOf(athlete: Screened, day: string, catalogue: Catalogue): Screen {
  return {
    catalogue,
    flags: effectiveMarks(athlete.flags, athlete.clearances ?? [], day, athlete.health?.raised),
    equipment: athlete.equipment,
    braceStep: athlete.braceStep,
    rungs: rungsOf(athlete.stands, catalogue),
    ageYears: ageOn(athlete.birthYear, day),
    massKg: athlete.massKg,
    pain: (athlete.health?.pain ?? []).filter(one => one.day <= day),
    left: athlete.health?.left ?? null,
  }
}

const NOTHING_SETTLED = { sports: {}, progress: {}, decided: {}, weights: {}, bestLately: null, trunk: null } as const

/** Everything one athlete's week is planned from: the same on the server and in the browser. */
export function planningContext(
  athlete: Screened, startsOn: string, competitions: readonly Competition[], catalogue: Catalogue,
  settled: Settled | null = null,
): PlanningContext {
  const { sports, progress, decided, weights, bestLately, trunk } = settled ?? NOTHING_SETTLED
  return {
    sports, progress, decided, weights, bestLately,
    trunk: trunk ?? strangerTrunk(trunkOf(athlete, startsOn), catalogue),
    screen: screenOf(athlete, startsOn, catalogue),
    screens: Array.from({ length: 7 }, (_, day) => screenOf(athlete, addDays(startsOn, day), catalogue)),
    sport: athlete.sport,
    trainingAgeYears: athlete.trainingAgeYears,
    weakLink: athlete.weakLink,
    weakSide: athlete.weakSide,
    position: athlete.position,
    goal: { variationId: athlete.goalVariationId, lift: athlete.goalLift },
    rules: settled ? weekRules(settled.layers, startsOn, settled.season?.block ?? null) : USUAL_RULES,
    // On a weekday that is none of the squad's the season has no say: an athlete may have time of their own.
    seasonDays: settled?.season?.days.map(({ kind, rule }) => (rule === 'weekday' ? null : kind)) ?? null,
    competitionDays: competitions.map(({ day }) => daysBetween(startsOn, day)).filter(d => d >= -1 && d <= 8),
  }
}
