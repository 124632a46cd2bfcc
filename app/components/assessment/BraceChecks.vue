<script setup lang="ts">
import { BRACE_STEPS, QUADRANTS, type Quadrant } from '~~/core/assessment'
import type { StoredBraceCheck } from '~~/shared/types'
import { dayMonth } from '~/words/inWords'

/** The last checks of the brace, newest first. */
defineProps<{ checks: readonly StoredBraceCheck[] }>()

const swellText = (
  swell: readonly Quadrant[],
): string => (swell.length === 4
  ? 'all four places'
  : swell.map(q => QUADRANTS[q].toLowerCase()).join(', ') || 'nowhere')
</script>

<template>
  <section
    class="panel"
  >
    <h2 class="mb-1">
      Checks
    </h2>
    <ul>
      <li
        v-for="one in [...checks].reverse().slice(0, 12)"
        :key="one.id"
        class="border-b border-line/60 py-0.5"
      >
        <b>{{ dayMonth(one.day) }}</b> step {{ one.step }} {{ one.passed ? 'passed' : 'not yet' }} ·
        {{ one.count }}<template v-if="BRACE_STEPS[one.step - 1]!.swell">
          · swells {{ swellText(one.swell) }}
        </template><template v-if="one.checkedBy">
          · {{ one.checkedBy }}
        </template><span
          v-if="one.note"
          class="block text-quiet"
        >{{ one.note }}</span>
      </li>
    </ul>
  </section>
</template>
