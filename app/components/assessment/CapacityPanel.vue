<script setup lang="ts">
import { CAPACITY_IDS, CAPACITY_WORDS, type Capacities, type CapacityId } from '~~/core/capacity'
import type { WeakestDirection } from '~~/core/programme'
import { weakestText } from '~/words/effortWords'
import { dayMonth } from '~/words/inWords'

/** What the trunk holds in each direction by all that is known: about, with its band, and what moved it. */
const props = defineProps<{
  capacities: Capacities
  /** Where it holds least of what the sport asks; null: nothing can be said. */
  weakest?: WeakestDirection | null
  sportName?: string
}>()

const most = computed(() => Math.max(...CAPACITY_IDS.map(id => props.capacities[id].high)))
const open = ref<CapacityId | null>(null)
const part = (nm: number): number => 100 * nm / most.value
/** What came last stands first. */
const moved = (id: CapacityId) => [...props.capacities[id].from].reverse()
const about = (nm: number): number => Math.round(nm / 5) * 5
</script>

<template>
  <section>
    <h2 class="mb-1">
      What the trunk holds
    </h2>
    <ul>
      <li
        v-for="id in CAPACITY_IDS"
        :key="id"
        class="border-b border-line/60 py-1"
      >
        <button
          type="button"
          class="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1.3fr)_7rem] gap-x-3 items-center w-full text-left"
          :aria-expanded="open === id"
          @click="open = open === id ? null : id"
        >
          <span class="leading-tight">{{ CAPACITY_WORDS[id].replace(/^./, c => c.toUpperCase()) }}</span>
          <svg
            viewBox="0 0 100 12"
            preserveAspectRatio="none"
            class="w-full h-3"
            role="img"
            :aria-label="`between ${about(capacities[id].low)} and ${about(capacities[id].high)} newton metres`"
          >
            <line
              x1="0"
              x2="100"
              y1="6"
              y2="6"
              stroke="#8d9ca4"
            />
            <rect
              :x="part(capacities[id].low)"
              y="3"
              :width="part(capacities[id].high - capacities[id].low)"
              height="6"
              :fill="capacities[id].measured ? '#34434b' : '#fbf8f1'"
              stroke="#34434b"
              stroke-width="0.8"
            />
            <rect
              :x="part(capacities[id].nm) - 0.7"
              y="0"
              width="1.4"
              height="12"
              fill="#b84517"
            />
          </svg>
          <span class="text-right">about <b class="figure">{{ about(capacities[id].nm) }}</b> N·m</span>
        </button>
        <p
          v-if="!capacities[id].measured"
          class="text-quiet text-[0.92em]"
        >
          Not measured yet: what people of this kind hold{{ capacities[id].from.length > 0
            ? ', and at least what was done' : '' }}.
        </p>
        <ul
          v-if="open === id && capacities[id].from.length > 0"
          class="text-[0.92em] pl-3"
        >
          <li
            v-for="(one, i) in moved(id).slice(0, 12)"
            :key="i"
          >
            <span class="text-quiet">{{ one.day ? dayMonth(one.day) : 'standing' }}:</span> {{ one.says }},
            {{ one.atLeast ? 'at least' : 'about' }} <span class="figure">{{ about(one.nm) }}</span> N·m
          </li>
        </ul>
      </li>
    </ul>
    <p
      v-if="weakest"
      class="mt-1 border-l-4 pl-3"
      :class="weakest.certain ? 'border-signal' : 'border-line'"
    >
      {{ weakestText(weakest, sportName ?? 'the sport') }}
    </p>
    <p class="text-quiet text-[0.92em] mt-1">
      The moment that could be held for an instant, by our model: it compares this athlete with nobody but this athlete.
      The band holds nine in ten.
    </p>
  </section>
</template>
