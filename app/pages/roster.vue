<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import RosterTable from '~/components/athlete/RosterTable.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useMay } from '~/composables/useMay'
import { useRosterPages } from '~/composables/useRosterPages'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Roster · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const pages = useRosterPages()
const { query, busy, rows, total, next } = pages
const text = ref(query.value.find ?? '')
const selected = ref<ReadonlySet<string>>(new Set())
const today = computed(() => signedIn.me?.today ?? '')
const { plan: mayPlan } = useMay()

onMounted(() => Promise.all([pages.load(), roster.readGroups()]))
/** Nothing is narrowed down: when there is nobody, there is nobody at all. */
const everybody = computed(() => !query.value.find && !query.value.group && !query.value.archived)

const said = computed(() => {
  if (total.value === 0) return query.value.archived ? 'Nobody is in the archive.' : 'Nobody is found by that.'
  const shown = rows.value.length < total.value ? `${rows.value.length} of ` : ''
  const kind = query.value.archived ? 'archived ' : ''
  return `${shown}${total.value} ${kind}${total.value === 1 ? 'athlete' : 'athletes'}`
})

function select(ids: readonly string[], on: boolean): void {
  const next = new Set(selected.value)
  for (const id of ids) {
    if (on) next.add(id)
    else next.delete(id)
  }
  selected.value = next
}
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-end gap-3 mb-3">
      <h1 class="mr-2">
        Roster
      </h1>
      <p class="text-quiet mr-auto">
        {{ signedIn.me.organisationName }}
      </p>
      <NuxtLink
        v-if="mayPlan"
        to="/athletes/new"
        class="btn"
      >Add athlete</NuxtLink>
      <NuxtLink
        v-if="mayPlan"
        class="btn"
        :class="selected.size === 0 ? '' : 'btn-main'"
        :to="{ path: '/squad-week', query: { ids: [...selected].join(',') } }"
      >Plan a week for {{ selected.size === 0 ? 'a selection' : selected.size }}</NuxtLink>
    </header>
    <div class="flex flex-wrap items-center gap-2 mb-3">
      <label
        class="sr-only"
        for="find"
      >Find an athlete</label>
      <input
        id="find"
        v-model="text"
        type="search"
        class="field max-w-xs"
        maxlength="80"
        placeholder="Type a name, sport, group, flag …"
        @input="pages.find(text)"
      >
      <button
        type="button"
        class="chip"
        :aria-pressed="!query.group"
        @click="pages.set({ group: undefined })"
      >
        All
      </button>
      <button
        v-for="group in roster.groups"
        :key="group.id"
        type="button"
        class="chip"
        :aria-pressed="query.group === group.id"
        @click="pages.set({ group: group.id })"
      >
        {{ group.name }}
      </button>
      <button
        type="button"
        class="chip ml-auto"
        :aria-pressed="query.archived"
        @click="pages.set({ archived: query.archived ? undefined : 'yes' })"
      >
        Archived
      </button>
    </div>
    <RoomPage
      :readings="[{ state: pages.state.value, problem: pages.problem.value }]"
      :empty="everybody && rows.length === 0 ? 'Nobody is on the roster yet.' : null"
      @retry="pages.again"
    >
      <template #empty>
        <NuxtLink
          v-if="mayPlan"
          to="/athletes/table"
          class="btn btn-main"
        >Bring athletes in from a table</NuxtLink>
        <NuxtLink
          v-if="mayPlan"
          to="/athletes/new"
          class="btn ml-2"
        >Add the first athlete</NuxtLink>
      </template>
      <p
        class="text-quiet mb-1"
        role="status"
      >
        {{ said }}
      </p>
      <RosterTable
        v-if="rows.length > 0"
        :rows="rows"
        :busy="busy"
        :selected="selected"
        :today="today"
        :week="mondayOf(today)"
        :sort="query.sort ?? 'name'"
        :down="query.down ?? false"
        @select="select"
        @sort="pages.sortBy"
      />
      <button
        v-if="next"
        type="button"
        class="btn mt-3"
        @click="pages.more"
      >
        Show more
      </button>
    </RoomPage>
  </div>
</template>
