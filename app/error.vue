<script setup lang="ts">
import type { NuxtError } from '#app'

const props = defineProps<{ error: NuxtError }>()
const text = computed(() => (props.error.statusCode === 404 ? 'There is nothing at this address.' : 'Something went wrong on our side.'))
</script>

<template>
  <main class="p-8">
    <h1>{{ text }}</h1>
    <p class="mt-4">
      <button
        type="button"
        class="btn"
        @click="clearError({ redirect: '/' })"
      >
        To the first page
      </button>
    </p>
  </main>
</template>
