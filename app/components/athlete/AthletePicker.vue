<script setup lang="ts">
import type { Group, RosterRow } from '~~/shared/types'
import { useRosterFilter } from '~/composables/useRosterFilter'

/** Several athletes ticked from the roster, filtered by typing and by group. */
const props = defineProps<{ rows: readonly RosterRow[], groups: readonly Group[] }>()
const chosen = defineModel<ReadonlySet<string>>({ required: true })

const { text, groupId, shown } = useRosterFilter(computed(() => [...props.rows]), computed(() => [...props.groups]))

function toggle(id: string): void {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
const selectShown = (): void => { chosen.value = new Set([...chosen.value, ...shown.value.map(row => row.athlete.id)]) }
</script>

<template>
  <div>
    <label
      class="sr-only"
      for="find-squad"
    >Find an athlete</label>
    <input
      id="find-squad"
      v-model="text"
      type="search"
      class="field my-2"
      placeholder="Type to filter"
    >
    <div class="flex flex-wrap gap-1 mb-2">
      <button
        v-for="group in groups"
        :key="group.id"
        type="button"
        class="chip min-h-[1.7rem] text-[0.9em]"
        :aria-pressed="groupId === group.id"
        @click="groupId = groupId === group.id ? null : group.id"
      >
        {{ group.name }}
      </button>
    </div>
    <p class="flex gap-3 mb-1">
      <button
        type="button"
        class="underline underline-offset-2"
        @click="selectShown"
      >
        Select shown
      </button>
      <button
        type="button"
        class="underline underline-offset-2"
        @click="chosen = new Set()"
      >
        None
      </button>
    </p>
    <ul class="max-h-[56vh] overflow-y-auto">
      <li
        v-for="row in shown"
        :key="row.athlete.id"
      >
        <label class="flex gap-2 items-center py-0.5">
          <input
            type="checkbox"
            :checked="chosen.has(row.athlete.id)"
            @change="toggle(row.athlete.id)"
          >
          {{ row.athlete.name }}
        </label>
      </li>
    </ul>
  </div>
</template>
