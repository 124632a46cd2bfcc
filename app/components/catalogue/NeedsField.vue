<script setup lang="ts">
import { EQUIPMENT, type Equipment } from '~~/core/catalogue'

/** What a drill needs: every line must be met, by any one thing on it. */
const props = defineProps<{ needs: readonly (readonly Equipment[])[], problem?: string }>()
const emit = defineEmits<{ put: [needs: readonly (readonly Equipment[])[]] }>()

const KINDS = Object.entries(EQUIPMENT) as [Equipment, string][]
const setLine = (index: number, line: readonly Equipment[]): void =>
  emit('put', props.needs.map((need, i) => (i === index ? line : need)).filter(need => need.length > 0))
const chosen = (event: Event): Equipment => {
  const select = event.target as HTMLSelectElement
  const value = select.value as Equipment
  select.value = ''
  return value
}
</script>

<template>
  <fieldset>
    <legend class="font-semibold mb-1">
      Needs <span class="font-normal text-quiet">{{ needs.length === 0 ? 'only the floor' : '' }}</span>
    </legend>
    <div
      v-for="(need, index) in needs"
      :key="index"
      class="flex flex-wrap items-center gap-1.5 mb-1.5"
    >
      <template
        v-for="(item, at) in need"
        :key="item"
      >
        <span
          v-if="at > 0"
          class="text-quiet"
        >or</span>
        <button
          type="button"
          class="chip"
          aria-pressed="true"
          :aria-label="`Take ${EQUIPMENT[item]} out`"
          @click="setLine(index, need.filter(other => other !== item))"
        >
          {{ EQUIPMENT[item] }} ✕
        </button>
      </template>
      <select
        class="field w-auto"
        :aria-label="`Something that will do instead of ${need.map(e => EQUIPMENT[e]).join(' or ')}`"
        @change="setLine(index, [...need, chosen($event)])"
      >
        <option value="">
          or …
        </option>
        <option
          v-for="[key, name] in KINDS.filter(([k]) => !need.includes(k))"
          :key="key"
          :value="key"
        >
          {{ name }}
        </option>
      </select>
    </div>
    <select
      class="field w-auto"
      aria-label="Something it also needs"
      @change="emit('put', [...needs, [chosen($event)]])"
    >
      <option value="">
        and also …
      </option>
      <option
        v-for="[key, name] in KINDS"
        :key="key"
        :value="key"
      >
        {{ name }}
      </option>
    </select>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
  </fieldset>
</template>
