<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import { ACTION_FACTS, isOwn, MODES, PLANES, POSTURES, TRUNK_ACTIONS, type Equipment } from '~~/core/catalogue'
import { FLAG_IDS, FLAGS, removals } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import DrillFacts from '~/components/catalogue/DrillFacts.vue'
import DrillRow from '~/components/catalogue/DrillRow.vue'
import SelectField from '~/components/common/SelectField.vue'
import PlaneName from '~/components/plane/PlaneName.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { useCatalogueFilter } from '~/composables/useCatalogueFilter'
import { reckon } from '~/words/reckon'
import { useMay } from '~/composables/useMay'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Catalogue · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const facility = useFacilityStore()
const catalogue = useCatalogue()
onMounted(() => Promise.all([roster.load(), facility.load()]))

const room = computed(() => new Set(Object.keys(facility.counts) as Equipment[]))
const { filter, shown, clear, sportNames } = useCatalogueFilter(catalogue, room)
const openId = ref<string | null>(null)
const { plan: editable } = useMay()

/** Whose body the figures are: the athlete who was looked at last, or a reference body. */
const athlete = computed(() =>
  (roster.rows.find(row => row.athlete.id === roster.lastAthleteId) ?? roster.rows[0])?.athlete ?? null
)
const REFERENCE = { sex: 'female', heightCm: 170, massKg: 65 } as const
const screen = computed(() => (athlete.value ? screenOf(athlete.value, signedIn.me!.today, catalogue.value) : null))
const rungs = computed(() =>
  new Map(catalogue.value.variations.map(v => [v.id, reckon(v, athlete.value ?? REFERENCE)]))
)
const ladderName = computed(() => new Map(catalogue.value.ladders.map(ladder => [ladder.id, ladder.name])))
function away(id: string): string {
  if (!screen.value) return ''
  return removals(catalogue.value.find(id)!, screen.value).find(r =>
    r.rule === 'flag' || r.rule === 'redFlag' || r.rule === 'age'
  )?.text ?? ''
}

const any = <T extends string>(
  word: string, entries: readonly (readonly [T, string])[],
) => [[null, word] as const, ...entries]
const ACTIONS = any('any action', TRUNK_ACTIONS.map(a => [a, ACTION_FACTS[a].label] as const))
const POSTURE_CHOICES = any('any posture', Object.entries(POSTURES) as [keyof typeof POSTURES, string][])
const MODE_CHOICES = any('any mode', Object.entries(MODES) as [keyof typeof MODES, string][])
const FLAG_CHOICES = any(
  'any athlete',
  FLAG_IDS.filter(id => FLAGS[id].kind === 'amber').map(id => [id, FLAGS[id].name] as const),
)
const SPORTS = any(
  'any sport',
  (Object.keys(sportNames) as (keyof typeof sportNames)[]).map(id => [id, sportNames[id].name] as const),
)

async function show(id: string): Promise<void> {
  clear()
  openId.value = id
  await nextTick()
  document.getElementById(`drill-${id}`)?.scrollIntoView({ block: 'start' })
}
const toBench = (id: string) =>
  navigateTo({ path: `/ladders/${athlete.value!.id}`, query: { ladder: catalogue.value.find(id)!.ladder } })
const toWeek = (id: string) =>
  navigateTo({ path: `/week/${athlete.value!.id}`, query: { start: mondayOf(signedIn.me!.today), add: id } })
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-2">
      <h1>Catalogue</h1>
      <p class="text-quiet">
        Moments and figures for {{ athlete ? athlete.name : 'a body of 170 cm and 65 kg' }}.
      </p>
    </header>
    <div class="flex flex-wrap gap-2 items-end mb-2">
      <label
        class="sr-only"
        for="find-drill"
      >Find a drill</label>
      <input
        id="find-drill"
        v-model="filter.words"
        type="search"
        class="field max-w-[15rem]"
        placeholder="Type a name, muscle, tool …"
      >
      <button
        v-for="plane in PLANES"
        :key="plane"
        type="button"
        class="chip"
        :aria-pressed="filter.plane === plane"
        @click="filter.plane = filter.plane === plane ? null : plane"
      >
        <PlaneName :plane="plane" />
      </button>
      <button
        type="button"
        class="chip"
        :aria-pressed="filter.inRoom"
        @click="filter.inRoom = !filter.inRoom"
      >
        with what stands here
      </button>
      <button
        v-if="catalogue.variations.some(isOwn)"
        type="button"
        class="chip"
        :aria-pressed="filter.own"
        @click="filter.own = !filter.own"
      >
        of your own
      </button>
      <NuxtLink
        to="/catalogue/own"
        class="btn ml-auto"
      >
        Your own drills
      </NuxtLink>
    </div>
    <div class="grid grid-cols-2 md:grid-cols-5 gap-2 mb-2">
      <SelectField
        v-model="filter.action"
        label="Action"
        name="f-action"
        :options="ACTIONS"
      />
      <SelectField
        v-model="filter.posture"
        label="Posture"
        name="f-posture"
        :options="POSTURE_CHOICES"
      />
      <SelectField
        v-model="filter.mode"
        label="Mode"
        name="f-mode"
        :options="MODE_CHOICES"
      />
      <SelectField
        v-model="filter.sport"
        label="Serves the sport"
        name="f-sport"
        :options="SPORTS"
      />
      <SelectField
        v-model="filter.flag"
        label="May be given under"
        name="f-flag"
        :options="FLAG_CHOICES"
      />
    </div>
    <p
      class="text-quiet border-b-2 border-ink pb-1"
      role="status"
    >
      {{ shown.length }} of {{ catalogue.variations.length }} drills
      <button
        v-if="shown.length < catalogue.variations.length"
        type="button"
        class="underline underline-offset-2 ml-2"
        @click="clear"
      >
        Show all
      </button>
    </p>
    <ul>
      <li
        v-for="variation in shown"
        :id="`drill-${variation.id}`"
        :key="variation.id"
      >
        <DrillRow
          :variation="variation"
          :rung="rungs.get(variation.id)!"
          :ladder="ladderName.get(variation.ladder)!"
          :open="openId === variation.id"
          :away="away(variation.id)"
          @toggle="openId = openId === variation.id ? null : variation.id"
        />
        <DrillFacts
          v-if="openId === variation.id"
          :variation="variation"
          :editable="editable && !away(variation.id)"
          :may-write="editable"
          :athlete-name="athlete?.name ?? null"
          @show="show"
          @bench="toBench(variation.id)"
          @week="toWeek(variation.id)"
          @copy="navigateTo({ path: '/catalogue/edit', query: { like: variation.id } })"
          @edit="navigateTo({ path: '/catalogue/edit', query: { drill: variation.id } })"
        />
      </li>
    </ul>
  </div>
</template>
