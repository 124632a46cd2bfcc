<script setup lang="ts">
import { DomainError } from '~~/core/errors'
import { bandLaw, bandTension } from '~~/core/mechanics'
import { keep, kept } from '~/device/kept'
import TextField from '~/components/common/TextField.vue'

/** From how far a band is stretched to how hard it pulls: two readings with a luggage scale, once for each band. */
const emit = defineEmits<{ pull: [newtons: number] }>()

interface Band { slack: string, lengthA: string, forceA: string, lengthB: string, forceB: string, length: string }
const KEY = 'bench/band'
const START: Band = { slack: '1', lengthA: '1.5', forceA: '', lengthB: '2.5', forceB: '', length: '2' }
const band = ref<Band>(kept<Band>(KEY) ?? START)
watch(band, () => keep(KEY, band.value), { deep: true })

const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')))
const law = computed(() => {
  const { slack, lengthA, forceA, lengthB, forceB } = band.value
  if ([slack, lengthA, forceA, lengthB, forceB].some(text => text.trim() === '')) return { problem: '' }
  try {
    return {
      law: bandLaw(number(slack), [{ lengthM: number(lengthA), forceN: number(forceA) }, {
        lengthM: number(lengthB), forceN: number(forceB),
      }]),
    }
  }
  catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { problem: error.message }
  }
})
const pull = computed(
  () => (law.value.law && number(band.value.length) > 0 ? bandTension(law.value.law, number(band.value.length)) : null)
)
watch(() => pull.value?.forceN, (newtons) => {
  if (newtons !== undefined) emit('pull', Math.round(newtons))
})

const FIELDS = [
  ['slack', 'Slack, m'], ['lengthA', 'Stretched to, m'], ['forceA', 'pulls, N'], ['lengthB', 'Further to, m'],
  ['forceB', 'pulls, N'],
] as const
const most = computed(() => Math.max(1, number(band.value.slack) * 4 || 4))
</script>

<template>
  <details class="mt-2">
    <summary class="py-1 underline underline-offset-2 w-fit">
      From the stretch of your band
    </summary>
    <p class="text-quiet text-[0.92em]">
      Read the pull of the rubber twice with a luggage scale. 10 N is about the weight of one kilogram.
    </p>
    <div class="grid grid-cols-5 gap-2 items-end">
      <TextField
        v-for="[key, label] in FIELDS"
        :key="key"
        v-model="band[key]"
        :label="label"
        :name="`band-${key}`"
        inputmode="decimal"
        figure
      />
    </div>
    <p
      v-if="law.problem"
      class="problem"
      role="alert"
    >
      {{ law.problem }}
    </p>
    <div
      v-if="law.law"
      class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_7rem] gap-2 items-center mt-1"
    >
      <label for="band-length">Now stretched to</label>
      <input
        id="band-length"
        v-model="band.length"
        type="range"
        class="w-full h-9 accent-ink"
        :min="band.slack.replace(',', '.')"
        :max="most"
        step="0.02"
        :aria-valuetext="`${band.length} metres`"
      >
      <span class="figure text-right">{{ Number(band.length).toFixed(2) }} m = {{ Math.round(pull?.forceN ?? 0) }}
        N</span>
    </div>
    <p
      v-for="warning in pull?.warnings ?? []"
      :key="warning"
      class="caution mt-1"
    >
      {{ warning }}
    </p>
  </details>
</template>
