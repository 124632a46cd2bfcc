<script setup lang="ts">
import { RECORD_ACTIONS, ROLES, type RecordEntry, type Role } from '~~/shared/types'
import RoomPage from '~/components/common/RoomPage.vue'
import { differences } from '~/words/recordWords'
import { useStaffStore } from '~/stores/staff'

definePageMeta({ only: 'govern' })
useHead({ title: 'Record · Keen Anchor' })

const route = useRoute()
const store = useStaffStore()
const open = ref<string | null>(null)
const athleteId = computed(() => (typeof route.query.athlete === 'string' ? route.query.athlete : null))
watch(athleteId, () => store.loadRecord(athleteId.value), { immediate: import.meta.client })

const when = (at: string): string =>
  new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
/** Reading a whole roster is one line that counts. */
const readCount = ({ action, after }: RecordEntry): number =>
  (action === 'health.read' ? (after as { athletes?: unknown[] } | null)?.athletes?.length ?? 0 : 0)
const changes = (entry: RecordEntry) => (entry.action === 'health.read' ? [] : differences(entry.before, entry.after))
const roleOf = (role: string): string => ROLES[role as Role] ?? 'by link'
</script>

<template>
  <div>
    <header class="flex flex-wrap items-end gap-3 mb-3">
      <h1>Record</h1>
      <p class="text-quiet mr-auto">
        Who did what, newest first. It is only ever added to.
      </p>
      <NuxtLink
        v-if="athleteId"
        to="/record"
        class="btn"
      >Everybody</NuxtLink>
    </header>
    <RoomPage
      :readings="[store]"
      :empty="store.record.length === 0 ? 'Nothing is recorded yet.' : null"
      @retry="store.again"
    >
      <ol>
        <li
          v-for="entry in store.record"
          :key="entry.id"
          class="border-b border-line py-1.5"
        >
          <p class="flex flex-wrap gap-x-3 items-baseline">
            <span class="figure text-quiet w-32 whitespace-nowrap">{{ when(entry.at) }}</span>
            <span><b>{{ entry.who ?? 'Somebody with a link' }}</b>
              <span class="text-quiet">({{ roleOf(entry.role) }})</span>
              {{ RECORD_ACTIONS[entry.action] ?? entry.action }}<template v-if="readCount(entry) > 0"> of
                {{ readCount(entry) }} athletes in the roster</template></span>
            <NuxtLink
              v-if="entry.athleteName"
              :to="`/record?athlete=${entry.athleteId}`"
              class="underline underline-offset-2"
            >{{ entry.athleteName }}</NuxtLink>
            <span
              v-if="entry.subjectId && /^\d{4}-/.test(entry.subjectId)"
              class="figure"
            >{{ entry.subjectId }}</span>
            <button
              v-if="changes(entry).length > 0"
              type="button"
              class="ml-auto underline underline-offset-2"
              :aria-expanded="open === entry.id"
              @click="open = open === entry.id ? null : entry.id"
            >
              {{ changes(entry).length }} {{ changes(entry).length === 1 ? 'field' : 'fields' }}
            </button>
          </p>
          <dl
            v-if="open === entry.id"
            class="grid grid-cols-[10rem_minmax(0,1fr)_minmax(0,1fr)] gap-x-3 mt-1 ml-32 text-[0.93em]"
          >
            <template
              v-for="change in changes(entry)"
              :key="change.field"
            >
              <dt class="text-quiet">
                {{ change.field }}
              </dt>
              <dd class="break-words">
                {{ change.from }}
              </dd>
              <dd class="break-words font-semibold">
                {{ change.to }}
              </dd>
            </template>
          </dl>
        </li>
      </ol>
    </RoomPage>
    <button
      v-if="store.more && store.state === 'ready'"
      type="button"
      class="btn mt-3"
      @click="store.loadMore(athleteId)"
    >
      Older
    </button>
  </div>
</template>
