<script setup lang="ts">
import type { Athlete, HealthAlert } from '~~/shared/types'
import AssignReason from '~/components/safety/AssignReason.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { painText } from '~/words/safetyWords'
import type { Saving } from '~/words/savingWords'

/** What is to be known about a week before anything is done to it. */
const props = defineProps<{
  athlete: Athlete
  editable: boolean
  saving: Saving
  problem: string
  /** What another coach changed, taken in without a question. */
  news: { readonly who: string, readonly changes: readonly string[] } | null
  /** A red flag stands on a day of the week that is still to come. */
  stopped: boolean
  stop: HealthAlert | null
  missing: Readonly<Record<string, string>>
  /** Just assigned, and not changed since. */
  assigned: boolean
}>()
const emit = defineEmits<{ reload: [], seen: [], assign: [reason: string], waive: [] }>()

const catalogue = useCatalogue()
const unknown = computed(() => (props.editable
  ? [
    ...(props.athlete.screenedOn === null ? ['never screened'] : []),
    ...(props.athlete.health.braceCheckedOn === null ? ['brace never checked'] : []),
  ]
  : [])
)
</script>

<template>
  <div>
    <p
      v-if="saving === 'refused'"
      class="caution my-2"
      role="alert"
    >
      {{ problem }}
      <button
        type="button"
        class="underline font-semibold"
        @click="emit('reload')"
      >
        Load the stored week
      </button>
    </p>
    <p
      v-if="news"
      class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
      role="status"
    >
      <b>{{ news.who }}</b> changed this week too, and it is taken in: {{ news.changes.join('; ') }}.
      <button
        type="button"
        class="underline underline-offset-2"
        @click="emit('seen')"
      >
        Seen
      </button>
    </p>
    <p
      v-if="stopped"
      class="caution my-2"
      role="alert"
    >
      Stopped: a red flag stands. Refer to a clinician; what was assigned is withheld and comes back as it was
      when
      it is cleared.
      <template v-if="stop && stop.told.length > 0">
        Told: {{ stop.told.join(', ') }}.
      </template>
      <NuxtLink
        v-if="editable"
        class="underline underline-offset-2"
        :to="`/athletes/${athlete.id}/screen`"
      >To the clearance</NuxtLink>
    </p>
    <AssignReason
      v-if="Object.keys(missing).length > 0"
      :athlete-id="athlete.id"
      :missing="missing"
      :busy="saving !== 'stored'"
      @assign="emit('assign', $event)"
      @close="emit('waive')"
    />
    <p
      v-else-if="unknown.length > 0"
      class="my-2 border-l-4 border-signal bg-paper px-3 py-1.5"
    >
      {{ unknown.join(', ').replace(/^./, c => c.toUpperCase()) }}: assigning asks for it.
    </p>
    <p
      v-if="athlete.health.pain.length > 0"
      class="my-2 border-l-4 border-signal bg-paper px-3 py-1.5"
    >
      <template
        v-for="(one, i) in athlete.health.pain"
        :key="one.variationId"
      >
        {{ i > 0 ? '; ' : 'Pain at ' }}
        <b>{{ catalogue.find(one.variationId)?.name.toLowerCase() ?? 'a drill' }}</b>,
        {{ painText(one) }}
      </template>
      <NuxtLink
        class="underline underline-offset-2"
        :to="`/athletes/${athlete.id}#pain`"
      >{{ editable ? 'Decide' : 'Look' }}</NuxtLink>
    </p>
    <p
      v-if="assigned"
      class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
      role="status"
    >
      Assigned: {{ athlete.name }} reads it from now on.
    </p>
  </div>
</template>
