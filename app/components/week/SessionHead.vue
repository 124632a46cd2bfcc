<script setup lang="ts">
/** What a session is called, how long it is, and what can be put on it. */
defineProps<{ title: string, kind: string, minutes: number, editable: boolean }>()
const emit = defineEmits<{ options: [], addLift: [], addDrill: [], extras: [] }>()
</script>

<template>
  <div class="pr-2 pt-4">
    <h2 class="text-[1.05rem]">
      {{ title }}
    </h2>
    <p
      v-if="kind"
      class="text-[0.88em] text-signal-ink font-semibold"
    >
      {{ kind }}
    </p>
    <p class="text-[0.88em] text-quiet">
      <button
        v-if="editable"
        type="button"
        class="underline underline-offset-2"
        @click="emit('options')"
      >
        {{ minutes }} min<span class="sr-only">, change day and minutes of {{ title }}</span>
      </button>
      <template v-else>
        {{ minutes }} min
      </template>
    </p>
    <p
      v-if="editable"
      class="no-print text-[0.88em] flex flex-wrap gap-x-2"
    >
      <button
        type="button"
        class="underline underline-offset-2"
        @click="emit('addLift')"
      >
        + lift<span class="sr-only"> on {{ title }}</span>
      </button>
      <button
        type="button"
        class="underline underline-offset-2"
        @click="emit('addDrill')"
      >
        + drill<span class="sr-only"> on {{ title }}</span>
      </button>
      <button
        type="button"
        class="underline underline-offset-2"
        title="Warm-up, circuit, home work, note"
        @click="emit('extras')"
      >
        more<span class="sr-only"> for {{ title }}: warm-up, circuit, home work, note</span>
      </button>
    </p>
  </div>
</template>
