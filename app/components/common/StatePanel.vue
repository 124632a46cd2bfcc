<script setup lang="ts">
/** Loading, failed and empty, said in words instead of left over. */
defineProps<{ state: 'loading' | 'failed' | 'empty', text?: string }>()
const emit = defineEmits<{ retry: [] }>()
</script>

<template>
  <div
    class="panel max-w-xl mt-6"
    :role="state === 'failed' ? 'alert' : 'status'"
  >
    <p v-if="state === 'loading'">
      Reading …
    </p>
    <template v-else-if="state === 'failed'">
      <p class="problem">
        {{ text }}
      </p>
      <button
        type="button"
        class="btn mt-2"
        @click="emit('retry')"
      >
        Try again
      </button>
      <NuxtLink
        to="/"
        class="ml-3 underline underline-offset-2"
      >To the first page</NuxtLink>
    </template>
    <template v-else>
      <p>{{ text }}</p>
      <div class="mt-2">
        <slot />
      </div>
    </template>
  </div>
</template>
