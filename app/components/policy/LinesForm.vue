<script setup lang="ts">
import { LINE_IDS, POLICY_LINES, schoolPolicy, type LineId, type PlanningRules, type Policy } from '~~/core/policy'

/** Every line of a scope: what the school says, and what is settled beside it. */
const rules = defineModel<PlanningRules>({ required: true })
/** What holds from wider scopes where neither school nor line is settled here. */
const props = defineProps<{ inherited: Policy }>()

const fromSchool = computed(() => (rules.value.school ? schoolPolicy(rules.value.school) : props.inherited))
const choices = (line: LineId): [string, string][] => Object.entries(POLICY_LINES[line].choices)

function set(line: LineId, choice: string): void {
  const { [line]: _, ...rest } = rules.value.lines
  const lines = choice === '' ? rest : { ...rest, [line]: choice }
  rules.value = { ...rules.value, lines }
}
</script>

<template>
  <dl class="grid sm:grid-cols-2 xl:grid-cols-3 gap-x-6 gap-y-2">
    <div
      v-for="line in LINE_IDS"
      :key="line"
    >
      <dt>
        <label
          :for="`line-${line}`"
          class="font-semibold"
        >{{ POLICY_LINES[line].title }}</label>
      </dt>
      <dd>
        <select
          :id="`line-${line}`"
          class="field w-full"
          :class="line in rules.lines ? 'border-signal border-2' : ''"
          :value="rules.lines[line] ?? ''"
          @change="set(line, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">
            {{ (POLICY_LINES[line].choices as Record<string, string>)[fromSchool[line]] }}
            ({{ rules.school ? 'school' : 'from above' }})
          </option>
          <option
            v-for="[id, label] in choices(line)"
            :key="id"
            :value="id"
          >
            {{ label }}
          </option>
        </select>
      </dd>
    </div>
  </dl>
</template>
