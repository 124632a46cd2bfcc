import { describe, expect, it } from 'vitest'
import { addDays } from '~~/core/calendar'
import { CAPACITY_IDS, capacitiesOf, knownTrunk } from '~~/core/capacity'
import { STANDARD } from '~~/core/catalogue'
import { must } from '~~/core/errors'
import { proposeWeek } from '~~/core/programme'
import { planningContext } from '~~/shared/planningContext'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { PrescribedItem, StoredSetLog } from '~~/shared/types'
import { chance, larkholm, simulateSets, simulateTests } from '.'
import type { DemoAthlete } from './centre'
import { heldOn } from './hiddenTrunk'

const [MONDAY, WEEKS] = ['2026-03-02', 6]
const BRIEF = { steps: 500, restarts: 1, preferenceSteps: 200 }

/** In how many weeks of the demo's past each measured capacity held what the trunk really held, and of how many. */
function pastOf(athlete: DemoAthlete): { inside: number, all: number } {
  const [luck, trunk] = [chance(11), trunkOf(athlete.input, MONDAY)]
  const trials = simulateTests(luck, athlete, MONDAY)
  const logs: StoredSetLog[] = []
  let [inside, all] = [0, 0]
  for (let week = -WEEKS; week <= 0; week++) {
    const startsOn = addDays(MONDAY, 7 * week)
    const evidence = trunkEvidence(trials.filter(one => one.day < startsOn), logs, athlete.input.stands)
    const [known, held] = [capacitiesOf(trunk, evidence, STANDARD, startsOn), heldOn(athlete.hidden, startsOn)]
    for (const id of CAPACITY_IDS.filter(one => known[one].measured)) {
      all += 1
      if (known[id].low <= held[id] && held[id] <= known[id].high) inside += 1
    }
    const context = {
      ...planningContext(athlete.input, startsOn, [], STANDARD),
      trunk: knownTrunk(trunk, evidence, STANDARD, startsOn),
    }
    for (const { day, minutes, lifts, items } of proposeWeek({ context, sessions: athlete.sessions }, {
      budget: BRIEF,
    }).plan.sessions) {
      const read = items.map(item =>
        ({ ...item, sides: must(STANDARD.find(item.variationId)).sides }) as unknown as PrescribedItem)
      const session = { id: `${startsOn}/${day}`, day: addDays(startsOn, day), minutes, lifts, items: read }
      logs.push(...simulateSets(luck, athlete, session))
    }
  }
  return { inside, all }
}

describe('what is believed of the demo’s trunks', () => {
  const athletes = larkholm(MONDAY).athletes.filter(one => ['Bram Lough', 'Yarin Cove', 'Sirke Holm']
    .includes(one.input.name))

  it.each(athletes.map(one => [one.input.name, one] as const))(
    'holds what %s’s really holds in four weeks of five', (_, athlete) => {
      const { inside, all } = pastOf(athlete)
      expect(all).toBeGreaterThan(15)
      expect(inside / all).toBeGreaterThanOrEqual(0.8)
    }, 60_000,
  )
})
