<script setup lang="ts">
import { BREATH_METHODS, bracedRep, breathMethod, LIFT_IDS, LIFTS, matchBrace, type LiftId } from '~~/core/programme'
import { ageBand } from '~~/core/rules'
import { flagFacts, type Screen } from '~~/core/screening'
import type { Athlete } from '~~/shared/types'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** How long one rep of a lift is braced, what trunk work lasts as long, and how to breathe. */
const props = defineProps<{ athlete: Athlete, screen: Screen }>()

const lift = ref<LiftId>('backSquat')
const percent = ref('85')
const LIFT_CHOICES = LIFT_IDS.map(key => [key, LIFTS[key].name] as const)
const matched = computed(() => {
  const percent1Rm = Number(percent.value.trim().replace(',', '.'))
  if (!(percent1Rm >= 1 && percent1Rm <= 100)) return null
  const rep = bracedRep({
    lift: lift.value, percent1Rm, tempo: null, heightM: props.athlete.heightCm / 100, setUpS: null,
  })
  const cause = props.screen.flags.map(flagFacts).find(facts => facts.noBreathHold) ?? ageBand(props.screen.ageYears)
  const careful = cause?.noBreathHold === true || props.screen.left != null
  return {
    rep,
    work: matchBrace(rep.totalS).filter(m => m.matches).slice(0, 3),
    breath: BREATH_METHODS[breathMethod(percent1Rm, careful)], cause: cause?.noBreathHold ? cause.name : null,
  }
})
</script>

<template>
  <section class="panel">
    <h2 class="mb-1">
      Braced as long as a rep
    </h2>
    <div class="grid grid-cols-2 gap-3">
      <SelectField
        v-model="lift"
        label="Lift"
        name="match-lift"
        :options="LIFT_CHOICES"
      />
      <TextField
        v-model="percent"
        label="% of 1RM"
        name="match-percent"
        inputmode="decimal"
        figure
        :problem="matched ? undefined : 'From 1 to 100.'"
      />
    </div>
    <template v-if="matched">
      <p class="mt-2">
        {{ LIFTS[lift].rep.relation === 'walk' ? 'One metre' : 'One rep' }} is braced for about
        <b class="figure">{{ matched.rep.totalS.toFixed(1) }} s</b>: breath
        {{ matched.rep.setUpS }}, down {{ matched.rep.loweringS }}<template v-if="matched.rep.pauseS">, pause
          {{ matched.rep.pauseS }}</template>, up
        {{ matched.rep.raisingS.toFixed(1) }}{{ matched.rep.velocityMS
          ? ` at ${matched.rep.velocityMS.toFixed(2)} m/s` : '' }}.
      </p>
      <p>Trunk work as long:
        {{
          matched.work
            .map(m => `${m.name.replace(/^./, c => c.toLowerCase())} (${m.ratio.toFixed(1)}×)`).join(', ')
            || 'none of the usual' }}.</p>
      <p>{{ matched.breath }}</p>
      <p
        v-if="matched.cause"
        class="caution"
      >
        Holding the breath under load raises blood pressure sharply: ruled out by “{{ matched.cause }}”.
      </p>
      <p class="text-quiet text-[0.9em]">
        Raising speed by {{ matched.rep.speedSource ?? 'a line of our own between a light and a full load' }}; the rest
        common practice, no source.
      </p>
    </template>
  </section>
</template>
