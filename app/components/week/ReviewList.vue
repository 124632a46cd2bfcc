<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import { MISTAKES, type Improvement, type Slot } from '~~/core/programme'
import type { WeekReview } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'

/** Known mistakes of a week and the single changes the engine would make, each to be taken by itself. */
const props = defineProps<
  {
    review: WeekReview
    nameOfItem: (itemId: string) => string
    dayOf: (sessionId: string) => string
    placeOf: (sessionId: string, slot: Slot) => string
    editable: boolean
  }
>()
const emit = defineEmits<{ take: [improvement: Improvement], show: [itemId: string] }>()

const catalogue = useCatalogue()
function changeText({ kind, item, itemId, sessionId }: Improvement): string {
  const comes = item ? catalogue.value.find(item.variationId) : undefined
  const new_ = comes && item
    ? `${comes.name}, ${formatDose(item.dose, comes.sides)}, ${props.placeOf(sessionId, item.slot)}`
    : ''
  const old = itemId ? props.nameOfItem(itemId) : ''
  if (kind === 'drop') return `${props.dayOf(sessionId)}: leave ${old} out`
  return kind === 'add' ? `${props.dayOf(sessionId)}: add ${new_}` : `${props.dayOf(sessionId)}: ${old} → ${new_}`
}
</script>

<template>
  <div class="flex flex-col gap-3">
    <section>
      <h3>Against the known mistakes</h3>
      <p
        v-if="review.findings.length === 0"
        class="text-quiet"
      >
        None of them is found.
      </p>
      <ul>
        <li
          v-for="finding in review.findings"
          :key="finding.text"
          class="py-1 border-b border-line/60"
        >
          <b>{{ MISTAKES[finding.mistake] }}.</b> {{ finding.text }}
          <span class="text-quiet">{{ finding.advice }}</span>
          <button
            v-if="finding.itemIds.length > 0"
            type="button"
            class="underline underline-offset-2 ml-1"
            @click="emit('show', finding.itemIds[0]!)"
          >
            Show
          </button>
        </li>
      </ul>
    </section>
    <section>
      <h3>What the engine would change</h3>
      <p
        v-if="review.improvements.length === 0"
        class="text-quiet"
      >
        No single change makes this week better.
      </p>
      <ol>
        <li
          v-for="(one, index) in review.improvements"
          :key="index"
          class="py-1.5 border-b border-line/60 grid grid-cols-[minmax(0,1fr)_auto] gap-3 items-start"
        >
          <span><b>{{ changeText(one) }}</b><span class="block text-quiet">{{ one.effect }}</span></span>
          <button
            v-if="editable"
            type="button"
            class="btn"
            @click="emit('take', one)"
          >
            Take it
          </button>
        </li>
      </ol>
    </section>
  </div>
</template>
