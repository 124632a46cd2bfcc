<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { v7 as newKey } from 'uuid'
import { addDays, isTrainingDay, mondayOf } from '~~/core/calendar'
import type { WeekPlan } from '~~/core/programme'
import { redFlags } from '~~/core/screening'
import { messageOf } from '~~/shared/errors'
import AthletePicker from '~/components/athlete/AthletePicker.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import LatestRuns from '~/components/week/LatestRuns.vue'
import LiftDays from '~/components/week/LiftDays.vue'
import RunReview from '~/components/week/RunReview.vue'
import WeekStep from '~/components/week/WeekStep.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useDraft } from '~/composables/useDraft'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useSquadWeekStore } from '~/stores/squadWeek'

definePageMeta({ only: 'plan' })
useHead({ title: 'Squad week · Keen Anchor' })

/** How often a run that goes on is looked at. */
const LOOK_MS = 1000

const route = useRoute()
const router = useRouter()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSquadWeekStore()
const { rows, groups } = storeToRefs(roster)

const asked = String(route.query.start ?? '')
const startsOn = ref(isTrainingDay(asked) ? mondayOf(asked) : addDays(mondayOf(signedIn.me!.today), 7))
const weeks = ref(1)
const selected = ref<ReadonlySet<string>>(new Set(String(route.query.ids ?? '').split(',').filter(Boolean)))
/** The lifts of the squad's last planned week are the likeliest start; two plain days otherwise. */
const plan = shallowRef<WeekPlan>({ sessions: [] })
const replace = ref(false)
/** Lift days that were typed and not proposed with yet are there again when the page is. */
const draft = useDraft('draft/squad-week', reactive({ plan, weeks, replace }))
// The address brings selection and week back, on any device.
watch([selected, startsOn], () => router.replace({
  query: { ...route.query, ids: [...selected.value].join(','), start: startsOn.value },
}))
const { busy, problem, attempt } = useAttempt()
/** What the page reads by itself: a click meanwhile is not lost to it. */
const opening = useAttempt()

onMounted(async () => {
  store.run = null
  await roster.load()
  await opening.attempt(async () => {
    await store.loadLatest()
    // What the address says of selection and week is newer than the run it names.
    if (route.query.run) await show(String(route.query.run), route.query.ids === undefined)
  })
})

/** A run, with what it was asked for: all of it, or only what is nowhere else. */
async function show(id: string, all = true): Promise<void> {
  await store.open(id)
  const run = store.run!
  if (plan.value.sessions.length === 0 || (all && run.sessions.length > 0)) plan.value = { sessions: run.sessions }
  if (!all) return
  selected.value = new Set(run.lines.map(line => line.athleteId))
  startsOn.value = run.startsOn
  weeks.value = run.weeks
}

const chosen = computed(() => rows.value.filter(row => selected.value.has(row.athlete.id)))
const referred = computed(() => chosen.value.filter(row => redFlags(row.marks).length > 0))

const { pause, resume } = useIntervalFn(() => {
  void store.look().catch((error: unknown) => { problem.value = messageOf(error) })
}, LOOK_MS, { immediate: false })
watch(() => store.going, going => (going ? resume() : pause()), { immediate: import.meta.client })
onBeforeUnmount(pause)

const copyLifts = () =>
  attempt(async () => {
    const from = chosen.value[0]
    if (from) plan.value = await store.liftsOf(from.athlete.id, startsOn.value)
  })
const propose = () =>
  attempt(async () => {
    const id = newKey()
    await store.start({
      id, athleteIds: [...selected.value], startsOn: startsOn.value, weeks: weeks.value, sessions: plan.value.sessions,
      replace: replace.value,
    })
    draft.sent()
    // The run outlives the page: its address brings it back.
    await router.replace({ query: { ...route.query, run: id } })
  })
const openRun = (id: string) =>
  attempt(async () => {
    await show(id)
    await router.replace({ query: { ...route.query, run: id } })
  })
useSingleKeys([{
  keys: ['p'], text: 'Propose',
  run: () => {
    if (selected.value.size > 0) void propose()
  },
}])
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-3">
      <h1>Squad week</h1>
      <p class="text-quiet">
        Lift days typed once; trunk work proposed for each athlete on their own rungs, equipment and flags.
      </p>
    </header>
    <div
      class="grid lg:grid-cols-[19rem_minmax(0,1fr)] gap-4 items-start"
    >
      <section class="panel">
        <h2>Who <span class="figure font-normal">{{ selected.size }}</span></h2>
        <StatePanel
          v-if="roster.state === 'failed'"
          state="failed"
          :text="roster.problem"
          @retry="roster.load"
        />
        <AthletePicker
          v-model="selected"
          :rows="rows"
          :groups="groups"
        />
      </section>
      <div class="flex flex-col gap-4 min-w-0">
        <section class="panel">
          <div class="flex flex-wrap items-center gap-2 mb-2">
            <h2>Lift days</h2>
            <WeekStep v-model="startsOn" />
            <label class="flex items-center gap-1.5">
              for
              <select
                v-model.number="weeks"
                class="field w-auto"
              >
                <option
                  v-for="n in 8"
                  :key="n"
                  :value="n"
                >
                  {{ n }} {{ n === 1 ? 'week' : 'weeks' }}
                </option>
              </select>
            </label>
            <button
              v-if="chosen.length > 0"
              type="button"
              class="btn ml-auto"
              :disabled="busy"
              @click="copyLifts"
            >
              Copy from {{ chosen[0]!.athlete.name }}’s last week
            </button>
          </div>
          <LiftDays v-model="plan" />
        </section>
        <p
          v-if="referred.length > 0"
          class="caution"
        >
          {{ referred.map(row => row.athlete.name).join(', ') }}: a red flag is open, no programme is given.
        </p>
        <p
          v-if="problem || opening.problem.value"
          class="caution"
          role="alert"
        >
          {{ problem || opening.problem.value }}
        </p>
        <div class="flex flex-wrap gap-3 items-center">
          <button
            type="button"
            class="btn btn-main"
            :disabled="busy || selected.size === 0"
            @click="propose"
          >
            {{ busy ? 'Working …' : `Propose for ${selected.size}` }} <kbd>p</kbd>
          </button>
          <label class="flex gap-2 items-center">
            <input
              v-model="replace"
              type="checkbox"
            >
            Replace weeks that already hold drills
          </label>
        </div>
        <RunReview
          v-if="store.run"
          :run="store.run"
          :busy="busy"
          @cancel="attempt(store.cancel)"
          @retry="attempt(store.retry)"
          @accept="ids => attempt(() => store.accept(ids))"
        />
        <LatestRuns
          v-else-if="store.latest.length > 0"
          :runs="store.latest"
          @open="openRun"
        />
      </div>
    </div>
  </div>
</template>
