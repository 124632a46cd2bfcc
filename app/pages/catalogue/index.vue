<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import { isOwn, type Variation } from '~~/core/catalogue'
import { removals } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import CatalogueFilter from '~/components/catalogue/CatalogueFilter.vue'
import DrillFacts from '~/components/catalogue/DrillFacts.vue'
import DrillRow from '~/components/catalogue/DrillRow.vue'
import { toBenchOf } from '~/composables/useBenchAddress'
import { useCatalogue } from '~/composables/useCatalogue'
import { useCatalogueFilter } from '~/composables/useCatalogueFilter'
import { useLongList } from '~/composables/useLongList'
import { branchesOf, branchName } from '~/words/branchWords'
import { reckon } from '~/words/reckon'
import { SOMEBODY } from '~~/shared/somebody'
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

const room = computed(() => new Set(facility.equipment))
const { filter, shown, clear } = useCatalogueFilter(catalogue, room)
/** A row that is not open, before it is measured. */
const ROW_PX = 71
const openId = ref<string | null>(null)
const { plan: editable } = useMay()

/** Whose body the figures are: the athlete who was looked at last, or somebody's. */
const athlete = computed(() =>
  (roster.rows.find(row => row.athlete.id === roster.lastAthleteId) ?? roster.rows[0])?.athlete ?? null
)
const screen = computed(() => (athlete.value ? screenOf(athlete.value, signedIn.me!.today, catalogue.value) : null))
/** What is in sight is reckoned, and once for each body. */
const rungOf = computed(() => {
  const body = athlete.value ?? SOMEBODY
  const known = new Map<string, ReturnType<typeof reckon>>()
  return (drill: Variation) => {
    const rung = known.get(drill.id) ?? reckon(drill, body)
    known.set(drill.id, rung)
    return rung
  }
})
const lineName = computed(() => new Map(branchesOf(catalogue.value).map(line => [line.branch.id, branchName(line)])))
function away(id: string): string {
  if (!screen.value) return ''
  return removals(catalogue.value.find(id)!, screen.value).find(r =>
    r.rule === 'flag' || r.rule === 'redFlag' || r.rule === 'age'
  )?.text ?? ''
}

const list = ref<HTMLElement | null>(null)
const { rows, height, measure, scrollTo } = useLongList(list, () => shown.value.map(({ id }) => id), ROW_PX)

const inSight = computed(() => rows.value.flatMap((row) => {
  const variation = shown.value[row.index]
  return variation ? [{ variation, row }] : []
}))

async function show(id: string): Promise<void> {
  clear()
  openId.value = id
  await nextTick()
  scrollTo(id)
}
const toBench = (id: string) => navigateTo(toBenchOf(catalogue.value.find(id)!, athlete.value!.id))
const toWeek = (id: string) =>
  navigateTo({ path: `/week/${athlete.value!.id}`, query: { start: mondayOf(signedIn.me!.today), add: id } })
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-2">
      <h1>Catalogue</h1>
      <p class="text-quiet">
        Moments and figures for {{ athlete ? athlete.name
          : `a body of ${SOMEBODY.heightCm} cm and ${SOMEBODY.massKg} kg` }}.
      </p>
    </header>
    <CatalogueFilter
      v-model="filter"
      :has-own="catalogue.variations.some(isOwn)"
    />
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
    <ul
      ref="list"
      class="relative"
      :style="{ height: `${height}px` }"
    >
      <li
        v-for="{ variation, row } in inSight"
        :key="variation.id"
        :ref="measure"
        :data-index="row.index"
        :aria-posinset="row.index + 1"
        :aria-setsize="shown.length"
        class="absolute top-0 left-0 w-full"
        :style="{ transform: `translateY(${row.start}px)` }"
      >
        <DrillRow
          :variation="variation"
          :rung="rungOf(variation)"
          :ladder="lineName.get(variation.branch)!"
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
