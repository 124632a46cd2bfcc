import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import type { Athlete, AthleteInput, Group } from '~~/shared/types'
import { storedFirst } from '~~/shared/errors'
import * as assessment from '~/api/assessment'
import * as athletes from '~/api/athletes'
import * as people from '~/api/people'
import { forget, keep, kept } from '~/device/kept'
import { atHand } from './parts/atHand'

const LAST = 'last-athlete'

/** Whoever trains in a group with an athlete; everybody where that is nobody. */
function matesAmong(athletes: readonly Athlete[], { groupIds }: Athlete): Athlete[] {
  const all = athletes.filter(a => !a.archived)
  const own = all.filter(a => a.groupIds.some(g => groupIds?.includes(g)))
  return own.length > 1 ? own : all
}

/**
 * The athletes at hand, as they were last read: everybody in sight, or the squad that was chosen where there are more
 * than fit on a page.
 */
export const useRosterStore = defineStore('roster', () => {
  const hand = atHand()
  const { rows, groups, anybody } = hand
  /** Whose pages were open last: the rail leads back to them. */
  const lastAthleteId = ref<string | null>(null)
  /** Remembers whose page is open, on this device over reloads. */
  function opened(athleteId: string): void {
    lastAthleteId.value = athleteId
    keep(LAST, athleteId)
  }
  /** Goes on with whoever was last here. */
  function resume(): void {
    lastAthleteId.value ??= kept<string>(LAST)
  }

  const matesOf = (athlete: Athlete): Athlete[] => matesAmong(rows.value.map(row => row.athlete), athlete)

  function replace(athlete: Athlete): Athlete {
    rows.value = rows.value.map(row => (row.athlete.id === athlete.id ? { ...row, athlete } : row))
    return athlete
  }

  const add = (id: string, input: AthleteInput): Promise<Athlete> => athletes.addAthlete(id, input)
  const save = async (id: string, version: number, input: AthleteInput): Promise<Athlete> =>
    replace(await athletes.saveAthlete(id, version, input))
  /** Puts an athlete on a rung; what somebody else changed meanwhile stands, unless it was this very branch. */
  async function placeOn(athlete: Athlete, variationId: string, catalogue: Catalogue): Promise<Athlete> {
    const put = (on: Athlete): Promise<Athlete> =>
      assessment.placeByHand(on.id, { version: on.version, variationId, reason: 'Put there on the ladder bench.' })
    try {
      return replace(await put(athlete))
    }
    catch (error) {
      const current = storedFirst<Athlete>(error)
      const branch = catalogue.find(variationId)?.branch
      const stand = (of: Athlete) => of.stands.find(id => catalogue.find(id)?.branch === branch)
      if (!current || stand(current) !== stand(athlete)) throw error
      return replace(await put(current))
    }
  }
  const archive = async (athlete: Athlete, archived: boolean): Promise<Athlete> =>
    replace(await athletes.archiveAthlete(athlete, archived))
  const invite = async (athlete: Athlete, invitation: { id: string, email: string }): Promise<Athlete> =>
    replace(await athletes.inviteAthlete(athlete, invitation))

  async function erase(athlete: Athlete, typed: string): Promise<void> {
    await athletes.eraseAthlete(athlete, typed)
    rows.value = rows.value.filter(row => row.athlete.id !== athlete.id)
    if (lastAthleteId.value !== athlete.id) return
    lastAthleteId.value = null
    anybody.value = null
    forget(LAST)
  }

  async function addGroup(group: Group): Promise<void> {
    groups.value = await people.addGroup(group)
  }

  return {
    ...hand, matesOf, lastAthleteId, opened, resume, placeOn, add, save, archive, invite, erase, addGroup,
    exportOf: athletes.exportAthlete, importAll: athletes.importAthletes,
  }
})
