<script setup lang="ts">
/** Something that can be done with a room as a whole. */
export interface Tool {
  readonly text: string
  /** The single key that does it too. */
  readonly key?: string
  readonly look?: 'main' | 'quiet'
  readonly disabled?: boolean
  readonly run: () => void
}

/** Tools of a room, a button each, in the row they stand in. */
defineProps<{ tools: readonly Tool[] }>()

const LOOKS = { main: 'btn btn-main', quiet: 'btn btn-quiet underline underline-offset-2' } as const
</script>

<template>
  <button
    v-for="tool in tools"
    :key="tool.text"
    type="button"
    :class="tool.look ? LOOKS[tool.look] : 'btn'"
    :disabled="tool.disabled ?? false"
    @click="tool.run()"
  >
    {{ tool.text }}<template v-if="tool.key">
      {{ ' ' }}<kbd>{{ tool.key }}</kbd>
    </template>
  </button>
</template>
