import type { PlannerVariation, WeekInstance } from '../planner'

export const FAMILIES = ['normal', 'tight', 'hard'] as const
type Family = (typeof FAMILIES)[number]

const ACTIONS = [
  'antiExtension', 'antiFlexion', 'flexion', 'extension', 'antiLateralFlexion', 'lateralFlexion', 'antiRotation',
  'rotation',
]
const PLANE_OF = ['sagittal', 'sagittal', 'sagittal', 'sagittal', 'frontal', 'frontal', 'transverse', 'transverse']
const WEIGHT = [20, 18, 6, 6, 18, 4, 20, 8]

/** Chance by a seed: the same figures from 0 to 1 on every machine. */
export function seeded(seed: number): () => number {
  let state = (seed * 2654435761 + 12345) % 2147483647 || 1
  return () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
}

/**
 * A made-up week of some size by a seed: normal bands with room in the sessions, tight bands, or hard ones with little
 * time. Invented for tests and the bench; the magnitudes are those of the product.
 */
export function anyWeek(seed: number, family: Family, variations = 80, sessionCount = 4): WeekInstance {
  const next = seeded(seed)
  const between = (a: number, b: number): number => a + Math.floor(next() * (b - a + 1))
  const days = [0, 1, 3, 4, 5].slice(0, sessionCount)
  const minutes = { normal: [16, 22], tight: [14, 18], hard: [8, 12] }[family] as [number, number]
  const all = Array.from({ length: variations }, (_, v): PlannerVariation => {
    const main = v < ACTIONS.length ? v : between(0, ACTIONS.length - 1)
    const second = between(0, ACTIONS.length - 1)
    const share = between(6, 10) / 10
    const [setS, each] = [between(15, 45), next() < 0.4]
    const fatigue = between(1, 3)
    const sets = [2, 3, 4].slice(0, between(1, 3))
    return {
      id: `v${String(v).padStart(3, '0')}`, group: `ladder${Math.floor(v / 6)}`, spineCost: between(0, 3),
      planes: [PLANE_OF[main]!], cost: between(0, 6),
      slots: fatigue === 1
        ? ['activation', 'paired', 'after']
        : fatigue === 2
        ? ['paired', 'after', 'finisher']
        : ['after', 'finisher'],
      doses: sets.map((n) => {
        const work = n * setS * (each ? 2 : 1)
        const demand: Record<string, number> = { [ACTIONS[main]!]: Math.round(work * share) }
        if (second !== main) demand[ACTIONS[second]!] = Math.round(work * (1 - share))
        return { sets: n, seconds: work + (n - 1) * 30 + 20, fatigue: fatigue * n, demand }
      }),
    }
  })
  const total = sessionCount * 300 * (family === 'hard' ? 1.4 : 1)
  const lifts = days.map((): Record<string, number> => ({
    antiFlexion: between(20, 70), antiLateralFlexion: between(0, 12), antiExtension: between(0, 15),
  }))
  const width = { normal: [0.8, 1.3], tight: [0.94, 1.06], hard: [0.95, 1.1] }[family] as [number, number]
  return {
    actions: ACTIONS,
    bands: Object.fromEntries(ACTIONS.map((action, k) => {
      const wanted = total * WEIGHT[k]! / 100
      return [action, {
        low: Math.round(wanted * width[0]), high: Math.round(wanted * width[1]), weight: k === seed % 8 ? 1.5 : 1,
        over: 0.5,
      }]
    })),
    sessions: days.map((day, s) => ({
      id: `s${day}`, day, capS: between(...minutes) * 60, items: 5, lifts: lifts[s]!,
      slots: [
        { id: 'activation', capS: 300, items: 2, fatigue: 6 }, { id: 'paired', items: 2, paired: true },
        { id: 'after', items: 3 }, { id: 'finisher', items: 1, capS: 360 },
      ],
    })),
    variations: all,
    limits: { appearances: 2, distinct: 14, spineCost: 24, highOver: 130, restHours: 48, groupPerWeek: 3 },
    planes: { sagittal: 2, frontal: 2, transverse: 2 },
    resisting: ['antiExtension', 'antiFlexion', 'antiLateralFlexion', 'antiRotation'],
    previous: all.filter((_, v) => v % 7 === 3).map(v => v.id),
    keep: 3,
  }
}
