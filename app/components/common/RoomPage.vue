<script setup lang="ts">
import StatePanel from './StatePanel.vue'

/** How far the reading is of something that a room cannot be shown without. */
export interface Reading { readonly state: 'idle' | 'loading' | 'ready' | 'failed', readonly problem: string }

/** The frame of a room: what it needs is being read, cannot be read, is not there yet, or it stands in the slot. */
const props = defineProps<{
  readings: readonly Reading[]
  empty?: string | null
  /** Where what is missing is made: an address and what is done there. */
  next?: readonly [string, string]
}>()
const emit = defineEmits<{ retry: [] }>()

const failed = computed(() => props.readings.find(one => one.state === 'failed'))
const ready = computed(() => props.readings.every(one => one.state === 'ready'))
</script>

<template>
  <StatePanel
    v-if="failed"
    state="failed"
    :text="failed.problem"
    @retry="emit('retry')"
  />
  <StatePanel
    v-else-if="!ready"
    state="loading"
  />
  <StatePanel
    v-else-if="empty"
    state="empty"
    :text="empty"
  >
    <slot name="empty">
      <NuxtLink
        v-if="next"
        :to="next[0]"
        class="btn btn-main"
      >{{ next[1] }}</NuxtLink>
    </slot>
  </StatePanel>
  <slot v-else />
</template>
