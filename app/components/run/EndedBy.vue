<script setup lang="ts">
import { BODY_PLACES, BREAK_POINTS, type BodyPlace, type BreakPoint } from '~~/core/assessment'
import ChipChoice from '~/components/common/ChipChoice.vue'

/** What ended a set, by one tap; where it was pain, where that is, or back from a tap that was none. */
defineProps<{ hurts: boolean }>()
const emit = defineEmits<{ ended: [breakPoint: BreakPoint], hurt: [place: BodyPlace], back: [] }>()
</script>

<template>
  <div v-if="hurts">
    <ChipChoice
      legend="Where does it hurt?"
      floor
      :options="BODY_PLACES"
      :pressed="[]"
      @choose="emit('hurt', $event)"
    />
    <button
      type="button"
      class="btn min-h-[48px] mt-2"
      @click="emit('back')"
    >
      It does not hurt
    </button>
  </div>
  <ChipChoice
    v-else
    legend="What ended it?"
    floor
    warn="pain"
    :options="BREAK_POINTS"
    :pressed="[]"
    @choose="emit('ended', $event)"
  />
</template>
