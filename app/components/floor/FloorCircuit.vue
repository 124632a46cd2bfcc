<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { PAIN_CAUTION } from '~~/core/screening'
import type { SessionRun, SetLogInput, Units } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import EndedBy from '~/components/run/EndedBy.vue'
import FloorFace from '~/components/floor/FloorFace.vue'
import FloorFrame from '~/components/floor/FloorFrame.vue'
import type { BoardBlock } from '~/composables/floor/floorView'
import { useBlockRun } from '~/composables/floor/useBlockRun'
import { useCircuit } from '~/composables/circuit/useCircuit'
import { placeText } from '~/words/circuitWords'
import { loadIn } from '~/words/loadWords'
import { minutesOf } from '~/words/timerWords'

/** One athlete in a circuit: one key starts its clock, another stops the set of the moment. */
const props = defineProps<{
  run: SessionRun
  block: BoardBlock
  /** Begins at this many seconds from now; below 0 it has begun. */
  inS: number
  leftS: number
  waiting: readonly SetLogInput[]
  catalogue: Catalogue
  units: Units
  digit: string
  held: boolean
}>()
const emit = defineEmits<{
  log: [log: SetLogInput]
  /** It is over, whatever of it is done. */
  done: []
  busy: [is: boolean]
}>()

const { inBlock, runner } = useBlockRun(props, sent => emit('log', sent))
const {
  circuit, timer, item, option, options, next, early, hurts, start, stopSet, said, hurt, hurtAt, notHurt, leave, choose,
} = useCircuit(() => inBlock.value.session, runner)
const { place, running, held: stands, hold, pass } = timer
const begun = computed(() => running.value || stands.value)
watch(begun, is => emit('busy', is))

const pained = ref(false)
/** All go on together, but for one who stands still for pain: that one goes on by the own key. */
watch(() => props.held, is => begun.value && (is || (!hurts.value && !pained.value)) && hold(is))
const shown = computed(() => placeText(place.value, circuit.value))
const waits = computed(() => props.inS > 0 && !begun.value)
const isOwn = computed(() => option.value?.variationId === item.value?.variationId)
const load = computed(() => (item.value && isOwn.value ? loadIn(item.value.setting, props.units) : ''))
const drill = computed(() => (option.value ? props.catalogue.find(option.value.variationId) ?? null : null))

const inSet = computed(() => place.value?.phase.set !== undefined)
const text = computed(() =>
  (stands.value ? 'Go on'
    : !running.value ? 'Start the circuit' : inSet.value ? 'Stop this set: form broke' : 'Skip this'))
const mayPress = computed(() => circuit.value !== null && !props.held && !hurts.value && !early.value)
function press(): void {
  if (!mayPress.value) return
  if (stands.value) {
    pained.value = false
    hold(false)
  }
  else if (!running.value) start()
  else if (inSet.value) stopSet()
  else pass()
}
defineExpose({ press })
</script>

<template>
  <FloorFrame
    :name="run.athleteName"
    :running="running"
    :text="text"
    :may-press="mayPress"
    :digit="digit"
    @press="press"
  >
    <p class="leading-tight">
      {{ shown.title ?? option?.name ?? block.what }}<template v-if="load">, <b class="figure">{{ load }}</b></template>
    </p>
    <EndedBy
      v-if="hurts || early"
      class="mt-2"
      :hurts="hurts !== null"
      @ended="what => (what === 'pain' ? hurt() : said(what))"
      @hurt="at => { pained = true; hurtAt(at) }"
      @back="notHurt"
    />
    <template v-else>
      <FloorFace
        :face="waits ? minutesOf(inS) : shown.face"
        :label="`${shown.face} ${shown.line}`"
        :drill="drill"
      />
      <p class="text-quiet">
        {{ waits ? 'until it begins' : shown.line }}<template v-if="begun && next">
          · next {{ next.word }}
        </template>
      </p>
      <p
        v-if="pained"
        class="caution"
        role="alert"
      >
        {{ PAIN_CAUTION }}
      </p>
      <ChipChoice
        v-if="options.length > 1"
        legend="Which one?"
        floor
        :options="Object.fromEntries(options.map(one => [one.variationId, one.name]))"
        :pressed="option ? [option.variationId] : []"
        @choose="choose"
      />
      <button
        v-if="begun"
        type="button"
        class="btn min-h-[48px] mt-2 self-start"
        @click="() => { leave(); emit('done') }"
      >
        End the circuit here
      </button>
    </template>
  </FloorFrame>
</template>
