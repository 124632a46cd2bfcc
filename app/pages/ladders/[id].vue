<script setup lang="ts">
import type { KnownTrunk } from '~~/core/capacity'
import { mondayOf } from '~~/core/calendar'
import { poseOf, type Found } from '~~/core/mechanics'
import { screenOf } from '~~/shared/planningContext'
import BenchDrill from '~/components/bench/BenchDrill.vue'
import BenchHeader from '~/components/bench/BenchHeader.vue'
import BranchMap from '~/components/bench/BranchMap.vue'
import CompareRungs from '~/components/bench/CompareRungs.vue'
import LadderChart from '~/components/bench/LadderChart.vue'
import TeamRung from '~/components/bench/TeamRung.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { NOBODY, toBenchOf, useBenchAddress } from '~/composables/useBenchAddress'
import { useBenchKeys } from '~/composables/useBenchKeys'
import { useCatalogue } from '~/composables/useCatalogue'
import { useLadderBench } from '~/composables/useLadderBench'
import { usePutOnRung } from '~/composables/usePutOnRung'
import { useMay } from '~/composables/useMay'
import { opensAfter } from '~/words/branchWords'
import { useAthleteStore } from '~/stores/athlete'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

const route = useRoute()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAthleteStore()
const catalogue = useCatalogue()
const id = computed(() => String(route.params.id))
const { plan: editable } = useMay()
watch(id, () => {
  roster.opened(id.value)
  void store.load(id.value)
}, { immediate: import.meta.client })
onMounted(roster.load)

const athlete = computed(() => store.athlete ?? NOBODY)
const screen = computed(() => screenOf(athlete.value, signedIn.me!.today, catalogue.value))
const { ladderId, branchId } = useBenchAddress(catalogue)
/** What is known of the trunk: it comes with what was done. */
const trunk = shallowRef<KnownTrunk | null>(null)
watch(() => store.athlete?.id, async (key) => {
  trunk.value = null
  const past = key ? await store.historyOf(key, signedIn.me!.today) : null
  if (store.athlete?.id === key) trunk.value = past?.trunk ?? null
}, { immediate: import.meta.client })
const bench = useLadderBench(athlete, screen, ladderId, branchId, trunk)
const { ladder, rungs, presentRung, live, others } = bench
useHead({ title: () => `${ladder.value.name}, ${athlete.value.name ?? ''} · Keen Anchor` })

const forces = ref(false)
const team = ref(false)
const { put, said, busy } = usePutOnRung(live, () => catalogue.value, () => isPresent.value)
const isPresent = computed(() => live.value.variation.id === presentRung.value?.variation.id)
const mates = computed(() => roster.matesOf(athlete.value))
const choose = (variationId: string, compare: boolean): void =>
  (compare && variationId !== live.value.variation.id ? bench.compareWith : bench.choose)(variationId)

/** A drill that was found may live on another branch: go there with its setting. */
async function take({ variationId, settings, moved }: Found): Promise<void> {
  await navigateTo(toBenchOf(catalogue.value.find(variationId)!, id.value))
  await nextTick()
  bench.choose(variationId, moved ? { [moved]: settings[moved]! } : {})
}

const addToWeek = () =>
  navigateTo({
    path: `/week/${id.value}`,
    query: { start: mondayOf(signedIn.me!.today), add: live.value.variation.id },
  })
const compareWithPresent = (): void => { if (presentRung.value) bench.compareWith(presentRung.value.variation.id) }
useBenchKeys(bench, {
  team, forces, compare: compareWithPresent,
  put: () => { if (editable.value) void put() },
  week: () => { if (editable.value) void addToWeek() },
})
const posed = computed(() => catalogue.value.variations.filter(v => poseOf(v)).length)
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="store.athlete">
        <BenchHeader
          :athlete="store.athlete"
          :ladder-id="ladder.id"
          :ladder-name="ladder.name"
          :team="team"
          :comparing="others.length > 0"
          :forces="forces"
          @team="team = !team"
          @compare="compareWithPresent"
          @forces="forces = !forces"
          @harder="bench.findHarder()"
        />
        <BranchMap
          v-if="ladder.branches.length > 1"
          :ladder="ladder"
          :branch-id="bench.branch.value.id"
          :rungs="screen.rungs"
          :catalogue="catalogue"
        />
        <p class="text-quiet text-[0.9em]">
          {{ ladder.aim }} {{ opensAfter(bench.branch.value, catalogue) }}
          Rungs stand at the external moment about L4/L5, N·m, for {{ store.athlete.heightCm }} cm and
          {{ store.athlete.massKg }} kg; bars are the band of doubt.
        </p>
        <TeamRung
          v-if="team"
          class="my-3"
          :variation="live.variation"
          :settings="bench.pose.value"
          :athletes="mates"
          :catalogue="catalogue"
        />
        <LadderChart
          v-else
          :rungs="rungs"
          :present-id="presentRung?.variation.id ?? null"
          :chosen-id="live.variation.id"
          :other-ids="others.map(o => o.variation.id)"
          :doubt="bench.doubt"
          @choose="choose"
        />
        <BenchDrill
          :bench="bench"
          :forces="forces"
          :editable="editable"
          :is-present="isPresent"
          :busy="busy"
          @put="put"
          @week="addToWeek"
          @take="take"
        />
        <CompareRungs
          v-if="others.length > 0"
          class="panel mt-3"
          :rungs="[live, ...others]"
          @put-away="bench.compareWith"
        />
        <p
          class="mt-2"
          role="status"
        >
          {{ said }}
        </p>
        <p class="text-quiet text-[0.85em]">
          {{ posed }} of {{ catalogue.variations.length }} drills have a pose. Held positions only; estimates for
          comparing rungs, not loads inside the spine. Not medical advice.
        </p>
      </template>
    </RoomPage>
  </div>
</template>
