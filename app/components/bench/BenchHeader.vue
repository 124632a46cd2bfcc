<script setup lang="ts">
import { ACTION_FACTS } from '~~/core/catalogue'
import type { Athlete } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'

/** Whose bench it is, on which ladder, and what is looked at besides. */
defineProps<{
  athlete: Athlete
  ladderId: string
  ladderName: string
  team: boolean
  comparing: boolean
  forces: boolean
}>()
const emit = defineEmits<{ team: [], compare: [], forces: [], harder: [] }>()

const catalogue = useCatalogue()
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
      <h1>{{ ladderName }}</h1>
      <p class="text-quiet mr-auto">
        for <NuxtLink
          :to="`/athletes/${athlete.id}`"
          class="underline underline-offset-2 font-semibold text-ink"
        >{{ athlete.name }}</NuxtLink>
        <template v-if="athlete.weakLink">
          · weak link <b class="text-ink">{{ ACTION_FACTS[athlete.weakLink].label }}</b>
        </template>
      </p>
      <p class="flex flex-wrap gap-2">
        <button
          type="button"
          class="btn min-h-[36px]"
          :aria-pressed="team"
          @click="emit('team')"
        >
          <kbd>t</kbd> whole team
        </button>
        <button
          type="button"
          class="btn min-h-[36px]"
          :aria-pressed="comparing"
          @click="emit('compare')"
        >
          <kbd>c</kbd> compare
        </button>
        <button
          type="button"
          class="btn min-h-[36px]"
          :aria-pressed="forces"
          @click="emit('forces')"
        >
          <kbd>f</kbd> forces
        </button>
        <button
          type="button"
          class="btn min-h-[36px]"
          @click="emit('harder')"
        >
          <kbd>h</kbd> about 10 % harder
        </button>
      </p>
    </header>
    <nav
      aria-label="Ladders"
      class="flex flex-wrap gap-x-4 gap-y-0 mb-2"
    >
      <NuxtLink
        v-for="one in catalogue.ladders"
        :key="one.id"
        :to="{ query: { ladder: one.id } }"
        class="py-1 border-b-[3px] min-h-[28px]"
        :class="one.id === ladderId ? 'border-signal font-bold' : 'border-line text-quiet hover:text-ink'"
        :aria-current="one.id === ladderId ? 'page' : undefined"
      >{{ one.name }}</NuxtLink>
    </nav>
  </div>
</template>
