import { BODY_PLACES, drillSessions } from '../assessment'
import { kindOf, mainAction, type Variation } from '../catalogue'
import { meansOf } from '../programme'
import { admissibleSet, removals, type DrillPain } from '../screening'
import { confidenceOf } from './confidence'
import type { Decision, Step } from './decision'
import { basis, type DecideRequest } from './request'
import { asStep, firstOf, givenLast } from './steps'

/**
 * What is decided of a branch whose drill hurt or may no longer be given: to be seen after pain twice running, another
 * drill otherwise; nothing where a coach has left it out already. Null where nothing of the kind stands.
 *
 * @param drills of one branch, done of late
 * @example
 * stopped([], { context, prescribed: [], logs: [], season: { today: '2026-03-02', phase: null, phaseEndsOn: null, competitions: [] } }) // => null
 */
export function stopped(drills: readonly Variation[], request: DecideRequest): Decision[] | null {
  const { screen } = request.context
  for (const variation of drills) {
    const pain = (screen.pain ?? []).find(one => one.variationId === variation.id)
    if (pain?.state === 'leftOut') return []
    if (pain) return [hurting(variation, pain, request)]
    const health = removals(variation, screen).filter(({ rule }) => rule !== 'equipment' && rule !== 'rung')
    if (health.length > 0) return [{ ...shown(variation, request, 'swap'), why: health.map(({ text }) => text) }]
  }
  return null
}

function hurting(variation: Variation, { state, times, place }: DrillPain, request: DecideRequest): Decision {
  const where = place === null ? '' : `, ${BODY_PLACES[place].toLowerCase()}`
  return state === 'locked'
    ? {
      ...shown(variation, request, 'refer'), to: null,
      others: [{ kind: 'stay', text: 'was seen and cleared', to: null }],
      why: [`Pain${times > 1 ? ' twice running' : ''}${where}: locked until somebody qualified has looked.`],
    }
    : { ...shown(variation, request, 'swap'), why: [`It hurt${where}: another drill until you have decided.`] }
}

function shown(variation: Variation, request: DecideRequest, kind: 'refer' | 'swap'): Decision {
  const { context, prescribed, logs, season: { today } } = request
  const sessions = drillSessions(variation.id, prescribed, logs.filter(log => log.day <= today))
  const from = asStep(variation, givenLast(sessions, prescribed), context)
  return {
    ...basis(variation, sessions), kind, from, to: standIn(variation, request), waits: null, why: [],
    confidence: 'likely', doubts: confidenceOf(variation, sessions, request).doubts,
    others: [{ kind: 'stay', text: 'go on with it', to: null }],
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
