import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Group, RecordEntry, StaffChange, StaffInvitation, StaffMember } from '~~/shared/types'
import * as people from '~/api/people'
import { reading } from './parts/reading'

/** Coaches and assistants, and the record of what was done: the head coach's own view. */
export const useStaffStore = defineStore('staff', () => {
  const members = ref<StaffMember[]>([])
  const groups = ref<Group[]>([])
  const record = ref<RecordEntry[]>([])
  const more = ref(false)
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    ;[members.value, groups.value] = await Promise.all([people.fetchStaff(), people.fetchGroups()])
  }, true)

  const loadRecord = (athleteId: string | null): Promise<void> => read(async () => {
    record.value = await people.fetchRecord(athleteId ? { athleteId } : {})
    more.value = record.value.length === 100
  }, true)

  async function loadMore(athleteId: string | null): Promise<void> {
    const last = record.value.at(-1)
    if (!last) return
    const next = await people.fetchRecord({ before: last.at, ...(athleteId ? { athleteId } : {}) })
    record.value = [...record.value, ...next]
    more.value = next.length === 100
  }

  async function invite(invitation: StaffInvitation): Promise<void> {
    members.value = await people.inviteStaff(invitation)
  }

  async function change(id: string, to: StaffChange): Promise<void> {
    members.value = await people.changeStaff(id, to)
  }

  async function erase(id: string, typed: string): Promise<void> {
    members.value = await people.eraseStaff(id, typed)
  }

  return { members, groups, record, more, state, problem, again, load, loadRecord, loadMore, invite, change, erase }
})
