import { DEFAULTS, liftDose, type WeekInstance } from '../instance'
import { sum, type Placed } from './placed'

/** One thing that is wanted and not wholly there. */
export interface Relaxation {
  readonly want: 'short' | 'over' | 'plane' | 'keep' | 'resisting'
  /** Action or plane. */
  readonly of: string
  readonly by: number
  readonly cost: number
}

function wanting(want: Relaxation['want'], of: string, by: number, weight: number): Relaxation[] {
  return by > 1e-9 ? [{ want, of, by, cost: by * weight }] : []
}

/** Everything that a plan leaves wanting, and what it gives of each action, lifts counted. */
export function wantsOf(
  instance: WeekInstance, items: readonly Placed[],
): { readonly doses: Readonly<Record<string, number>>, readonly relaxations: readonly Relaxation[] } {
  const { penalties = {}, planes, sessions, actions, bands, previous = [], keep = 0 } = instance
  const given = actions.map(action => ({
    action, lifts: liftDose(instance, action),
    drills: sum(items, i => i.dose.demand[action] ?? 0),
  }))
  const used = new Set(items.map(i => i.variation.id))
  const resists = instance.resisting && new Set(instance.resisting)
  const lead = resists
    ? sum(given, ({ action, lifts, drills }) => (resists.has(action) ? 1 : -1) * (lifts + drills))
    : 0
  return {
    doses: Object.fromEntries(given.map(({ action, lifts, drills }) => [action, lifts + drills])),
    relaxations: [
      ...given.flatMap(({ action, lifts, drills }) => {
        const band = bands[action]
        if (!band) return []
        return [
          ...wanting('short', action, band.low - lifts - drills, band.weight ?? DEFAULTS.weight),
          // What lifts alone do past the band is not the drills' fault.
          ...wanting('over', action, drills - Math.max(0, band.high - lifts), band.over ?? DEFAULTS.over),
        ]
      }),
      ...Object.entries(planes ?? {}).flatMap(([plane, times]) => {
        const met = sessions.filter(s => items.some(i => i.session === s && i.variation.planes.includes(plane))).length
        return wanting('plane', plane, times - met, penalties.plane ?? DEFAULTS.plane)
      }),
      ...wanting(
        'keep', 'last week', keep - previous.filter(id => used.has(id)).length, penalties.keep ?? DEFAULTS.keep,
      ),
      ...wanting('resisting', 'resisting before making', -lead, penalties.resisting ?? DEFAULTS.resisting),
    ],
  }
}
