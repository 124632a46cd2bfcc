<script setup lang="ts" generic="K extends string">
/** Words in the order they were chosen: the first counts most. Whoever may not choose sees the chosen ones. */
const props = defineProps<{ words: Readonly<Record<K, string>>, chosen: readonly K[], editable: boolean }>()
const emit = defineEmits<{ toggle: [key: K] }>()

const keys = computed(() => (props.editable ? Object.keys(props.words) as K[] : [...props.chosen]))
const place = (key: K): number => props.chosen.indexOf(key) + 1
</script>

<template>
  <div class="flex flex-wrap gap-1.5 mt-1">
    <component
      :is="editable ? 'button' : 'span'"
      v-for="key in keys"
      :key="key"
      :type="editable ? 'button' : undefined"
      class="chip"
      :aria-pressed="editable ? place(key) > 0 : undefined"
      @click="editable && emit('toggle', key)"
    >
      <span
        v-if="place(key) > 0"
        class="figure mr-1"
      >{{ place(key) }}</span>{{ words[key] }}
    </component>
  </div>
</template>
