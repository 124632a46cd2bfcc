<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import type { BodyPlace, BreakPoint } from '~~/core/assessment'
import type { Catalogue } from '~~/core/catalogue'
import { PAIN_CAUTION } from '~~/core/screening'
import { doneBy, setPhases } from '~~/core/timer'
import type { SessionRun, SetLogInput, Units } from '~~/shared/types'
import EndedBy from '~/components/run/EndedBy.vue'
import FloorFace from '~/components/floor/FloorFace.vue'
import FloorFrame from '~/components/floor/FloorFrame.vue'
import SetLogForm from '~/components/run/SetLogForm.vue'
import type { BoardBlock } from '~/composables/floor/floorView'
import { useBlockRun } from '~/composables/floor/useBlockRun'
import type { CurrentStep, SetOutcome } from '~/composables/useRunner'
import { useTimer } from '~/composables/useTimer'
import { loadIn } from '~/words/loadWords'
import { loggedText } from '~/words/setWords'
import { faceAt, faceBefore, minutesOf } from '~/words/timerWords'

/** One athlete at the block of the moment: drill, load, one huge count, one key. */
const props = defineProps<{
  run: SessionRun
  block: BoardBlock
  /** Begins at this many seconds from now; below 0 it has begun. */
  inS: number
  leftS: number
  waiting: readonly SetLogInput[]
  catalogue: Catalogue
  units: Units
  /** The digit that presses its key. */
  digit: string
  held: boolean
}>()
const emit = defineEmits<{
  log: [log: SetLogInput]
  /** A lift is over. */
  done: []
  busy: [is: boolean]
}>()

const { runner } = useBlockRun(props, sent => emit('log', sent))
const { current, last, inOneGo, lastSetting, restS, log, putRight } = runner
const phases = computed(() => (current.value ? setPhases(current.value.item.dose, inOneGo.value) : []))
const { place, running, start, hold, end } = useTimer(() => phases.value)
watch(() => props.held, is => hold(is))
watch(running, is => emit('busy', is))

/** The rest after a set, by the clock; a key ends it. */
const now = useTimestamp({ interval: 250 })
const restFrom = ref(0)
watch(restS, () => { restFrom.value = Date.now() })
const restLeft = computed(() => (restS.value > 0 ? Math.ceil(restS.value - (now.value - restFrom.value) / 1000) : 0))

const face = computed(() => {
  const step = current.value
  if (restLeft.value > 0 && !running.value) return { face: minutesOf(restLeft.value), line: 'rest' }
  if (!step) return { face: minutesOf(props.leftS), line: props.block.lift ?? 'done' }
  return place.value ? faceAt(step.item.dose, place.value) : faceBefore(step.item.dose)
})
/** Not begun yet: the count is the way there. */
const waits = computed(() => props.inS > 0 && !running.value && restLeft.value <= 0)
const load = computed(() => (current.value ? loadIn(current.value.item.setting, props.units) : ''))
/** A drill of this block ended in pain. */
const pain = computed(() => last.value?.log.breakPoint === 'pain')
const drill = computed(() => (current.value ? props.catalogue.find(current.value.item.variationId) ?? null : null))
const setLine = ({ item, setNumber, side }: CurrentStep): string =>
  `set ${setNumber} of ${item.dose.sets}${side ? `, ${side}` : ''}`

/** A set that was stopped before its end: what ended it is asked for, by one tap. */
const early = ref<{ readonly amount: number, readonly whole: number } | null>(null)
/** Pain ended it: where it hurts is asked for. */
const hurts = ref(false)

/** The set before is looked at, to be put right. */
const changes = ref(false)
function right(outcome: SetOutcome): void {
  changes.value = false
  putRight(outcome)
}

/** A lift that has not begun cannot be over. */
const mayPress = computed(() =>
  !early.value && !changes.value && !props.held && (current.value !== null || props.inS <= 0))

function press(): void {
  if (!mayPress.value) return
  if (!current.value) emit('done')
  else if (running.value) stop()
  else {
    restS.value = 0
    start()
  }
}

function stop(): void {
  const step = current.value!
  // Nothing has begun before the first second that counts: a second press takes the first back.
  if (place.value?.phase.kind === 'ready') {
    end()
    return
  }
  const done = doneBy(step.item.dose, phases.value, end())
  early.value = done
  if (done.amount >= step.item.dose.amount) ended('none')
}

function ended(breakPoint: BreakPoint, painAt: BodyPlace | null = null): void {
  const done = early.value
  if (!done) return
  hurts.value = breakPoint === 'pain' && painAt === null
  if (hurts.value) return
  const outcome: SetOutcome = {
    amount: done.amount, breakPoint, setting: lastSetting.value, feltAt: [], effort: null, painAt, note: '',
  }
  early.value = null
  log(outcome, done.whole)
}
defineExpose({ press })
</script>

<template>
  <FloorFrame
    :name="run.athleteName"
    :running="running"
    :text="current ? running ? 'Stop: done, or form broke' : 'Start' : inS > 0 ? 'Not begun' : 'Lift done'"
    :may-press="mayPress"
    :digit="digit"
    @press="press"
  >
    <p class="leading-tight">
      {{ current?.item.name ?? block.what }}<template v-if="load">, <b class="figure">{{ load }}</b></template>
    </p>
    <SetLogForm
      v-if="changes && last"
      class="mt-2"
      :step="last.step"
      :amount="last.log.amount"
      :setting="last.log.setting"
      :units="units"
      scores
      :hurts="false"
      :logged="last.log"
      @log="right"
      @back="changes = false"
    />
    <EndedBy
      v-else-if="early"
      class="mt-2"
      :hurts="hurts"
      @ended="ended"
      @hurt="ended('pain', $event)"
      @back="hurts = false"
    />
    <template v-else>
      <FloorFace
        :face="waits ? minutesOf(inS) : face.face"
        :label="`${face.face} ${face.line}`"
        :drill="drill"
      />
      <p class="text-quiet">
        {{ waits ? 'until it begins' : face.line }}<template v-if="current">
          · {{ setLine(current) }}
        </template>
      </p>
      <p
        v-if="pain"
        class="caution"
        role="alert"
      >
        {{ PAIN_CAUTION }}
      </p>
      <p
        v-if="last && !running"
        class="flex items-center gap-2"
      >
        <span class="text-quiet mr-auto">{{ loggedText(last) }}</span>
        <button
          type="button"
          class="btn min-h-[48px] shrink-0"
          @click="changes = true"
        >
          Change it
        </button>
      </p>
      <p
        v-if="current?.why"
        class="text-signal-ink"
        role="status"
      >
        {{ current.why }}
      </p>
    </template>
  </FloorFrame>
</template>
