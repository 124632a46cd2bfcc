import { BODY_PLACES, drillSessions } from '../assessment'
import { kindOf, mainAction, type Variation } from '../catalogue'
import { meansOf } from '../programme'
import { admissibleSet, flagFacts, redFlags, removals, type DrillPain } from '../screening'
import { confidenceOf } from './confidence'
import type { Decision, Step } from './decision'
import { basis, type DecideRequest } from './request'
import { asStep, firstOf, givenLast } from './steps'

/**
 * What is decided of a branch whose drill hurt or may no longer be given, the gravest first: to be seen, after pain
 * twice running or under a red flag; another drill, after pain or where health takes it away; nothing where a coach has
 * left it out already. Null where nothing of the kind stands.
 *
 * @param drills of one branch, done of late
 * @example
 * stopped([], { context, prescribed: [], logs: [], season: { today: '2026-03-02', phase: null, phaseEndsOn: null, competitions: [] } }) // => null
 */
export function stopped(drills: readonly Variation[], request: DecideRequest): Decision[] | null {
  const { screen } = request.context
  const painIn = (state: DrillPain['state']) =>
    drills.flatMap(drill => (screen.pain ?? []).filter(one => one.variationId === drill.id && one.state === state)
      .map(pain => ({ drill, pain })))[0]
  const locked = painIn('locked')
  if (locked) return [toBeSeen(locked.drill, [lockedText(locked.pain)], request)]
  const red = redFlags(screen.flags)
  const [first] = drills
  if (red.length > 0 && first)
    return [toBeSeen(first, red.map(id => `${flagFacts(id).name}: nothing until it is cleared.`), request)]
  const waits = painIn('waits')
  if (waits) {
    return [{
      ...shown(waits.drill, request), kind: 'swap', others: [{ kind: 'stay', text: 'go on with it', to: null }],
      why: [`It hurt${at(waits.pain)}: another drill until you have decided.`],
    }]
  }
  for (const drill of drills) {
    const health = removals(drill, screen).filter(({ rule }) => !['equipment', 'rung', 'pain'].includes(rule))
    // What health takes away is nobody's to go on with.
    if (health.length > 0)
      return [{ ...shown(drill, request), kind: 'swap', others: [], why: health.map(({ text }) => text) }]
  }
  return painIn('leftOut') ? [] : null
}

const at = ({ place }: DrillPain): string => (place === null ? '' : `, ${BODY_PLACES[place].toLowerCase()}`)
const lockedText = (pain: DrillPain): string =>
  `Pain${pain.times > 1 ? ' twice running' : ''}${at(pain)}: locked until somebody qualified has looked.`

/** Who clears it writes a clearance down: there is no other way from here. */
const toBeSeen = (drill: Variation, why: readonly string[], request: DecideRequest): Decision =>
  ({ ...shown(drill, request), kind: 'refer', to: null, others: [], why })

function shown(variation: Variation, request: DecideRequest): Omit<Decision, 'kind' | 'why' | 'others'> {
  const { context, prescribed, logs, season: { today } } = request
  const sessions = drillSessions(variation.id, prescribed, logs.filter(log => log.day <= today))
  const from = asStep(variation, givenLast(sessions, prescribed), context)
  return {
    ...basis(variation, sessions), from, to: standIn(variation, request), waits: null, confidence: 'likely',
    doubts: confidenceOf(variation, sessions, request).doubts,
  }
}

/**
 * What may be given instead: work in the same direction, nearest in what a set is worth; on the same branch only what
 * is easier, and only where nothing else is. Null where there is none.
 */
function standIn(variation: Variation, { context }: DecideRequest): Step | null {
  const means = meansOf(context)
  const main = mainAction(variation.shares)
  if (main === null) return null
  const worth = (of: Variation): number => means.prescribed(of)?.effort.fullSets[main] ?? 0
  const wanted = worth(variation)
  const [nearest] = admissibleSet(context.screen)
    .filter(other => other.id !== variation.id && kindOf(other) === 'work')
    .filter(other => other.branch !== variation.branch || other.rung < variation.rung)
    .map(other => ({ other, same: Number(other.branch === variation.branch), worth: worth(other) }))
    .filter(one => one.worth > 0)
    .sort((a, b) => a.same - b.same || Math.abs(a.worth - wanted) - Math.abs(b.worth - wanted)
      || a.other.id.localeCompare(b.other.id))
  const given = nearest && firstOf(nearest.other, context)
  return nearest && given ? asStep(nearest.other, given, context) : null
}
