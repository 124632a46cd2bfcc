<script setup lang="ts">
import { testFacts } from '~~/core/assessment'
import { INSTRUMENT_FAULTS, INSTRUMENT_KINDS, type InstrumentFault } from '~~/core/instruments'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import type { useInstrumentDesk } from '~/composables/instrument/useInstrumentDesk'

/** Which instrument, who is tested, and what is to be held. */
const props = defineProps<{ desk: ReturnType<typeof useInstrumentDesk> }>()

const {
  name, athleteId, side, typed, measuring, run, live, kind, test, targetProblem, ATHLETES, eachSide, ready, ask, fault,
  act,
} = props.desk
const FAULTS = Object.entries(INSTRUMENT_FAULTS) as [InstrumentFault, string][]
</script>

<template>
  <section class="panel flex flex-col gap-3">
    <SelectField
      v-model="name"
      label="Instrument"
      name="instrument"
      :options="measuring.map(one => [
        one.name, `${INSTRUMENT_KINDS[one.kind].name}, ${one.name}${one.simulated ? ' (simulated)' : ''}`,
      ] as const)"
      :disabled="run.phase.value !== 'idle'"
    />
    <SelectField
      v-model="athleteId"
      label="Athlete"
      name="instrument-athlete"
      :options="ATHLETES"
    />
    <p v-if="test">
      <b>{{ testFacts(test).name }}.</b> <span class="text-quiet">{{ testFacts(test).setUp }} Ends:
        {{ testFacts(test).stop.replace(/^./, c => c.toLowerCase()) }}</span>
    </p>
    <ChipChoice
      v-if="eachSide"
      legend="Side"
      :options="{ right: 'right', left: 'left' }"
      :pressed="[side]"
      @choose="side = $event"
    />
    <TextField
      v-model="typed"
      :label="kind === 'cuff' ? 'Pressure to keep, mmHg' : 'Force to hold, N'"
      name="instrument-target"
      inputmode="decimal"
      figure
      :problem="targetProblem"
    />
    <p class="flex flex-wrap gap-2">
      <button
        v-if="run.phase.value === 'idle'"
        type="button"
        class="btn btn-main min-h-[48px]"
        @click="ready"
      >
        Ready
      </button>
      <button
        v-if="run.phase.value === 'holding'"
        type="button"
        class="btn btn-main min-h-[48px]"
        @click="run.finish(false)"
      >
        Stop here
      </button>
      <button
        v-if="run.phase.value === 'waiting' || run.phase.value === 'done'"
        type="button"
        class="btn"
        @click="run.cancel()"
      >
        {{ run.phase.value === 'done' ? 'Throw away' : 'Not now' }}
      </button>
      <button
        type="button"
        class="btn"
        :disabled="live.away.value"
        @click="ask({ ask: 'zero' })"
      >
        Set to zero
      </button>
    </p>
    <div
      v-if="live.state.value?.simulated"
      class="border-t border-line pt-2 flex flex-col gap-2"
    >
      <p class="text-quiet text-[0.92em]">
        This one is simulated.
      </p>
      <button
        type="button"
        class="btn self-start"
        @click="act"
      >
        {{ kind === 'cuff' ? 'Let the pressure fall' : 'Pull for 12 s' }}
      </button>
      <SelectField
        v-model="fault"
        label="It"
        name="instrument-fault"
        :options="FAULTS"
      />
    </div>
  </section>
</template>
