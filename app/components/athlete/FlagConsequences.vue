<script setup lang="ts">
import { CAUTION, flagFacts, removals, type HealthMark, type Screen } from '~~/core/screening'

/** Each open flag, what it means, and how many drills it takes away. */
const props = defineProps<{ flags: readonly HealthMark[], screen: Screen }>()

const rows = computed(() =>
  props.flags.map((id) => {
    const flag = flagFacts(id)
    const gone = props.screen.catalogue.variations.filter(v =>
      removals(v, { ...props.screen, flags: [id] }).some(r => r.rule === 'flag' || r.rule === 'redFlag')
    )
    return { id, flag, gone: gone.length }
  })
)
</script>

<template>
  <section>
    <h2>Flags</h2>
    <p
      v-if="rows.length === 0"
      class="text-quiet"
    >
      None recorded.
    </p>
    <div
      v-for="row in rows"
      :key="row.id"
      class="py-1"
      :class="row.flag.kind === 'red' ? 'caution' : 'border-l-4 border-quiet pl-3 my-1'"
    >
      <p><b>{{ row.flag.name }}</b><template v-if="row.flag.kind === 'red'"> · red flag</template></p>
      <p>{{ row.flag.means }} <b>Takes away {{ row.gone }} of {{ screen.catalogue.variations.length }} drills.</b></p>
    </div>
    <p class="text-quiet text-[0.88em] mt-1">
      {{ CAUTION }}
    </p>
  </section>
</template>
