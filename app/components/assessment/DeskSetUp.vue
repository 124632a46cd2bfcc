<script setup lang="ts">
import { testFacts, type Battery, type Tests } from '~~/core/assessment'
import { CAUTION } from '~~/core/screening'
import type { Athlete, Group } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import { LANE_KEYS } from '~/composables/desk/lane'

/** What is tested, and who: one key for each athlete. */
const props = defineProps<{
  athletes: readonly Athlete[]
  groups: readonly Group[]
  batteries: Readonly<Record<string, Battery>>
  tests: Tests
}>()
const emit = defineEmits<{ begin: [battery: Battery, athletes: readonly Athlete[]] }>()

const groupId = ref<string | null>(null)
const battery = ref('fourHolds')
const chosen = ref<string[]>([])
const problem = ref('')
const chosenBattery = computed(() => props.batteries[battery.value] ?? props.batteries.fourHolds!)
const GROUPS = computed(() => [[null, 'everybody'] as const, ...props.groups.map(g => [g.id, g.name] as const)])
const BATTERY_CHOICES = computed(() => Object.entries(props.batteries).map(([id, { name }]) => [id, name] as const))
const there = computed(() => props.athletes.filter(a => !groupId.value || a.groupIds.includes(groupId.value)))
const names = computed(() => Object.fromEntries(there.value.map(a => [a.id, a.name])))
watch(groupId, () => { chosen.value = groupId.value ? there.value.slice(0, LANE_KEYS.length).map(a => a.id) : [] })

function toggle(id: string): void {
  problem.value = ''
  if (chosen.value.includes(id)) chosen.value = chosen.value.filter(c => c !== id)
  else if (chosen.value.length < LANE_KEYS.length) chosen.value = [...chosen.value, id]
  else problem.value = `${LANE_KEYS.length} at once: one key each.`
}
function begin(): void {
  const order = there.value.filter(a => chosen.value.includes(a.id))
  if (order.length === 0) problem.value = 'Choose who is tested.'
  else emit('begin', chosenBattery.value, order)
}
</script>

<template>
  <div>
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <section
      class="panel flex flex-col gap-3 max-w-4xl"
    >
      <div class="grid md:grid-cols-2 gap-3">
        <SelectField
          v-model="battery"
          label="Battery"
          name="battery"
          :options="BATTERY_CHOICES"
        />
        <SelectField
          v-model="groupId"
          label="Group"
          name="group"
          :options="GROUPS"
        />
      </div>
      <ul>
        <li
          v-for="test in chosenBattery.tests"
          :key="test"
        >
          <b class="mr-1">{{ testFacts(test, tests).name }}.</b>
          <span class="text-quiet">{{ testFacts(test, tests).setUp }} Ends:
            {{ testFacts(test, tests).stop.replace(/^./, c => c.toLowerCase()) }}</span>
        </li>
      </ul>
      <ChipChoice
        legend="Who is tested"
        :options="names"
        :pressed="chosen"
        @choose="toggle"
      />
      <p>
        <button
          type="button"
          class="btn btn-main"
          @click="begin"
        >
          Begin with {{ chosen.length }} {{ chosen.length === 1 ? 'athlete' : 'athletes' }}
        </button>
      </p>
      <p class="text-quiet text-[0.9em]">
        A trial ends at the first loss of position, not at the limit; pain ends it at once, and sharp, spreading or
        lasting pain goes to a clinician. {{ CAUTION }}
      </p>
    </section>
  </div>
</template>
