<script setup lang="ts">
/** The test desk and the rooms behind it. */
const ROOMS = [
  ['/tests/instruments', 'Instruments'], ['/tests/own', 'Your own tests'], ['/tests/files', 'Files'],
  ['/tests/squad', 'Where the squad stands'],
] as const
</script>

<template>
  <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
    <h1>Test desk</h1>
    <p class="text-quiet mr-auto">
      A watch for each athlete; one key starts and stops it, one says what ended it.
    </p>
    <NuxtLink
      v-for="[to, name] in ROOMS"
      :key="to"
      :to="to"
      class="btn"
    >
      {{ name }}
    </NuxtLink>
  </header>
</template>
