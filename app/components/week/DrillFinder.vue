<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxLabel, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { mainFacts, mainLabel, type Variation } from '~~/core/catalogue'
import { removals, type Screen } from '~~/core/screening'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** Finds a drill by typing; what may not be given stays in sight with the rule that took it away. */
const props = defineProps<{ screen: Screen }>()
const emit = defineEmits<{ choose: [variation: Variation], close: [] }>()

const text = ref('')
const drills = computed(() =>
  props.screen.catalogue.variations.map((variation) => {
    const label = mainLabel(variation)
    const plane = mainFacts(variation.shares)?.plane ?? ''
    return {
      variation, label,
      search: `${variation.name} ${label} ${plane} ${variation.posture} ${variation.mode} ${variation.ladder}`
        .toLowerCase(),
      removed: removals(variation, props.screen)[0]?.text ?? null,
    }
  })
)
const found = computed(() => {
  const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
  return drills.value.filter(drill => words.every(word => drill.search.includes(word)))
    .sort((a, b) => Number(a.removed !== null) - Number(b.removed !== null))
})
</script>

<template>
  <Combobox
    :model-value="null"
    @update:model-value="(variation: Variation | null) => variation && emit('choose', variation)"
  >
    <ComboboxLabel class="block font-semibold mb-0.5">
      Drill, action, plane or posture
    </ComboboxLabel>
    <ComboboxInput
      class="field"
      placeholder="Type to filter"
      :display-value="() => text"
      @change="text = $event.target.value"
      @keydown.esc="emit('close')"
    />
    <ComboboxOptions
      static
      class="mt-2 max-h-[50vh] overflow-y-auto border border-line"
    >
      <ComboboxOption
        v-for="drill in found"
        :key="drill.variation.id"
        v-slot="{ active }"
        as="template"
        :value="drill.variation"
        :disabled="drill.removed !== null"
      >
        <li
          class="grid grid-cols-[1.4rem_minmax(0,1fr)] gap-x-2 px-2 py-1"
          :class="[active ? 'bg-chalk-deep' : '', drill.removed ? 'text-quiet' : 'cursor-pointer']"
        >
          <PlaneMark
            class="mt-1"
            :shares="drill.variation.shares"
          />
          <span>
            <span class="font-semibold">{{ drill.variation.name }}</span>
            <span class="text-quiet"> · {{ drill.label }}</span>
            <span
              v-if="drill.removed"
              class="block text-[0.9em] text-signal-ink"
            >{{ drill.removed }}</span>
          </span>
        </li>
      </ComboboxOption>
      <li
        v-if="found.length === 0"
        class="px-2 py-1"
      >
        Nothing in the catalogue fits these words.
      </li>
    </ComboboxOptions>
  </Combobox>
</template>
