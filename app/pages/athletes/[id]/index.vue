<script setup lang="ts">
import { addDays, mondayOf } from '~~/core/calendar'
import { sportOf, SPORT_PROFILES, weakestDirection } from '~~/core/programme'
import { isMinor } from '~~/shared/minor'
import { screenOf } from '~~/shared/planningContext'
import type { Guardian } from '~~/shared/types'
import AthleteHead from '~/components/athlete/AthleteHead.vue'
import AthleteTabs from '~/components/athlete/AthleteTabs.vue'
import CapacityPanel from '~/components/assessment/CapacityPanel.vue'
import DataPanel from '~/components/athlete/DataPanel.vue'
import FlagConsequences from '~/components/athlete/FlagConsequences.vue'
import GuardianPanel from '~/components/athlete/GuardianPanel.vue'
import InviteForm from '~/components/athlete/InviteForm.vue'
import LadderStanding from '~/components/athlete/LadderStanding.vue'
import ProfilePanel from '~/components/athlete/ProfilePanel.vue'
import ReviewPanel from '~/components/athlete/ReviewPanel.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import PainPanel from '~/components/safety/PainPanel.vue'
import { useAthleteActs } from '~/composables/useAthleteActs'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { useAthleteStore } from '~/stores/athlete'
import { useGuardianStore } from '~/stores/guardian'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

const route = useRoute()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAthleteStore()
const catalogue = useCatalogue()

const id = computed(() => String(route.params.id))
const athlete = computed(() => store.athlete)
const { plan: editable, govern } = useMay()
const screen = computed(() => (athlete.value ? screenOf(athlete.value, signedIn.me!.today, catalogue.value) : null))
const weakest = computed(() => (athlete.value && store.history
  ? weakestDirection(store.history.trunk, sportOf(athlete.value.sport), catalogue.value)
  : null))
useHead({ title: () => `${athlete.value?.name ?? 'Athlete'} · Keen Anchor` })

const load = (): Promise<void> => store.loadPage(id.value, addDays(mondayOf(signedIn.me!.today), -28))
watch(id, () => {
  roster.opened(id.value)
  void load()
}, { immediate: import.meta.client })

const { problem, giving, erasing, archive, invite, erase, exportAll } = useAthleteActs(athlete)
const deciding = useAttempt()
const guardian = useGuardianStore()
const guarding = useAttempt()
const guarded = ref('')
watch(athlete, (now, before) => {
  if (now && now.id !== before?.id && editable.value && isMinor(now, signedIn.me!.today)) void guardian.load(now.id)
})
async function keepGuardian(input: Guardian): Promise<void> {
  guarded.value = ''
  if (await guarding.attempt(() => guardian.save(id.value, input))) guarded.value = 'Stored.'
  else if (Object.keys(guarding.fields.value).length === 0) guarded.value = guarding.problem.value
}
useAlerts(() => store.refresh(id.value))
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="athlete && screen">
        <AthleteHead
          :athlete="athlete"
          :session-id="store.today?.session?.id ?? null"
          :monday="mondayOf(signedIn.me.today)"
          :editable="editable"
          @archive="archive"
        />
        <AthleteTabs :id="id" />
        <p
          v-if="problem"
          class="caution mb-3"
          role="alert"
        >
          {{ problem }}
        </p>
        <div class="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-4">
          <div class="flex flex-col gap-4">
            <ProfilePanel
              :athlete="athlete"
              :units="signedIn.me.units"
            />
            <GuardianPanel
              v-if="editable && isMinor(athlete, signedIn.me.today) && guardian.found"
              :key="`${athlete.id} ${guardian.found.guardian?.version}`"
              :found="guardian.found"
              :govern="govern"
              :busy="guarding.busy.value"
              :fields="guarding.fields.value"
              :said="guarded"
              @save="keepGuardian"
            />
            <PainPanel
              v-if="athlete.health.pain.length > 0"
              :key="athlete.id"
              :athlete-id="athlete.id"
              :pain="athlete.health.pain"
              :catalogue="catalogue"
              :editable="editable"
              :busy="deciding.busy.value"
              :fields="deciding.fields.value"
              @decide="input => deciding.attempt(() => store.decidePain(id, input))"
            />
            <FlagConsequences
              class="panel"
              :flags="screen.flags"
              :screen="screen"
            />
            <section
              v-if="editable"
              class="panel"
            >
              <h2>Sign-in for the athlete's phone</h2>
              <InviteForm
                :key="athlete.id"
                :athlete="athlete"
                :busy="giving.busy"
                :problem="giving.problem"
                :fields="giving.fields"
                @invite="invite"
              />
            </section>
            <CapacityPanel
              v-if="store.history"
              class="panel"
              :capacities="store.history.trunk.known"
              :weakest="weakest"
              :sport-name="SPORT_PROFILES[athlete.sport].name"
            />
            <LadderStanding
              class="panel"
              :screen="screen"
            />
            <DataPanel
              v-if="govern"
              :key="athlete.id"
              class="panel"
              :name="athlete.name"
              :athlete-id="athlete.id"
              :busy="erasing.busy"
              :problem="erasing.problem"
              @export="exportAll"
              @erase="erase"
            />
          </div>
          <ReviewPanel
            v-if="store.history"
            class="panel self-start"
            :history="store.history"
            :athlete="athlete"
          />
        </div>
      </template>
    </RoomPage>
  </div>
</template>
