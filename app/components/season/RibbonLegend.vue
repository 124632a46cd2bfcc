<script setup lang="ts">
import { PLANES } from '~~/core/catalogue'
import PlaneName from '~/components/plane/PlaneName.vue'
</script>

<!-- What stands on the season line and what hangs under it. -->
<template>
  <p class="flex flex-wrap gap-x-3 gap-y-0.5 items-center text-[0.88em] text-quiet mt-1">
    <span>On the line: units of trunk work; dashed: lighter week; slanted: taper.</span>
    <span class="inline-flex flex-wrap gap-x-2 items-center">Under it, full sets asked: <PlaneName
      v-for="plane in PLANES"
      :key="plane"
      :plane="plane"
    /></span>
    <span>Dot: practice · ring: match · crosses: closed · bar: school.</span>
  </p>
</template>
