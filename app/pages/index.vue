<script setup lang="ts">
// The middleware sends everybody on to their own first room.
</script>

<template>
  <p class="p-4">
    One moment …
  </p>
</template>
