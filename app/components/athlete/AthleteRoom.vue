<script setup lang="ts">
import RoomPage, { type Reading } from '~/components/common/RoomPage.vue'
import AthleteTabs from './AthleteTabs.vue'

/** The frame of a room about one athlete: loading, failed, or the name with the rooms beneath it. */
defineProps<{ id: string, name: string, reading: Reading }>()
const emit = defineEmits<{ retry: [] }>()
</script>

<template>
  <RoomPage
    :readings="[reading]"
    @retry="emit('retry')"
  >
    <header class="flex flex-wrap items-baseline gap-x-4 mb-1">
      <h1 class="mr-auto">
        {{ name }}
      </h1>
      <slot name="actions" />
    </header>
    <AthleteTabs :id="id" />
    <slot />
  </RoomPage>
</template>
