<script setup lang="ts">
import PlanePatterns from '~/components/shell/PlanePatterns.vue'
</script>

<template>
  <div class="min-h-screen">
    <PlanePatterns />
    <main id="main">
      <slot />
    </main>
  </div>
</template>
