<script setup lang="ts">
import { SCHOOLS } from '~~/core/catalogue'
import type { PlanningRules } from '~~/core/policy'

/** Whom rules are settled for, and what is settled now. */
defineProps<{
  scopes: readonly { readonly label: string, readonly options: readonly { key: string, name: string }[] }[]
  chosen: string
  rules: Pick<PlanningRules, 'school' | 'lines'>
}>()
const emit = defineEmits<{ choose: [key: string] }>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-3">
    <label class="flex items-center gap-2">
      <span class="font-semibold">Settled for</span>
      <select
        class="field w-auto"
        :value="chosen"
        @change="emit('choose', ($event.target as HTMLSelectElement).value)"
      >
        <optgroup
          v-for="group in scopes"
          :key="group.label"
          :label="group.label"
        >
          <option
            v-for="option in group.options"
            :key="option.key"
            :value="option.key"
          >
            {{ option.name }}
          </option>
        </optgroup>
      </select>
    </label>
    <p>
      now: <b>{{ rules.school ? SCHOOLS[rules.school].name
        : 'no school of its own' }}</b><template v-if="Object.keys(rules.lines).length > 0">
        , {{ Object.keys(rules.lines).length }} {{ Object.keys(rules.lines).length === 1 ? 'line' : 'lines' }} beside it
      </template>
    </p>
  </div>
</template>
