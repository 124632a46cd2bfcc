<script setup lang="ts">
import type { CatalogueReading } from '~/files/catalogueFile'
import ModalDialog from '~/components/common/ModalDialog.vue'

/** What a file would do, before it does it. */
const props = defineProps<{ name: string, reading: CatalogueReading, busy: boolean }>()
const emit = defineEmits<{ accept: [], close: [] }>()

const SHOWN = 12
const some = (list: readonly string[]): string =>
  [...list.slice(0, SHOWN), ...(list.length > SHOWN ? [`and ${list.length - SHOWN} more`] : [])].join(', ')
const nothing = computed(() => props.reading.added.length + props.reading.changed.length === 0)
</script>

<template>
  <ModalDialog
    open
    wide
    :title="name"
    @close="emit('close')"
  >
    <template v-if="reading.problems.length > 0">
      <p class="caution mb-2">
        Nothing was taken in.
        {{ reading.problems.length === 1 ? 'One thing has' : `${reading.problems.length} things have` }} to be put
        right in the file first:
      </p>
      <ul class="max-h-[50vh] overflow-y-auto list-disc pl-5">
        <li
          v-for="problem in reading.problems.slice(0, 60)"
          :key="problem"
        >
          {{ problem }}
        </li>
      </ul>
    </template>
    <template v-else>
      <p v-if="reading.added.length > 0">
        <b>{{ reading.added.length }} new:</b> {{ some(reading.added) }}
      </p>
      <p v-if="reading.changed.length > 0">
        <b>{{ reading.changed.length }} changed:</b> {{ some(reading.changed) }}
      </p>
      <p class="text-quiet">
        {{ reading.unchanged }} as they are here already.
      </p>
    </template>
    <p class="flex gap-2 mt-3">
      <button
        v-if="reading.problems.length === 0"
        type="button"
        class="btn btn-main"
        :disabled="busy || nothing"
        @click="emit('accept')"
      >
        {{ nothing ? 'Nothing to take in' : 'Take them in' }}
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('close')"
      >
        {{ reading.problems.length > 0 ? 'Close' : 'Leave it' }}
      </button>
    </p>
  </ModalDialog>
</template>
