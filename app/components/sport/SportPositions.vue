<script setup lang="ts">
import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '~~/core/catalogue'
import { POSITIONS, type Position, type SportProfileId } from '~~/core/programme'

/** Positions of a sport: what each shifts, which side needs the more, and why. */
defineProps<{ sport: SportProfileId }>()

const shifts = ({ shifts }: Position): string => TRUNK_ACTIONS
  .flatMap((action: TrunkAction) => (shifts[action] === undefined
    ? []
    : [`${ACTION_FACTS[action].label} ×${shifts[action]}`])).join(', ')
</script>

<template>
  <section
    class="panel"
    aria-label="Positions"
  >
    <h2 class="mb-1">
      Positions
    </h2>
    <dl class="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-3 gap-y-1">
      <template
        v-for="position in POSITIONS[sport]"
        :key="position.name"
      >
        <dt class="font-semibold">
          {{ position.name }}
        </dt>
        <dd class="leading-tight">
          {{ position.why }}
          <span class="block text-quiet text-[0.92em]">{{ shifts(position) }}<template v-if="position.moreOn">; extra
            set on the <b>{{ position.moreOn }}</b></template></span>
        </dd>
      </template>
    </dl>
    <p class="text-quiet text-[0.92em] mt-1">
      Read from the position an athlete’s profile names.
    </p>
  </section>
</template>
