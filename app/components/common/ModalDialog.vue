<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A dialog that traps focus and closes on Escape, unless an answer is needed. */
withDefaults(defineProps<{ open: boolean, title: string, wide?: boolean, mustAnswer?: boolean }>(), {
  wide: false, mustAnswer: false,
})
const emit = defineEmits<{ close: [] }>()
const panel = ref<{ $el: HTMLElement } | null>(null)
/** What is typed on opening goes into the first field. */
const firstField = shallowRef<HTMLElement | null>(null)
watch(panel, (shown) => {
  firstField.value = shown?.$el.querySelector<HTMLElement>('input:not([type="hidden"]), textarea, select') ?? null
}, { flush: 'post' })
</script>

<template>
  <Dialog
    :open="open"
    class="relative z-40"
    :initial-focus="firstField"
    @close="emit('close')"
  >
    <div
      class="fixed inset-0 bg-ink/40"
      aria-hidden="true"
    />
    <div class="fixed inset-0 overflow-y-auto p-4 flex justify-center items-start md:pt-[10vh]">
      <DialogPanel
        ref="panel"
        class="relative bg-paper border-t-4 border-signal p-4 w-full shadow-xl"
        :class="wide ? 'max-w-3xl' : 'max-w-lg'"
      >
        <DialogTitle
          as="h2"
          class="text-[1.2rem] mb-3 mr-10 break-words"
        >
          {{ title }}
        </DialogTitle>
        <slot />
        <!-- Last, so that a dialog opens with the keyboard on its first field. -->
        <button
          v-if="!mustAnswer"
          type="button"
          class="btn btn-quiet min-h-0 px-1 absolute top-3.5 right-4"
          aria-label="Close"
          @click="emit('close')"
        >
          ✕
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
