<script setup lang="ts">
import { PAIN_CAUTION } from '~~/core/screening'
import type { PrescribedSession, Units } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import CircuitStations from '~/components/run/CircuitStations.vue'
import DrawnFigures from '~/components/drill/DrawnFigures.vue'
import DrillWords from '~/components/run/DrillWords.vue'
import EndedBy from '~/components/run/EndedBy.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import TimerRing from '~/components/run/TimerRing.vue'
import { useCircuit } from '~/composables/circuit/useCircuit'
import type { Runner } from '~/composables/useRunner'
import { circuitText, placeText } from '~/words/circuitWords'
import { loadIn } from '~/words/loadWords'

/** A circuit by one clock: the station of the moment, what comes, what there is to choose; sets log themselves. */
const props = defineProps<{ session: PrescribedSession, runner: Runner, units: Units }>()
const emit = defineEmits<{ busy: [is: boolean] }>()

const {
  circuit, items, timer, item, option, options, next, early, hurts, start, stopSet, said, hurt, hurtAt, notHurt,
  leave, choose,
} = useCircuit(() => props.session, props.runner)
const { place, running, held, sound, flash, hold, pass } = timer
const begun = computed(() => running.value || held.value)
watch(begun, is => emit('busy', is))

const pained = ref(false)
const shown = computed(() => placeText(place.value, circuit.value))
const title = computed(() => shown.value.title ?? option.value?.name ?? '')
/** The picture and the load are the drill's own: an option has others. */
const isOwn = computed(() => option.value?.variationId === item.value?.variationId)
const load = computed(() => (item.value && isOwn.value ? loadIn(item.value.setting, props.units) : ''))
</script>

<template>
  <section
    v-if="circuit"
    class="floor-set"
  >
    <span
      v-if="!sound && running"
      :key="flash"
      class="timer-flash"
      aria-hidden="true"
    />
    <p class="text-quiet">
      {{ circuitText(circuit, items.filter(one => !one.between).length) }}
    </p>
    <h1 class="flex gap-2 items-center">
      <PlaneMark
        :shares="item?.look?.shares ?? {}"
        :width="24"
        :height="18"
      />
      {{ title }}
    </h1>
    <p v-if="load">
      <b class="figure">{{ load }}</b>
    </p>
    <DrawnFigures
      v-if="isOwn"
      class="mb-2"
      :figures="item?.look?.figures ?? null"
      :name="item?.name ?? ''"
      :width="260"
      :height="76"
    />
    <EndedBy
      v-if="hurts"
      hurts
      @hurt="place => { pained = true; hurtAt(place) }"
      @back="notHurt"
    />
    <div
      v-else
      class="floor-act text-center"
    >
      <TimerRing
        class="mb-2"
        :place="place"
        :face="shown.face"
        :line="shown.line"
        :label="`${shown.face} ${shown.line}`"
      />
      <p
        v-if="begun && next"
        class="mb-2 text-[1.1rem]"
      >
        Next: {{ next.word }}
      </p>
      <p
        v-if="pained"
        class="caution text-left mb-2"
        role="alert"
      >
        {{ PAIN_CAUTION }}
      </p>
      <button
        v-if="!begun"
        type="button"
        class="btn btn-main btn-floor"
        @click="start"
      >
        Start the circuit
      </button>
      <div
        v-else
        class="grid grid-cols-[1fr_auto] gap-2"
      >
        <button
          v-if="place?.phase.set"
          type="button"
          class="btn btn-floor border-signal border-[3px]"
          :disabled="held"
          @click="stopSet"
        >
          Form broke: stop this one
        </button>
        <button
          v-else
          type="button"
          class="btn btn-floor"
          :disabled="held"
          @click="pass"
        >
          Skip this
        </button>
        <button
          type="button"
          class="btn btn-floor"
          @click="() => { pained = false; hold(running) }"
        >
          {{ running ? 'Hold' : 'Go on' }}
        </button>
      </div>
      <EndedBy
        v-if="early"
        class="mt-2 text-left"
        :hurts="false"
        @ended="what => (what === 'pain' ? hurt() : said(what))"
      />
      <ChipChoice
        v-if="options.length > 1"
        class="mt-2 text-left"
        legend="Which one?"
        floor
        :options="Object.fromEntries(options.map(one => [one.variationId, one.name]))"
        :pressed="option ? [option.variationId] : []"
        @choose="choose"
      />
      <div class="grid grid-cols-2 gap-2 mt-2">
        <button
          type="button"
          class="btn min-h-[48px] border-signal text-signal font-semibold"
          @click="hurt"
        >
          It hurts
        </button>
        <button
          type="button"
          class="btn min-h-[48px]"
          @click="leave"
        >
          {{ begun ? 'End the circuit here' : 'Skip the circuit' }}
        </button>
      </div>
    </div>
    <p
      v-if="item"
      class="mt-3"
    >
      <b>Cue:</b> {{ item.cueFirst === 'inside' ? item.cues.inside : item.cues.outside }}<br>
      <b>Stop when:</b> {{ item.stopSign }}
    </p>
    <DrillWords
      v-if="item && !begun"
      :item="item"
    />
    <CircuitStations
      class="mt-3"
      :items="items"
      :logs="runner.logs.value"
      :now="item?.id ?? null"
    />
  </section>
</template>
