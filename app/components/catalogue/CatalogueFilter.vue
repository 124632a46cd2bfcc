<script setup lang="ts">
import { ACTION_FACTS, MODES, PLANES, POSTURES, TRUNK_ACTIONS } from '~~/core/catalogue'
import { SPORT_PROFILES, type SportProfileId } from '~~/core/programme'
import { FLAG_IDS, FLAGS } from '~~/core/screening'
import SelectField from '~/components/common/SelectField.vue'
import PlaneName from '~/components/plane/PlaneName.vue'
import type { DrillFilter } from '~/composables/useCatalogueFilter'

/** Ways to find a drill: typing, plane, and what else is asked of it. */
defineProps<{ hasOwn: boolean }>()
const filter = defineModel<DrillFilter>({ required: true })

const any = <T extends string>(
  word: string, entries: readonly (readonly [T, string])[],
) => [[null, word] as const, ...entries]
const ACTIONS = any('any action', TRUNK_ACTIONS.map(a => [a, ACTION_FACTS[a].label] as const))
const POSTURE_CHOICES = any('any posture', Object.entries(POSTURES) as [keyof typeof POSTURES, string][])
const MODE_CHOICES = any('any mode', Object.entries(MODES) as [keyof typeof MODES, string][])
const FLAG_CHOICES = any(
  'any athlete',
  FLAG_IDS.filter(id => FLAGS[id].kind === 'amber').map(id => [id, FLAGS[id].name] as const),
)
const SPORTS = any(
  'any sport',
  (Object.keys(SPORT_PROFILES) as SportProfileId[]).map(id => [id, SPORT_PROFILES[id].name] as const),
)
</script>

<template>
  <div>
    <div class="flex flex-wrap gap-2 items-end mb-2">
      <label
        class="sr-only"
        for="find-drill"
      >Find a drill</label>
      <input
        id="find-drill"
        v-model="filter.words"
        type="search"
        class="field max-w-[15rem]"
        placeholder="Type a name, muscle, tool …"
      >
      <button
        v-for="plane in PLANES"
        :key="plane"
        type="button"
        class="chip"
        :aria-pressed="filter.plane === plane"
        @click="filter.plane = filter.plane === plane ? null : plane"
      >
        <PlaneName :plane="plane" />
      </button>
      <button
        type="button"
        class="chip"
        :aria-pressed="filter.inRoom"
        @click="filter.inRoom = !filter.inRoom"
      >
        with what stands here
      </button>
      <button
        v-if="hasOwn"
        type="button"
        class="chip"
        :aria-pressed="filter.own"
        @click="filter.own = !filter.own"
      >
        of your own
      </button>
      <NuxtLink
        to="/catalogue/own"
        class="btn ml-auto"
      >
        Your own drills
      </NuxtLink>
    </div>
    <div class="grid grid-cols-2 md:grid-cols-5 gap-2 mb-2">
      <SelectField
        v-model="filter.action"
        label="Action"
        name="f-action"
        :options="ACTIONS"
      />
      <SelectField
        v-model="filter.posture"
        label="Posture"
        name="f-posture"
        :options="POSTURE_CHOICES"
      />
      <SelectField
        v-model="filter.mode"
        label="Mode"
        name="f-mode"
        :options="MODE_CHOICES"
      />
      <SelectField
        v-model="filter.sport"
        label="Serves the sport"
        name="f-sport"
        :options="SPORTS"
      />
      <SelectField
        v-model="filter.flag"
        label="May be given under"
        name="f-flag"
        :options="FLAG_CHOICES"
      />
    </div>
  </div>
</template>
