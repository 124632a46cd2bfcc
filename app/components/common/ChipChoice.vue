<script setup lang="ts" generic="K extends string">
/** Choices as chips under one legend; the ones that are on are pressed. */
const props = defineProps<{
  legend: string
  options: Readonly<Record<K, string>>
  pressed: readonly K[]
  problem?: string
  floor?: boolean
  /** The choice that must not be taken lightly. */
  warn?: K
}>()
const emit = defineEmits<{ choose: [key: K] }>()

const choices = computed(() => Object.entries(props.options) as [K, string][])
</script>

<template>
  <fieldset>
    <legend class="font-semibold mb-1">
      {{ legend }}
    </legend>
    <div
      class="flex flex-wrap"
      :class="floor ? 'gap-2' : 'gap-1.5'"
    >
      <button
        v-for="[key, label] in choices"
        :key="key"
        type="button"
        class="chip"
        :class="[floor ? 'chip-floor' : '', key === warn ? 'border-signal border-2' : '']"
        :aria-pressed="pressed.includes(key)"
        @click="emit('choose', key)"
      >
        {{ label }}
      </button>
    </div>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
  </fieldset>
</template>
