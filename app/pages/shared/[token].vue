<script setup lang="ts">
import RoomPage from '~/components/common/RoomPage.vue'
import PlainReport from '~/components/review/PlainReport.vue'
import ReviewBody from '~/components/review/ReviewBody.vue'
import { STANDARD } from '~~/core/catalogue'
import { useReportsStore } from '~/stores/reports'
import { dayMonth } from '~/words/inWords'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Report · Keen Anchor', meta: [{ name: 'robots', content: 'noindex' }] })

const route = useRoute()
const store = useReportsStore()
const found = computed(() => store.shared)
onMounted(() => store.open(String(route.params.token)))
const print = (): void => window.print()
</script>

<template>
  <div class="max-w-5xl mx-auto p-4">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="found">
        <header class="flex flex-wrap gap-3 items-baseline mb-3">
          <p class="mr-auto text-quiet">
            {{ found.centre }} · this link holds until {{ dayMonth(found.expiresAt.slice(0, 10)) }}
          </p>
          <button
            type="button"
            class="btn no-print"
            @click="print"
          >
            Print
          </button>
        </header>
        <PlainReport
          v-if="found.kind === 'athlete'"
          :found="found"
          :catalogue="STANDARD"
        />
        <template v-else>
          <h1 class="mb-2">
            {{ found.athlete.name }}
          </h1>
          <ReviewBody
            :found="found"
            :catalogue="STANDARD"
            :logs="null"
          />
        </template>
      </template>
    </RoomPage>
  </div>
</template>
