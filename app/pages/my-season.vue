<script setup lang="ts">
import { NO_EXCEPTIONS, seasonInstance } from '~~/core/season'
import RoomPage from '~/components/common/RoomPage.vue'
import FeedList from '~/components/season/FeedList.vue'
import SeasonReport from '~/components/season/SeasonReport.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useExchangeStore } from '~/stores/exchange'
import { useMySeasonStore } from '~/stores/mySeason'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'My season · Keen Anchor' })

const signedIn = useSignInStore()
const feeds = useAttempt()
const exchange = useExchangeStore()
const store = useMySeasonStore()
const found = computed(() => store.found)
const id = computed(() => signedIn.me?.athleteId ?? null)
onMounted(async () => {
  if (!id.value) return
  await store.load(id.value)
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
    <RoomPage
      :readings="[store]"
      :empty="!found?.season ? 'Your squad has no season yet.' : null"
      @retry="store.again"
    >
      <SeasonReport
        v-if="found?.season"
        :name="found.athleteName"
        :shape="found.season.shape"
        :plan="found.own?.plan ?? found.season.plan"
        :instance="seasonInstance(found.season.shape, entries, found.own?.exceptions ?? NO_EXCEPTIONS)"
        :entries="entries"
        :today="signedIn.me!.today"
        reader="athlete"
        :zone="zone"
      />
    </RoomPage>
    <section
      v-if="found"
      class="no-print mt-6 [&_.btn]:min-h-[48px]"
    >
      <h2>In your own calendar</h2>
      <FeedList
        :feeds="exchange.feeds"
        :choices="[{ scope: 'athlete', subjectId: found.athleteId, name: 'me' }]"
        :url="exchange.url"
        :busy="feeds.busy.value"
        :problem="feeds.problem.value"
        @add="(scope, subjectId) => feeds.attempt(() => exchange.add(scope, subjectId))"
        @revoke="feedId => feeds.attempt(() => exchange.revoke(feedId))"
      />
    </section>
  </div>
</template>
