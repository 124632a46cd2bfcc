<script setup lang="ts">
import { BREAK_POINTS } from '~~/core/assessment'
import { CAUTION } from '~~/core/screening'
import ChipChoice from '~/components/common/ChipChoice.vue'
import type { useInstrumentDesk } from '~/composables/instrument/useInstrumentDesk'
import { clockText } from '~/words/testWords'
import TraceView from './TraceView.vue'

/** What the instrument says just now, and the hold that came of it. */
const props = defineProps<{ desk: ReturnType<typeof useInstrumentDesk> }>()

const { name, problem, said, run, live, kind, band, unit, storeTrial } = props.desk
const PHASES = {
  idle: 'Not armed', waiting: 'Waiting for the hold to begin', holding: 'Holding', done: 'Over: say what ended it',
} as const
</script>

<template>
  <section class="flex flex-col gap-2 min-w-0">
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
    <p
      v-if="said"
      role="status"
    >
      <b>{{ said }}</b>
    </p>
    <p
      v-if="live.away.value"
      class="caution"
      role="alert"
    >
      The instrument is away. What was measured is kept; it is looked for again.
      <button
        v-if="run.phase.value === 'holding'"
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="run.finish(true)"
      >
        End the hold where it went
      </button>
    </p>
    <p
      v-else-if="!live.trust.value.reliable"
      class="caution"
      role="alert"
    >
      Not reliable just now: {{ live.trust.value.says.join(' ') }}
    </p>
    <p
      v-else-if="live.trouble.value"
      class="caution"
    >
      {{ live.trouble.value }}
    </p>
    <div class="flex flex-wrap items-baseline gap-x-6">
      <p
        class="figure text-[3rem] leading-none"
        role="timer"
        :aria-label="`${run.elapsedS.value.toFixed(1)} seconds held`"
      >
        {{ clockText(run.elapsedS.value) }}
      </p>
      <p class="figure text-[1.5rem]">
        {{ live.latest.value ? live.latest.value.value.toFixed(kind === 'cuff' ? 1 : 0) : '–' }} {{ unit }}
      </p>
      <p aria-live="polite">
        <b>{{ PHASES[run.phase.value] }}</b>
      </p>
    </div>
    <TraceView
      :samples="live.samples.value"
      :low="band[0]!"
      :high="band[1]!"
      :unit="unit"
      :hold="run.hold.value"
      :seconds="20"
      :label="`Last seconds of ${name}: ${live.latest.value?.value.toFixed(0) ?? 'nothing'} ${unit}`"
    />
    <div
      v-if="run.result.value"
      class="panel"
    >
      <p>
        <b class="figure">{{ clockText(run.result.value.value) }}</b>, {{ run.result.value.says }}.
      </p>
      <p
        v-if="!run.result.value.trace.reliable"
        class="problem"
      >
        Not to be believed as it is: {{ run.result.value.trace.says.join(' ') }} It can be stored, marked so, or
        thrown away.
      </p>
      <ChipChoice
        legend="What ended it"
        class="mt-2"
        :options="BREAK_POINTS"
        :pressed="[]"
        warn="pain"
        @choose="storeTrial"
      />
    </div>
    <p class="text-quiet text-[0.9em]">
      Begins when 80 % of the force is held for 0.3 s, ends below 70 % for 0.5 s; a cuff ends when the pressure
      stays out for a second. Common practice, no source. {{ CAUTION }}
    </p>
  </section>
</template>
