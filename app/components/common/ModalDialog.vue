<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A dialog that traps focus and closes on Escape, unless an answer is needed. */
withDefaults(defineProps<{ open: boolean, title: string, wide?: boolean, mustAnswer?: boolean }>(), {
  wide: false, mustAnswer: false,
})
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog
    :open="open"
    class="relative z-40"
    @close="emit('close')"
  >
    <div
      class="fixed inset-0 bg-ink/40"
      aria-hidden="true"
    />
    <div class="fixed inset-0 overflow-y-auto p-4 flex justify-center items-start md:pt-[10vh]">
      <DialogPanel
        class="bg-paper border-t-4 border-signal p-4 w-full shadow-xl"
        :class="wide ? 'max-w-3xl' : 'max-w-lg'"
      >
        <div class="flex justify-between items-start gap-4 mb-3">
          <DialogTitle
            as="h2"
            class="text-[1.2rem]"
          >
            {{ title }}
          </DialogTitle>
          <button
            v-if="!mustAnswer"
            type="button"
            class="btn btn-quiet min-h-0 px-1"
            aria-label="Close"
            @click="emit('close')"
          >
            ✕
          </button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
