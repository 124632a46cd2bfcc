<script setup lang="ts">
import type { Applied, Group, RosterRow } from '~~/shared/types'
import AthletePicker from '~/components/athlete/AthletePicker.vue'

/** Who else gets these drills, each on the own rung, and what became of it. */
const props = defineProps<
  {
    drills: number
    rows: readonly RosterRow[]
    groups: readonly Group[]
    applied: readonly Applied[] | null
    busy: boolean
    problem: string
    week: string
  }
>()
const emit = defineEmits<{ apply: [athleteIds: readonly string[]] }>()
const chosen = ref<ReadonlySet<string>>(new Set())
</script>

<template>
  <div>
    <template v-if="!applied">
      <p>{{ drills }} {{ drills === 1 ? 'drill goes' : 'drills go' }} to the same day of each athlete’s week, on their
        own rung; what may not be given is replaced or left out, and told.</p>
      <AthletePicker
        v-model="chosen"
        :rows="props.rows"
        :groups="groups"
      />
      <p
        v-if="problem"
        class="caution mt-2"
        role="alert"
      >
        {{ problem }}
      </p>
      <button
        type="button"
        class="btn btn-main mt-3"
        :disabled="busy || chosen.size === 0"
        @click="emit('apply', [...chosen])"
      >
        {{ busy ? 'Working …' : `Copy to ${chosen.size}` }}
      </button>
    </template>
    <div
      v-else
      role="status"
    >
      <ul>
        <li
          v-for="one in applied"
          :key="one.athleteId"
          class="py-1 border-b border-line/60"
        >
          <NuxtLink
            class="font-semibold underline underline-offset-2"
            :to="`/week/${one.athleteId}?start=${week}`"
          >{{ one.athleteName }}</NuxtLink>: {{ one.placed }} of {{ drills }} placed.
          <span class="text-quiet">{{ one.notes.join(' ') }}</span>
        </li>
      </ul>
    </div>
  </div>
</template>
