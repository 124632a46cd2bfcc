<script setup lang="ts">
import { POLICY_LINES, type PolicyChange } from '~~/core/policy'
import type { PlanDifference } from '~~/core/programme'

/** What a change of rules does to one athlete's week, before it is accepted. */
defineProps<{ name: string, lines: readonly PolicyChange[], difference: PlanDifference | null }>()
const choice = ({ line }: PolicyChange, id: string): string =>
  (POLICY_LINES[line].choices as Readonly<Record<string, string>>)[id]!
</script>

<template>
  <div class="grid md:grid-cols-2 gap-x-6 gap-y-2">
    <div>
      <h3>Lines</h3>
      <ul v-if="lines.length > 0">
        <li
          v-for="change in lines"
          :key="change.line"
        >
          <b>{{ POLICY_LINES[change.line].title }}</b>: {{ choice(change, change.from) }} →
          {{ choice(change, change.to) }}
        </li>
      </ul>
      <p
        v-else
        class="text-quiet"
      >
        No line differs from what holds now.
      </p>
    </div>
    <div v-if="difference">
      <h3>Next week of {{ name }}</h3>
      <ul>
        <li
          v-for="text in difference.comes"
          :key="`+${text}`"
        >
          <b>comes:</b> {{ text }}
        </li>
        <li
          v-for="text in difference.goes"
          :key="`-${text}`"
        >
          <b>goes:</b> {{ text }}
        </li>
        <li
          v-for="text in difference.changes"
          :key="`~${text}`"
        >
          {{ text }}
        </li>
        <li
          v-for="s in difference.fullSets"
          :key="s.label"
          class="text-quiet"
        >
          {{ s.label }} <span class="figure">{{ s.from.toFixed(1) }} → {{ s.to.toFixed(1) }} full sets</span>
        </li>
      </ul>
      <p
        v-if="difference.comes.length + difference.goes.length + difference.changes.length === 0"
        class="text-quiet"
      >
        The proposal stays as it is.
      </p>
    </div>
  </div>
</template>
