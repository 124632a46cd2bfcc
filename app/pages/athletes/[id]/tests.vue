<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { INSTRUMENT_KINDS, unpackTrace } from '~~/core/instruments'
import { EVIDENCE_DAYS, placeAll, type WeakLink } from '~~/core/assessment'
import { capacitiesOf } from '~~/core/capacity'
import type { TrunkAction } from '~~/core/catalogue'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { History, TrialTrace } from '~~/shared/types'
import AthleteRoom from '~/components/athlete/AthleteRoom.vue'
import CapacityPanel from '~/components/assessment/CapacityPanel.vue'
import PlacementList from '~/components/assessment/PlacementList.vue'
import TestResults from '~/components/assessment/TestResults.vue'
import TraceView from '~/components/assessment/TraceView.vue'
import WeakLinks from '~/components/assessment/WeakLinks.vue'
import ModalDialog from '~/components/common/ModalDialog.vue'
import { inputOf } from '~/words/athleteWords'
import { useAthleteRoom } from '~/composables/useAthleteRoom'
import { useAttempt } from '~/composables/useAttempt'
import { useMay } from '~/composables/useMay'
import { useTests } from '~/composables/useTests'
import { useAthleteStore } from '~/stores/athlete'

const tests = useTests()
const { coach } = useMay()
const history = shallowRef<History | null>(null)
const { id, editable, load, reading, screen, signedIn, roster, store, catalogue } = useAthleteRoom(
  'Tests',
  async (key, day) => {
    history.value = null
    history.value = await useAthleteStore().historyOf(key, addDays(day, -EVIDENCE_DAYS))
  },
)
const person = computed(() => ({ sex: store.athlete!.sex, ageYears: screen.value.ageYears }))
/** Trials of tests that are known here: the list of own tests may still be on its way. */
const trials = computed(() => store.found!.trials.filter(t => t.test in tests.value))
const capacities = computed(() => capacitiesOf(
  trunkOf(store.athlete!, signedIn.me!.today),
  trunkEvidence(trials.value, history.value?.logs ?? [], store.athlete!.stands), catalogue.value, signedIn.me!.today,
))
const placements = computed(() => placeAll(screen.value, trials.value, history.value?.logs ?? [], signedIn.me!.today))

/** The trace that is looked at, with the force or pressure it was to keep. */
const shown = shallowRef<{ trace: TrialTrace, target: number } | null>(null)
async function showTrace(trialId: string): Promise<void> {
  const trial = store.found!.trials.find(t => t.id === trialId)
  await attempt(async () => {
    const trace = await store.traceOf(id.value, trialId, trial!.day)
    if (trace) shown.value = { trace, target: trace.kind === 'force' ? trial!.setting.bandN ?? 90 : 40 }
  })
}
const { busy, problem, attempt } = useAttempt()
/** What was refused because somebody else came first is shown as it stands now. */
async function change(work: () => Promise<unknown>): Promise<void> {
  if (!busy.value && !await attempt(work)) await store.load(id.value)
}
const place = (variationId: string, reason: string) =>
  change(() => store.place(id.value, { version: store.athlete!.version, variationId, reason: reason.slice(0, 300) }))
const take = (link: WeakLink) =>
  change(async () => {
    const { id: key, version } = store.athlete!
    store.athlete = await roster.save(key, version, {
      ...inputOf(store.athlete!), weakLink: link.place as TrunkAction, weakSide: link.side,
    })
  })
</script>

<template>
  <AthleteRoom
    v-if="signedIn.me"
    :id="id"
    :name="store.athlete?.name ?? ''"
    :reading="reading"
    @retry="load"
  >
    <template #actions>
      <NuxtLink
        to="/tests"
        class="btn btn-main"
      >
        Test desk
      </NuxtLink>
    </template>
    <ModalDialog
      :open="shown !== null"
      title="Trace of the trial"
      wide
      @close="shown = null"
    >
      <template v-if="shown">
        <TraceView
          :samples="unpackTrace(shown.trace)"
          :low="shown.trace.kind === 'force' ? shown.target * 0.8 : shown.target - 5"
          :high="shown.trace.kind === 'force' ? shown.target * 1.1 : shown.target + 5"
          :unit="INSTRUMENT_KINDS[shown.trace.kind].unit"
          :seconds="0"
          label="Trace of the trial"
        />
        <p v-if="shown.trace.cvPercent !== null">
          Swayed by {{ shown.trace.cvPercent.toFixed(1) }} % around its mean.
        </p>
        <p
          v-if="!shown.trace.reliable"
          class="problem"
        >
          Not to be believed as it is: {{ shown.trace.says.join(' ') }}
        </p>
      </template>
    </ModalDialog>
    <div class="grid lg:grid-cols-2 gap-4 items-start">
      <div class="flex flex-col gap-4">
        <WeakLinks
          class="panel"
          :trials="trials"
          :person="person"
          :screen="screen"
          :catalogue="catalogue"
          :athlete-id="id"
          :present="store.athlete!.weakLink"
          :tests="tests"
          :logs="history?.logs ?? []"
          :editable="editable"
          @take="take"
        />
        <CapacityPanel
          class="panel"
          :capacities="capacities"
        />
        <TestResults
          class="panel"
          :trials="trials"
          :errors="store.found!.errors"
          :tests="tests"
          :person="person"
          :editable="coach"
          @trace="showTrace"
          @withdraw="change(() => store.withdrawTrial($event, id))"
        />
      </div>
      <PlacementList
        class="panel"
        :placements="placements"
        :rungs="screen.rungs"
        :catalogue="catalogue"
        :editable="editable"
        :busy="busy"
        :problem="problem"
        @place="place"
      />
    </div>
  </AthleteRoom>
</template>
