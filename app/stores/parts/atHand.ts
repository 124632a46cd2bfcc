import { ref, shallowRef } from 'vue'
import type { Group, RosterPage, RosterQuery, RosterRow } from '~~/shared/types'
import * as athletes from '~/api/athletes'
import * as people from '~/api/people'
import { forget, keep, kept } from '~/device/kept'
import { reading } from './reading'

const SQUAD = 'squad-at-hand'

/** Who is at hand in the rooms, of those in sight, and pages of all of them. */
export function atHand() {
  const rows = shallowRef<readonly RosterRow[]>([])
  /** There are more in sight than these. */
  const more = ref(false)
  const squadId = ref<string | null>(null)
  const groups = ref<Group[]>([])
  /** Somebody in sight: where the rail leads before anybody was looked at. */
  const anybody = ref<string | null>(null)
  const { state, problem, read, again } = reading()

  /** The squad that the rooms are about, as this device remembers it. */
  function squadAtHand(): string | null {
    squadId.value ??= kept<string>(SQUAD)
    return squadId.value
  }

  const load = (): Promise<void> => read(async () => {
    const asked = squadAtHand()
    const [page, all] = await Promise.all([
      athletes.fetchRoster({ group: asked ?? undefined }), people.fetchGroups(),
    ])
    // Another squad was taken meanwhile: its own answer is on the way.
    if (asked !== squadId.value) return
    groups.value = all
    // A squad that is no more, or not in sight any more, hides nobody.
    const gone = squadId.value !== null && !all.some(group => group.id === squadId.value)
    if (gone) forgetSquad()
    const found = gone ? await athletes.fetchRoster() : page
    rows.value = found.rows
    more.value = found.next !== null
    anybody.value ??= found.rows[0]?.athlete.id ?? null
  })

  /** Has one squad at hand in every room, on this device over reloads; or everybody. */
  function takeSquad(id: string | null): Promise<void> {
    if (id === null) forgetSquad()
    else {
      squadId.value = id
      keep(SQUAD, id)
    }
    return load()
  }
  function forgetSquad(): void {
    squadId.value = null
    forget(SQUAD)
  }

  const readGroups = async (): Promise<void> => { groups.value = await people.fetchGroups() }
  /** One page of everybody in sight; it changes nothing of who is at hand. */
  async function page(query: RosterQuery): Promise<RosterPage> {
    const found = await athletes.fetchRoster(query)
    anybody.value ??= found.rows[0]?.athlete.id ?? null
    return found
  }

  return { rows, more, squadId, groups, anybody, state, problem, again, load, squadAtHand, takeSquad, readGroups, page }
}
