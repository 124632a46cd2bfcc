<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { mondayOf } from '~~/core/calendar'
import RosterTable from '~/components/athlete/RosterTable.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useRosterFilter } from '~/composables/useRosterFilter'
import { useMay } from '~/composables/useMay'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Roster · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const { rows, groups } = storeToRefs(roster)
const { text, groupId, archived, shown } = useRosterFilter(rows, groups)
const selected = ref<ReadonlySet<string>>(new Set())
const today = computed(() => signedIn.me?.today ?? '')
const { plan: mayPlan } = useMay()

onMounted(roster.load)

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
        placeholder="Type a name, sport, group, flag …"
      >
      <button
        type="button"
        class="chip"
        :aria-pressed="groupId === null"
        @click="groupId = null"
      >
        All
      </button>
      <button
        v-for="group in groups"
        :key="group.id"
        type="button"
        class="chip"
        :aria-pressed="groupId === group.id"
        @click="groupId = group.id"
      >
        {{ group.name }}
      </button>
      <button
        type="button"
        class="chip ml-auto"
        :aria-pressed="archived"
        @click="archived = !archived"
      >
        Archived
      </button>
    </div>
    <RoomPage
      :readings="[roster]"
      :empty="rows.length === 0 ? 'Nobody is on the roster yet.' : null"
      @retry="roster.again"
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
        {{ shown.length }} of {{ rows.filter(r => r.athlete.archived === archived).length }}
        {{ archived ? 'archived athletes' : 'athletes' }}
      </p>
      <RosterTable
        :rows="shown"
        :selected="selected"
        :today="today"
        :week="mondayOf(today)"
        @select="select"
      />
    </RoomPage>
  </div>
</template>
