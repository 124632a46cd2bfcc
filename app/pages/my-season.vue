<script setup lang="ts">
import { NO_EXCEPTIONS, seasonInstance } from '~~/core/season'
import * as api from '~/api/season'
import StatePanel from '~/components/common/StatePanel.vue'
import FeedList from '~/components/season/FeedList.vue'
import SeasonReport from '~/components/season/SeasonReport.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useCalendarExchange } from '~/composables/useCalendarExchange'
import { useSessionStore } from '~/stores/session'
import type { MySeason } from '~~/shared/types'

definePageMeta({ layout: 'plain' })
useHead({ title: 'My season · Keen Anchor' })

const session = useSessionStore()
const { busy, problem, attempt } = useAttempt()
const feeds = useAttempt()
const exchange = useCalendarExchange(api)
const found = shallowRef<MySeason | null>(null)
const id = computed(() => session.me?.athleteId ?? null)
const load = (): Promise<boolean> => attempt(async () => { found.value = await api.fetchMySeason(id.value!) })
onMounted(async () => {
  if (!id.value) return
  await load()
  await feeds.attempt(exchange.open)
})
const skips = computed(() => new Set(found.value?.own?.exceptions.skips ?? []))
const entries = computed(() => (found.value?.entries ?? []).filter(e => !skips.value.has(e.id)))
const zone = ref('UTC')
onMounted(() => { zone.value = Intl.DateTimeFormat().resolvedOptions().timeZone })
const print = (): void => window.print()
</script>

<template>
  <div class="max-w-3xl mx-auto p-4 text-[1.02rem]">
    <p class="no-print flex flex-wrap gap-2 mb-3">
      <NuxtLink
        class="btn min-h-[48px]"
        to="/today"
      >Today</NuxtLink>
      <button
        type="button"
        class="btn min-h-[48px]"
        @click="print"
      >
        Print
      </button>
    </p>
    <StatePanel
      v-if="problem"
      state="failed"
      :text="problem"
      @retry="load"
    />
    <StatePanel
      v-else-if="busy || !found"
      state="loading"
    />
    <StatePanel
      v-else-if="!found.season"
      state="empty"
      text="Your squad has no season yet."
    />
    <SeasonReport
      v-else
      :name="found.athleteName"
      :shape="found.season.shape"
      :plan="found.own?.plan ?? found.season.plan"
      :instance="seasonInstance(found.season.shape, entries, found.own?.exceptions ?? NO_EXCEPTIONS)"
      :entries="entries"
      :today="session.me!.today"
      reader="athlete"
      :zone="zone"
    />
    <section
      v-if="found"
      class="no-print mt-6 [&_.btn]:min-h-[48px]"
    >
      <h2>In your own calendar</h2>
      <FeedList
        :feeds="exchange.feeds.value"
        :choices="[{ scope: 'athlete', subjectId: found.athleteId, name: 'me' }]"
        :url="exchange.url.value"
        :busy="feeds.busy.value"
        :problem="feeds.problem.value"
        @add="(scope, subjectId) => feeds.attempt(() => exchange.add(scope, subjectId))"
        @revoke="feedId => feeds.attempt(() => exchange.revoke(feedId))"
      />
    </section>
  </div>
</template>
