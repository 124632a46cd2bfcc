import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { v7 as newKey } from 'uuid'
import type { ReportLink, ReportLinkInput, SharedReport } from '~~/shared/types'
import { addReportLink, fetchReportLinks, fetchShared, revokeReportLink } from '~/api/review'
import { reading } from './parts/reading'

/** Links to reports on an athlete, and the report that a link opens. */
export const useReportsStore = defineStore('reports', () => {
  const links = shallowRef<readonly ReportLink[]>([])
  const shared = shallowRef<SharedReport | null>(null)
  const { state, problem, read, again } = reading()

  async function load(athleteId: string): Promise<void> {
    links.value = (await fetchReportLinks(athleteId)).links
  }
  /** The secret address: shown this once. */
  async function make(athleteId: string, input: Omit<ReportLinkInput, 'id'>): Promise<string> {
    const made = await addReportLink(athleteId, { id: newKey(), ...input })
    links.value = made.links
    return made.url
  }
  async function revoke(id: string): Promise<void> {
    links.value = (await revokeReportLink(id)).links
  }
  const open = (token: string): Promise<void> => read(async () => { shared.value = await fetchShared(token) }, true)

  return { links, shared, state, problem, again, load, make, revoke, open }
})
