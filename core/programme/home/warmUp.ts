import type { Variation } from '../../catalogue'
import { isAdmissible, redFlags } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'
import type { PlannedSession } from '../week/week'

/** One line of a warm-up or cool-down: a drill of the catalogue, or words where the work is general. */
export interface RoutineLine {
  readonly text: string
  readonly variationId: string | null
}

/** General parts, slow first, then faster (common practice, no source). */
const GENERAL = [
  'Squat and reach, 6 slow', 'Side sweep, 4 a side', 'Walk-out from standing, 4',
  'Windmill, 4 a side, then all once more a little faster',
]
const CLOSING = [
  'Stretch what worked, one minute a side',
  'On the back, feet up: ten slow breaths, the breath let out by itself',
]

/** Mobility a turn or a press asks for before it is loaded. */
const TURNS = ['rotation.upper-back-roll', 'rotation.lunge-turn', 'rotation.stick-turn'] as const
const HINGES = ['posterior.hinge-bow', 'balance.hinge-toe-tap', 'posterior.bridge'] as const

/**
 * Warm-up for a session: general parts, then mobility for what the session holds, all of it open to this athlete;
 * nothing under a red flag.
 *
 * @example
 * warmUpFor({ ...session, lifts: [], items: [] }, context).length // => 5
 */
export function warmUpFor(session: PlannedSession, context: PlanningContext): RoutineLine[] {
  const screen = screenOn(context, session.day)
  if (redFlags(screen.flags).length > 0) return []
  const lifts = session.lifts.some(({ lift }) => /squat|dead|hinge|pull|swing|lunge/i.test(lift))
  const wanted = [...(lifts ? HINGES : []), ...TURNS]
  const open = wanted.flatMap((id): Variation[] => {
    const variation = screen.catalogue.find(id)
    return variation && isAdmissible(variation, screen) ? [variation] : []
  })
  const chosen = [
    open.find(v => (HINGES as readonly string[]).includes(v.id)),
    open.find(v => (TURNS as readonly string[]).includes(v.id)),
  ].filter(v => v !== undefined)
  return [
    ...GENERAL.map(text => ({ text, variationId: null })),
    ...chosen.map(v => ({ text: `${v.name}, 5 ${v.sides === 'each' ? 'a side' : 'slow'}`, variationId: v.id })),
  ]
}

/**
 * Cool-down: stretch and quiet breath.
 *
 * @example
 * coolDownFor().length // => 2
 */
export function coolDownFor(): RoutineLine[] {
  return CLOSING.map(text => ({ text, variationId: null }))
}
