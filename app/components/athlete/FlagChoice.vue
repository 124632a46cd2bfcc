<script setup lang="ts">
import { CAUTION, FLAG_IDS, FLAGS, type FlagId, type HealthMark } from '~~/core/screening'

/** Health flags to tick, each with what it means for training. */
const props = defineProps<{ flags: readonly HealthMark[] }>()
/** Red ones that stand: the profile takes none of them away. */
const standing = new Set(props.flags.filter(flag => flag in FLAGS && FLAGS[flag as FlagId].kind === 'red'))
const emit = defineEmits<{ toggle: [flag: FlagId] }>()
</script>

<template>
  <fieldset class="panel">
    <legend class="sr-only">
      Flags
    </legend>
    <h2>Flags</h2>
    <p class="text-quiet mb-2">
      {{ CAUTION }}
    </p>
    <div class="grid md:grid-cols-2 gap-x-6 gap-y-1">
      <label
        v-for="key in FLAG_IDS"
        :key="key"
        class="flex gap-2 items-start py-1 border-b border-line/60"
      >
        <input
          type="checkbox"
          :checked="flags.includes(key)"
          :disabled="standing.has(key)"
          @change="emit('toggle', key)"
        >
        <span>
          <b>{{ FLAGS[key].name }}</b>
          <span
            v-if="FLAGS[key].kind === 'red'"
            class="problem"
          > · red</span>
          <span class="block text-quiet text-[0.92em]">{{ standing.has(key)
            ? 'It leaves only by a clearance, on the screening page.' : FLAGS[key].means }}</span>
        </span>
      </label>
    </div>
  </fieldset>
</template>
