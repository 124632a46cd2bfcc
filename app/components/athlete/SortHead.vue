<script setup lang="ts">
/** The head of a column that a table can be put in order by. */
const props = defineProps<{ on: boolean, down: boolean }>()
const emit = defineEmits<{ sort: [] }>()
const order = computed(() => (!props.on ? 'none' : props.down ? 'descending' : 'ascending'))
</script>

<template>
  <th
    class="p-1.5"
    :aria-sort="order"
  >
    <button
      type="button"
      class="relative font-semibold text-left underline-offset-4 hover:underline"
      @click="emit('sort')"
    >
      <slot /><span
        class="figure absolute left-full bottom-0 pl-1"
        aria-hidden="true"
      >{{ on ? (down ? '↓' : '↑') : '' }}</span>
    </button>
  </th>
</template>
