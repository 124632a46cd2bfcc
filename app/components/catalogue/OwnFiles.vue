<script setup lang="ts">
/** Own drills, or everything, as files; and a file that is brought in. */
defineProps<{ busy: boolean, editable: boolean, none: boolean }>()
const emit = defineEmits<{ write: [kind: 'json' | 'csv', all: boolean], read: [file: File] }>()

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (file) emit('read', file)
  // The same file can be chosen again after it was put right.
  input.value = ''
}
</script>

<template>
  <section class="panel">
    <h2 class="mb-1">
      Files
    </h2>
    <p class="text-quiet mb-2">
      JSON for other programs, CSV for a spreadsheet: one drill a row. The same columns come back in; a row without
      id is a new drill.
    </p>
    <p class="flex flex-wrap gap-2">
      <button
        v-for="[kind, all, text] in
            ([['csv', false, 'Own drills as CSV'], ['json', false, 'Own drills as JSON'],
        ['csv', true, 'Everything as CSV'], ['json', true, 'Everything as JSON']] as const)"
        :key="text"
        type="button"
        class="btn"
        :disabled="busy || (!all && none)"
        @click="emit('write', kind, all)"
      >
        {{ text }}
      </button>
      <label
        v-if="editable"
        class="btn btn-main cursor-pointer focus-within:outline-2"
      >
        Bring in a file …
        <input
          type="file"
          accept=".json,.csv,application/json,text/csv"
          class="sr-only"
          @change="choose"
        >
      </label>
    </p>
  </section>
</template>
