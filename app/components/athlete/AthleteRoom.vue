<script setup lang="ts">
import StatePanel from '~/components/common/StatePanel.vue'
import AthleteTabs from './AthleteTabs.vue'

/** The frame of a room about one athlete: loading, failed, or the name with the rooms beneath it. */
defineProps<{ id: string, name: string, state: 'loading' | 'failed' | 'ready', problem: string }>()
const emit = defineEmits<{ retry: [] }>()
</script>

<template>
  <StatePanel
    v-if="state !== 'ready'"
    :state="state"
    :text="problem"
    @retry="emit('retry')"
  />
  <div v-else>
    <header class="flex flex-wrap items-baseline gap-x-4 mb-1">
      <h1 class="mr-auto">
        {{ name }}
      </h1>
      <slot name="actions" />
    </header>
    <AthleteTabs :id="id" />
    <slot />
  </div>
</template>
