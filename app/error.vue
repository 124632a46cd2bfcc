<script setup lang="ts">
import type { NuxtError } from '#app'

/** A page that cannot be shown. A server that is not ready is asked again by itself. */
const props = defineProps<{ error: NuxtError }>()
const AGAIN_MS = 3000

/** A page that is not on this device, in the words of the browsers. */
const isMissing = computed(() => /dynamically imported|module script/i.test(props.error.message ?? ''))
const text = computed(() => {
  if (isMissing.value) return 'This page needs the network, and the server does not answer just now.'
  if (props.error.statusCode === 404) return 'There is nothing at this address.'
  return props.error.statusCode === 503 ? 'The server does not answer just now.' : 'Something went wrong on our side.'
})
onMounted(() => {
  document.documentElement.dataset.ready = 'yes'
  if (props.error.statusCode === 503) setTimeout(() => window.location.reload(), AGAIN_MS)
})
</script>

<template>
  <main class="p-8 max-w-xl">
    <h1>{{ text }}</h1>
    <p
      v-if="error.statusCode === 503"
      class="mt-3"
      role="status"
    >
      What you changed is kept on this device. This page tries again every few seconds.
    </p>
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
