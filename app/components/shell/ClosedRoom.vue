<script setup lang="ts">
/** What stands instead of a room that is not for this person. */
defineProps<{ only: 'plan' | 'govern' }>()
const WHOM = { plan: 'coaches and head coaches', govern: 'head coaches' } as const
</script>

<template>
  <section class="panel max-w-xl mt-6">
    <h1 class="text-[1.3rem] mb-1">
      This room is for {{ WHOM[only] }}
    </h1>
    <p>
      Whoever leads your organisation can open it to you.
      <NuxtLink
        to="/roster"
        class="underline underline-offset-2"
      >To the roster</NuxtLink>
    </p>
  </section>
</template>
