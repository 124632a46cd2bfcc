<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import { ACTION_FACTS } from '~~/core/catalogue'
import { poseOf, type Found } from '~~/core/mechanics'
import { screenOf } from '~~/shared/planningContext'
import { messageOf, storedFirst } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import BandStretch from '~/components/bench/BandStretch.vue'
import BenchSliders from '~/components/bench/BenchSliders.vue'
import BenchVerdict from '~/components/bench/BenchVerdict.vue'
import CompareRungs from '~/components/bench/CompareRungs.vue'
import LadderChart from '~/components/bench/LadderChart.vue'
import LineFigure from '~/components/bench/LineFigure.vue'
import TeamRung from '~/components/bench/TeamRung.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { useLadderBench } from '~/composables/useLadderBench'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { useMay } from '~/composables/useMay'
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

/** Somebody to reckon with until the athlete is there. */
const NOBODY = {
  sex: 'female', heightCm: 170, massKg: 65, rungs: {}, flags: [], equipment: [], braceStep: 1, birthYear: 2000,
} as unknown as Athlete
const athlete = computed(() => store.athlete ?? NOBODY)
const screen = computed(() => screenOf(athlete.value, signedIn.me!.today, catalogue.value))
const ladderId = computed(
  () => (catalogue.value.ladders.some(l => l.id === route.query.ladder) ? String(route.query.ladder) : 'front-plank')
)
const bench = useLadderBench(athlete, screen, ladderId)
const { ladder, rungs, presentRung, live, others, sliders, verdict, work, found } = bench
useHead({ title: () => `${ladder.value.name}, ${athlete.value.name ?? ''} · Keen Anchor` })

const forces = ref(false)
const team = ref(false)
const said = ref('')
const busy = ref(false)
const isPresent = computed(() => live.value.variation.id === presentRung.value?.variation.id)
const mates = computed(() => {
  const all = roster.rows.map(row => row.athlete).filter(a => !a.archived)
  const own = all.filter(a => a.groupIds.some(g => athlete.value.groupIds?.includes(g)))
  return own.length > 1 ? own : all
})
const bigScale = computed(() => {
  const box = live.value.figure?.box
  return box ? Math.min(262 / (box.right - box.left), 150 / Math.max(0.3, box.top - box.bottom)) : 100
})

function choose(variationId: string, compare: boolean): void {
  if (compare && variationId !== live.value.variation.id) bench.compareWith(variationId)
  else bench.choose(variationId)
}

/** A drill that was found may live on another ladder: go there with its setting. */
async function take({ variationId, settings, moved }: Found): Promise<void> {
  const variation = catalogue.value.find(variationId)!
  if (variation.ladder !== ladder.value.id) await navigateTo({ path: route.path, query: { ladder: variation.ladder } })
  await nextTick()
  bench.choose(variationId, moved ? { [moved]: settings[moved]! } : {})
}

async function put(): Promise<void> {
  if (busy.value || !store.athlete || isPresent.value || live.value.removed.length > 0) return
  busy.value = true
  said.value = ''
  try {
    const { name } = live.value.variation
    store.athlete = await roster.placeOn(store.athlete, ladder.value.id, live.value.variation.rung)
    said.value = `Stored: ${store.athlete.name} stands on ${name.toLowerCase()}.`
  }
  catch (error) {
    const current = storedFirst<Athlete>(error)
    if (current) store.athlete = current
    said.value = current
      ? `${messageOf(error)} This is where they stand now: put them again if it still holds.`
      : messageOf(error)
  }
  finally {
    busy.value = false
  }
}

const addToWeek = () =>
  navigateTo({
    path: `/week/${id.value}`,
    query: { start: mondayOf(signedIn.me!.today), add: live.value.variation.id },
  })
function step(by: 1 | -1): void {
  const at = rungs.value.findIndex(r => r.variation.id === live.value.variation.id)
  const next = rungs.value[at + by]
  if (next) bench.choose(next.variation.id)
}
const compareWithPresent = (): void => { if (presentRung.value) bench.compareWith(presentRung.value.variation.id) }
const whenEditable = (run: () => unknown) => (): void => { if (editable.value) run() }
useSingleKeys([
  { keys: ['ArrowRight'], text: 'Next rung', run: () => step(1) },
  { keys: ['ArrowLeft'], text: 'Rung before', run: () => step(-1) },
  { keys: ['h'], text: 'About 10 % harder', run: () => bench.findHarder() },
  { keys: ['t'], text: 'The whole team', run: () => { team.value = !team.value } },
  { keys: ['f'], text: 'Forces and lever', run: () => { forces.value = !forces.value } },
  { keys: ['c'], text: 'Compare with the present rung', run: compareWithPresent },
  { keys: ['Enter'], text: 'Put on this rung', run: whenEditable(put) },
  { keys: ['w'], text: 'Add to the week', run: whenEditable(addToWeek) },
])
const posed = computed(() => catalogue.value.variations.filter(v => poseOf(v)).length)
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="store.athlete">
        <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
          <h1>{{ ladder.name }}</h1>
          <p class="text-quiet mr-auto">
            for <NuxtLink
              :to="`/athletes/${id}`"
              class="underline underline-offset-2 font-semibold text-ink"
            >{{ store.athlete.name }}</NuxtLink>
            <template v-if="store.athlete.weakLink">
              · weak link <b class="text-ink">{{ ACTION_FACTS[store.athlete.weakLink].label }}</b>
            </template>
          </p>
          <p class="flex flex-wrap gap-2">
            <button
              type="button"
              class="btn min-h-[36px]"
              :aria-pressed="team"
              @click="team = !team"
            >
              <kbd>t</kbd> whole team
            </button>
            <button
              type="button"
              class="btn min-h-[36px]"
              :aria-pressed="others.length > 0"
              @click="compareWithPresent"
            >
              <kbd>c</kbd> compare
            </button>
            <button
              type="button"
              class="btn min-h-[36px]"
              :aria-pressed="forces"
              @click="forces = !forces"
            >
              <kbd>f</kbd> forces
            </button>
            <button
              type="button"
              class="btn min-h-[36px]"
              @click="bench.findHarder()"
            >
              <kbd>h</kbd> about 10 % harder
            </button>
          </p>
        </header>
        <nav
          aria-label="Ladders"
          class="flex flex-wrap gap-x-4 gap-y-0 mb-2"
        >
          <NuxtLink
            v-for="one in catalogue.ladders"
            :key="one.id"
            :to="{ path: route.path, query: { ladder: one.id } }"
            class="py-1 border-b-[3px] min-h-[28px]"
            :class="one.id === ladder.id ? 'border-signal font-bold' : 'border-line text-quiet hover:text-ink'"
            :aria-current="one.id === ladder.id ? 'page' : undefined"
          >{{ one.name }}</NuxtLink>
        </nav>
        <p class="text-quiet text-[0.9em]">
          {{ ladder.aim }} Rungs stand at the external moment about L4/L5, N·m, for {{ store.athlete.heightCm }} cm and
          {{ store.athlete.massKg }} kg; bars are the band of doubt.
        </p>
        <TeamRung
          v-if="team"
          class="my-3"
          :variation="live.variation"
          :settings="bench.pose.value"
          :athletes="mates"
          :ladder="ladder.rungs"
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
        <section
          class="panel mt-3 grid grid-cols-[minmax(0,1fr)] md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)_minmax(0,22rem)]
            gap-5"
          :aria-label="live.variation.name"
        >
          <div class="flex flex-col items-center">
            <LineFigure
              v-if="live.figure"
              :figure="live.figure"
              :px-per-metre="bigScale"
              :forces="forces"
              :label="`${live.variation.name}, as computed`"
            />
            <p class="figure text-[0.85em] text-quiet mt-2 text-center">
              marked joint L4/L5<template v-if="forces">
                · blue: the ground’s pushes and their lever
              </template>
            </p>
          </div>
          <div>
            <h2 class="mb-1">
              {{ live.variation.name }}
            </h2>
            <BenchSliders
              :key="live.variation.id"
              :sliders="sliders"
              :problem="live.result ? live.problem : ''"
              @set="bench.set"
            />
            <BandStretch
              v-if="sliders.some(s => s.name === 'bandN')"
              :key="live.variation.id"
              @pull="bench.set('bandN', Math.min($event, sliders.find(s => s.name === 'bandN')!.max))"
            />
          </div>
          <BenchVerdict
            :live="live"
            :base="presentRung"
            :verdict="verdict"
            :work="work"
            :doubt="bench.doubt"
            :found="found"
            :editable="editable"
            :is-present="isPresent"
            :busy="busy"
            @put="put"
            @week="addToWeek"
            @take="take"
          />
        </section>
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
