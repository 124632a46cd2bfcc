<script setup lang="ts">
import { SLOTS, type TrunkItem } from '~~/core/programme'
import type { WeekRules } from '~~/core/policy'

/** Locks on a drill that hold for the athlete in every week, and a note to this one. */
const props = defineProps<{ item: TrunkItem, rules: WeekRules, editable: boolean, problem: string }>()
const emit = defineEmits<{ lock: [to: 'never' | readonly string[] | null], note: [text: string] }>()

const never = computed(() => props.rules.never.includes(props.item.variationId))
const only = computed(() => props.rules.only[props.item.variationId] ?? null)
</script>

<template>
  <div class="text-[0.92em]">
    <p
      v-if="editable"
      class="flex flex-wrap gap-x-3 mt-1"
    >
      <span class="text-quiet">For this athlete:</span>
      <button
        type="button"
        class="underline-offset-2"
        :class="never ? 'font-bold' : 'underline'"
        :aria-pressed="never"
        @click="emit('lock', never ? null : 'never')"
      >
        never this drill
      </button>
      <button
        type="button"
        class="underline-offset-2"
        :class="only ? 'font-bold' : 'underline'"
        :aria-pressed="only !== null"
        @click="emit('lock', only ? null : [item.slot])"
      >
        only {{ SLOTS[(only?.[0] ?? item.slot) as keyof typeof SLOTS] }}
      </button>
    </p>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <label class="flex items-baseline gap-2 mt-1">Note
      <input
        class="field"
        maxlength="500"
        :readonly="!editable"
        :value="item.note ?? ''"
        @change="emit('note', ($event.target as HTMLInputElement).value)"
      >
    </label>
  </div>
</template>
