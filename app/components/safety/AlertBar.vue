<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { alertText } from '~/words/safetyWords'
import type { HealthAlert } from '~~/shared/types'

/** What coaches are newly told of health: the gravest line, and how many more there are. */
const props = defineProps<{ news: readonly HealthAlert[], catalogue: Catalogue }>()
const emit = defineEmits<{ seen: [] }>()

const WEIGHT: Readonly<Record<HealthAlert['kind'], number>> = { stop: 0, painTwice: 1, pain: 2, limits: 3, cleared: 4 }
const sorted = computed(() => [...props.news].sort((a, b) => WEIGHT[a.kind] - WEIGHT[b.kind]))
const first = computed(() =>
  sorted.value.find(one => one.kind === 'stop' || one.kind === 'painTwice' || one.kind === 'pain') ?? null
)
</script>

<template>
  <p
    v-if="first"
    class="no-print flex flex-wrap gap-x-3 items-baseline px-4 py-1.5 border-b border-line"
    :class="first.kind === 'pain' ? 'bg-paper' : 'bg-signal text-paper'"
    role="status"
  >
    <NuxtLink
      :to="first.kind === 'stop' ? `/athletes/${first.athleteId}/screen` : `/athletes/${first.athleteId}#pain`"
      class="underline underline-offset-2"
    ><b>{{ first.athleteName }}</b>: {{ alertText(first, catalogue) }}</NuxtLink>
    <NuxtLink
      v-if="news.length > 1"
      to="/day"
      class="underline underline-offset-2"
    >{{ news.length - 1 }} more</NuxtLink>
    <button
      type="button"
      class="ml-auto underline underline-offset-2"
      @click="emit('seen')"
    >
      Seen
    </button>
  </p>
</template>
