<script setup lang="ts">
import type { KnownTrunk } from '~~/core/capacity'
import type { ItemEffort } from '~~/core/programme'
import { aboutNm, capacityText, decidingCapacity, loadOnTrunk } from '~/words/effortWords'
import { dayMonth } from '~/words/inWords'

/** Why this load: what it asks of the trunk, what the trunk holds, and what that rests on. */
const props = defineProps<{ worth: ItemEffort, trunk: KnownTrunk }>()

const says = computed(() => loadOnTrunk(props.worth))
const capacity = computed(() => decidingCapacity(props.worth, props.trunk))
/** What came last stands first. */
const evidence = computed(() => [...capacity.value?.from ?? []].reverse())
</script>

<template>
  <details class="mt-1">
    <summary class="cursor-pointer underline decoration-dotted underline-offset-2">
      Why this load
    </summary>
    <template v-if="says && capacity">
      <p class="mt-1">
        {{ says }}
      </p>
      <p>{{ capacityText(capacity) }}</p>
      <ul
        v-if="evidence.length > 0"
        class="text-[0.92em]"
      >
        <li
          v-for="(one, index) in evidence"
          :key="index"
        >
          <span
            v-if="one.day"
            class="text-quiet"
          >{{ dayMonth(one.day) }}</span>
          {{ one.says }}: {{ one.atLeast ? 'at least' : 'about' }} <span class="figure">{{ aboutNm(one.nm) }}</span> N·m
        </li>
      </ul>
      <p
        v-else
        class="text-quiet"
      >
        Nothing was tested or done yet that says more.
      </p>
    </template>
    <p
      v-else
      class="mt-1"
    >
      Nobody computes the moment of this drill: its gate stands for three quarters of the limit at the present rung.
    </p>
  </details>
</template>
