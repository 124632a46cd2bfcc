<script setup lang="ts">
import type { PlanDifference } from '~~/core/programme'

/** How the week differs from another plan of it. */
defineProps<{ difference: PlanDifference, than: string }>()
</script>

<template>
  <div>
    <p
      v-if="difference.comes.length + difference.goes.length + difference.changes.length === 0"
      class="text-quiet"
    >
      The same drills in the same doses and places as {{ than }}.
    </p>
    <ul>
      <li
        v-for="text in difference.comes"
        :key="`+${text}`"
      >
        <b>only here:</b> {{ text }}
      </li>
      <li
        v-for="text in difference.goes"
        :key="`-${text}`"
      >
        <b>only in {{ than }}:</b> {{ text }}
      </li>
      <li
        v-for="text in difference.changes"
        :key="`~${text}`"
      >
        {{ text }}
      </li>
    </ul>
    <table
      v-if="difference.fullSets.length > 0"
      class="mt-2"
    >
      <caption class="text-left text-quiet">
        Full sets, {{ than }} → this week
      </caption>
      <tbody>
        <tr
          v-for="s in difference.fullSets"
          :key="s.label"
        >
          <th
            scope="row"
            class="text-left font-normal pr-4"
          >
            {{ s.label }}
          </th>
          <td class="figure text-right">
            {{ s.from.toFixed(1) }} → {{ s.to.toFixed(1) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
