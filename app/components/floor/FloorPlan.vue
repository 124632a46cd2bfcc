<script setup lang="ts">
import type { FloorWays } from '~~/shared/floorRoom'

/** How the floor is run, before it begins: how many the coach can watch, in which order blocks are done. */
defineProps<{ ways: FloorWays, text: string, busy: boolean, problem: string }>()
const emit = defineEmits<{ ways: [ways: FloorWays], start: [] }>()
const ORDERS = { strict: 'as planned', loose: 'in any order' } as const
</script>

<template>
  <section
    class="bg-paper p-4 flex flex-wrap items-end gap-4"
    aria-label="How the floor is run"
  >
    <div>
      <label
        for="watch"
        class="font-semibold block"
      >You watch at once</label>
      <select
        id="watch"
        class="field min-h-[48px]"
        :value="ways.coachAtOnce"
        @change="emit('ways', { ...ways, coachAtOnce: Number(($event.target as HTMLSelectElement).value) })"
      >
        <option
          v-for="n in 6"
          :key="n"
          :value="n"
        >
          {{ n }}
        </option>
      </select>
    </div>
    <div>
      <label
        for="order"
        class="font-semibold block"
      >Blocks are done</label>
      <select
        id="order"
        class="field min-h-[48px]"
        :value="ways.order"
        @change="emit('ways', { ...ways, order: ($event.target as HTMLSelectElement).value as FloorWays['order'] })"
      >
        <option
          v-for="(label, key) in ORDERS"
          :key="key"
          :value="key"
        >
          {{ label }}
        </option>
      </select>
    </div>
    <p
      class="flex-1 text-[1.15rem]"
      role="status"
    >
      {{ problem || (busy ? 'Planning …' : text) }}
    </p>
    <button
      type="button"
      class="btn btn-main min-h-[56px] px-6 text-[1.15rem]"
      :disabled="busy || problem !== ''"
      @click="emit('start')"
    >
      Start the floor
    </button>
  </section>
</template>
