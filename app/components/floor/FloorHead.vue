<script setup lang="ts">
/** The head of the board: how it stands, and what can be told of it. */
defineProps<{ name: string, text: string, running: boolean, held: boolean }>()
const emit = defineEmits<{ hold: [is: boolean], tell: [what: 'late' | 'absent' | 'placeOut'] }>()
const dark = defineModel<boolean>('dark', { required: true })
const TELL = { late: 'Someone is late', absent: 'Not there', placeOut: 'Station out' } as const
const tellings = Object.entries(TELL) as [keyof typeof TELL, string][]
</script>

<template>
  <header class="flex flex-wrap items-center gap-2 mb-3">
    <NuxtLink
      to="/day"
      class="btn min-h-[48px]"
      aria-label="Leave the floor"
    >✕</NuxtLink>
    <div class="mr-auto">
      <h1>Floor · {{ name }}</h1>
      <p class="text-quiet">
        {{ text }}
      </p>
    </div>
    <template v-if="running">
      <button
        type="button"
        class="btn min-h-[48px]"
        :aria-pressed="held"
        @click="emit('hold', !held)"
      >
        {{ held ? 'Go on' : 'Pause all' }}
      </button>
      <button
        v-for="[what, label] in tellings"
        :key="what"
        type="button"
        class="btn min-h-[48px]"
        @click="emit('tell', what)"
      >
        {{ label }}
      </button>
    </template>
    <button
      type="button"
      class="btn min-h-[48px]"
      @click="dark = !dark"
    >
      {{ dark ? 'Bright' : 'Dark' }}
    </button>
  </header>
</template>
