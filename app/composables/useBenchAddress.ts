import { computed, type Ref } from 'vue'
import type { Catalogue, Variation } from '~~/core/catalogue'
import type { Athlete } from '~~/shared/types'

/** Somebody to reckon with until the athlete is there. */
export const NOBODY = {
  sex: 'female', heightCm: 170, massKg: 65, stands: [], flags: [], equipment: [], braceStep: 1, birthYear: 2000,
} as unknown as Athlete

/** Where the bench shows a drill for an athlete. */
export const toBenchOf = ({ ladder, branch }: Pick<Variation, 'ladder' | 'branch'>, athleteId: string) =>
  ({ path: `/ladders/${athleteId}`, query: { ladder, branch } })

/** Ladder and branch that the address names (in the catalogue); the front plank where it names none. */
export function useBenchAddress(catalogue: Ref<Catalogue>) {
  const route = useRoute()
  const ladderId = computed(() => {
    const asked = String(route.query.ladder ?? '')
    return catalogue.value.ladders.some(l => l.id === asked) ? asked : 'front-plank'
  })
  const branchId = computed(() => String(route.query.branch ?? ladderId.value))
  return { ladderId, branchId }
}
