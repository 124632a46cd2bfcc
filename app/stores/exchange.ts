import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { v7 as newKey } from 'uuid'
import type { CalendarFeed, CalendarFound, CalendarSource, FeedInput } from '~~/shared/types'
import * as api from '~/api/season'

/** Calendars that come in, and addresses that calendars read from. */
export const useExchangeStore = defineStore('exchange', () => {
  const found = shallowRef<CalendarFound | null>(null)
  const feeds = shallowRef<readonly CalendarFeed[]>([])
  /** The address just made: it is shown once. */
  const url = ref('')

  async function read(source: CalendarSource): Promise<void> {
    found.value = null
    found.value = await api.readCalendar(source)
  }
  async function open(): Promise<void> {
    url.value = ''
    feeds.value = await api.fetchFeeds()
  }
  async function add(scope: FeedInput['scope'], subjectId: string | null): Promise<void> {
    const made = await api.addFeed({ id: newKey(), scope, subjectId })
    feeds.value = made.feeds
    url.value = made.url
  }
  async function revoke(id: string): Promise<void> {
    url.value = ''
    feeds.value = await api.revokeFeed(id)
  }
  return { found, feeds, url, read, open, add, revoke }
})
