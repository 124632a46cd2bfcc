<script setup lang="ts">
import PlanePatterns from '~/components/shell/PlanePatterns.vue'
</script>

<template>
  <!-- A phone on a bad line waits for no face of its own for headings. -->
  <div class="min-h-screen [--font-head:var(--font-text)]">
    <PlanePatterns />
    <main id="main">
      <slot />
    </main>
  </div>
</template>
