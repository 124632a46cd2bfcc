<script setup lang="ts">
import { bracedRepS } from '~~/core/dose'
import { liftDose, liftFacts, type PlannedLift, type PlannedSession, type TrunkItem } from '~~/core/programme'
import type { Conflict } from '~~/core/rules'
import { stripLayout } from '~/drawing/stripLayout'
import { useCatalogue } from '~/composables/useCatalogue'
import SessionHead from './SessionHead.vue'
import StripItem from './StripItem.vue'

/** One session as a line of minutes: lifts stand on it, trunk work hangs under it. */
const props = defineProps<{
  session: PlannedSession
  title: string
  kind: string
  width: number
  pxPerMinute: number
  selectedId: string | null
  conflicts: readonly Conflict[]
  dropHere: boolean
  editable: boolean
  marked: ReadonlySet<string>
  /** What a drill comes to for the athlete, in a word or two. */
  worthOf: (item: TrunkItem) => string
}>()
const emit = defineEmits<
  {
    select: [itemId: string]
    mark: [itemId: string]
    lift: [lift: PlannedLift]
    addLift: []
    addDrill: []
    options: []
    extras: []
  }
>()

const ROW_PX = 37
const LINE_PX = 42

const catalogue = useCatalogue()
const layout = computed(() =>
  stripLayout(props.session, props.pxPerMinute, props.width, catalogue.value, props.marked, props.worthOf))
const height = computed(() => LINE_PX + 22 + Math.max(1, layout.value.rows) * ROW_PX + 14)
const endX = computed(() => props.session.minutes * props.pxPerMinute)
const ticks = computed(() => Array.from({ length: Math.floor(props.session.minutes / 15) }, (_, i) => (i + 1) * 15))
/** The gravest thing against each drill. */
const broken = computed(() =>
  new Map(
    [...props.conflicts].filter(c => c.itemId).sort((a, b) => Number(a.blocks) - Number(b.blocks)).map(
      c => [c.itemId, c]
    ),
  )
)
const sessionConflicts = computed(() => props.conflicts.filter(c => c.itemId === null))

const repText = (lift: PlannedLift): string => `${bracedRepS(liftFacts(lift.lift).rep, lift.percent1Rm).toFixed(1)} s`
/** Sets, reps, load and, where there is room, the seconds one rep is braced for. */
function liftText(lift: PlannedLift, width: number): string {
  const dose = `${liftDose(lift)} · ${lift.percent1Rm} %`
  return width >= 128 ? `${dose} · ${repText(lift)}` : dose
}
</script>

<template>
  <section
    class="grid grid-cols-[124px_minmax(0,1fr)] border-b border-line/60 py-1"
    :aria-label="title"
  >
    <SessionHead
      :title="title"
      :kind="kind"
      :minutes="session.minutes"
      :editable="editable"
      @options="emit('options')"
      @add-lift="emit('addLift')"
      @add-drill="emit('addDrill')"
      @extras="emit('extras')"
    />
    <div
      class="relative"
      :class="dropHere ? 'bg-signal-soft' : ''"
      :style="{ height: `${height}px` }"
      :data-strip="session.id"
    >
      <div
        class="absolute h-[3px] bg-ink rounded"
        :style="{ top: `${LINE_PX - 1}px`, width: `${Math.min(endX, width)}px` }"
        aria-hidden="true"
      />
      <span
        v-for="tick in ticks"
        :key="tick"
        class="absolute figure text-[0.8em] text-quiet"
        :style="{ left: `${tick * pxPerMinute - 8}px`, top: `${height - 16}px` }"
        aria-hidden="true"
      >{{ tick }}</span>
      <span
        v-for="tick in ticks"
        :key="`t${tick}`"
        class="absolute w-px h-2 bg-quiet"
        :style="{ left: `${tick * pxPerMinute}px`, top: `${LINE_PX}px` }"
        aria-hidden="true"
      />
      <component
        :is="editable ? 'button' : 'div'"
        v-for="(block, index) in layout.lifts"
        :key="block.id"
        :type="editable ? 'button' : undefined"
        class="absolute top-0 bg-block text-paper text-left px-1.5 rounded-t overflow-hidden leading-tight"
        :style="{ left: `${block.x}px`, width: `${block.width - 2}px`, height: `${LINE_PX - 3}px` }"
        :title="
          [
            `${liftFacts(session.lifts[index]!.lift).name}, ${liftText(session.lifts[index]!, 0)}`,
            `one rep is braced for ${repText(session.lifts[index]!)}`,
          ].join('; ')"
        @click="editable && emit('lift', session.lifts[index]!)"
      >
        <span class="block font-semibold truncate">{{ liftFacts(session.lifts[index]!.lift).name }}</span>
        <span class="block figure text-[0.82em] tracking-tight whitespace-nowrap">
          {{ liftText(session.lifts[index]!, block.width) }}
        </span>
      </component>
      <div
        v-for="edge in layout.edges"
        :key="edge.kind"
        class="absolute border-b-[3px] border-dotted border-quiet text-[0.8em] text-quiet whitespace-nowrap
          overflow-hidden"
        :style="{ left: `${edge.x}px`, width: `${edge.width}px`, top: `${LINE_PX - 20}px`, height: '20px' }"
      >
        {{ edge.kind === 'warmUp' ? 'warm-up' : 'cool-down' }}
      </div>
      <StripItem
        v-for="place in layout.items"
        :key="place.item.id"
        :place="place"
        :drill="catalogue.find(place.item.variationId) ?? null"
        :broken="broken.get(place.item.id)"
        :selected="place.item.id === selectedId"
        :marked="marked.has(place.item.id)"
        :editable="editable"
        :line-y="LINE_PX"
        :row-px="ROW_PX"
        @select="emit('select', place.item.id)"
        @mark="emit('mark', place.item.id)"
      />
      <p
        v-if="session.note"
        class="absolute right-0 text-[0.88em] text-quiet max-w-[50%] truncate"
        :style="{ top: `${height - 18}px` }"
        :title="session.note"
      >
        {{ session.note }}
      </p>
      <p
        v-if="session.lifts.length + session.items.length === 0"
        class="absolute text-quiet"
        :style="{ top: `${LINE_PX + 12}px` }"
      >
        Nothing planned.
      </p>
      <p
        v-for="conflict in sessionConflicts"
        :key="conflict.rule"
        class="absolute right-0 top-2 caution py-0.5 text-[0.9em]"
      >
        {{ conflict.text }}
      </p>
    </div>
  </section>
</template>
