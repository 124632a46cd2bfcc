<script setup lang="ts">
import { ACTION_FACTS, EQUIPMENT } from '~~/core/catalogue'
import { LIFTS } from '~~/core/programme'
import type { Athlete, Units } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import { DAY_NAMES, measures } from '~/words/inWords'

/** Who the athlete is, at a glance. */
const props = defineProps<{ athlete: Athlete, units: Units }>()

const catalogue = useCatalogue()
const unit = computed(() => measures(props.units))
const goal = computed(() => {
  const a = props.athlete
  const drill = a.goalVariationId ? catalogue.value.find(a.goalVariationId)?.name : null
  return [a.goal, drill ? `drill: ${drill}` : '', a.goalLift ? `lift: ${LIFTS[a.goalLift].name}` : ''].filter(Boolean)
    .join(' · ')
})
</script>

<template>
  <section class="panel">
    <h2 class="mb-1">
      Profile
    </h2>
    <dl class="grid grid-cols-[8.5rem_minmax(0,1fr)] gap-x-3 gap-y-1">
      <dt class="text-quiet">
        Goal
      </dt><dd>{{ goal || 'none written down' }}</dd>
      <dt class="text-quiet">
        Body
      </dt><dd class="figure">
        {{ unit.showLength(athlete.heightCm) }} {{ unit.length }}, {{ unit.showMass(athlete.massKg) }}
        {{ unit.mass }}, {{ athlete.sex }}, born {{ athlete.birthYear }}
      </dd>
      <dt class="text-quiet">
        Training age
      </dt><dd>{{ athlete.trainingAgeYears }} {{ athlete.trainingAgeYears === 1 ? 'year' : 'years' }}</dd>
      <dt class="text-quiet">
        Brace step
      </dt><dd>{{ athlete.braceStep }} of 7</dd>
      <dt class="text-quiet">
        Weak link
      </dt><dd>
        {{ athlete.weakLink ? ACTION_FACTS[athlete.weakLink].label
          : 'none known' }}<template v-if="athlete.weakSide">, {{ athlete.weakSide }}</template>
      </dd>
      <dt class="text-quiet">
        Minutes
      </dt><dd class="figure">
        {{ athlete.available.map(a => `${DAY_NAMES[a.day]} ${a.minutes}`).join(', ') || 'none entered' }}
      </dd>
      <dt class="text-quiet">
        Equipment
      </dt>
      <dd>{{ athlete.equipment.length === Object.keys(EQUIPMENT).length
        ? 'everything in the catalogue'
        : athlete.equipment.map(e => EQUIPMENT[e]).join(', ') || 'the bare floor' }}</dd>
    </dl>
  </section>
</template>
