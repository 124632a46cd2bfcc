<script setup lang="ts">
import type { KeyAction } from '~/composables/useSingleKeys'

/** What each key does, and the switch that turns the single keys off. */
defineProps<{ actions: readonly KeyAction[], on: boolean }>()
const emit = defineEmits<{ switch: [on: boolean] }>()

const SHOWN: Record<string, string> = {
  ArrowLeft: '←', ArrowRight: '→', ArrowUp: '↑', ArrowDown: '↓', 'shift+ArrowUp': 'Shift ↑',
  'shift+ArrowDown': 'Shift ↓', 'ctrl+z': 'Ctrl Z', 'ctrl+y': 'Ctrl Y', 'ctrl+shift+z': 'Ctrl Shift Z',
  'ctrl+Enter': 'Ctrl Enter', 'shift+z': 'Shift Z',
}
</script>

<template>
  <div>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
      <template
        v-for="action in actions"
        :key="action.text"
      >
        <dt class="flex gap-1">
          <kbd
            v-for="key in action.keys"
            :key="key"
          >{{ SHOWN[key] ?? key }}</kbd>
        </dt>
        <dd>{{ action.text }}</dd>
      </template>
    </dl>
    <label class="flex gap-2 items-center mt-4">
      <input
        type="checkbox"
        :checked="on"
        @change="emit('switch', ($event.target as HTMLInputElement).checked)"
      >
      Single keys are on (those with Ctrl always are)
    </label>
  </div>
</template>
