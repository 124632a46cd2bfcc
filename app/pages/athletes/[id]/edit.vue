<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import type { Athlete, AthleteInput } from '~~/shared/types'
import { forget } from '~/device/kept'
import AthleteForm from '~/components/athlete/AthleteForm.vue'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { athleteClash, inputOf } from '~/words/athleteWords'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useVersionedEdit } from '~/composables/useVersionedEdit'
import { useAthleteStore } from '~/stores/athlete'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ only: 'plan' })
useHead({ title: 'Edit athlete · Keen Anchor' })

const route = useRoute()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAthleteStore()
const catalogue = useCatalogue()
const id = String(route.params.id)
const { busy, problem, fields, attempt } = useAttempt()

const facility = useFacilityStore()
const gym = computed(() => facility.equipment)
onMounted(() => Promise.all([store.load(id), roster.load(), facility.load()]))

const draftKey = `draft/athlete/${id}`
const { clash, save, choose } = useVersionedEdit<AthleteInput, Athlete>(
  (input, version) => roster.save(id, version, input),
  (start, mine, current) => athleteClash(start, mine, current, roster.groups, signedIn.me!.units, catalogue.value),
)

function done(): Promise<unknown> {
  forget(draftKey)
  return Promise.resolve(navigateTo(`/athletes/${id}`))
}

const after = (stored: () => Promise<boolean>) => attempt(async () => {
  if (await stored()) await done()
})

/** The form as it is stored. */
const round = ref(0)
function startOver(): void {
  round.value += 1
}
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="store.athlete">
        <h1 class="mb-3">
          {{ store.athlete.name }}
        </h1>
        <p
          v-if="problem"
          class="caution mb-3"
          role="alert"
        >
          {{ problem }}
        </p>
        <AthleteForm
          :key="round"
          :start="inputOf(store.athlete)"
          :groups="roster.groups"
          :gym="gym"
          :units="signedIn.me.units"
          :busy="busy"
          :server-fields="fields"
          submit-text="Save"
          :draft-key="draftKey"
          :version="store.athlete.version"
          @save="(athlete, base) => after(() => save(athlete, base.start, base.version))"
          @start-over="startOver"
          @add-group="name => attempt(() => roster.addGroup({ id: newKey(), name }))"
          @cancel="done"
        />
        <ConflictChoice
          v-if="clash"
          :who="clash.who"
          :subject="store.athlete.name"
          :rows="clash.rows"
          :others="clash.others"
          @choose="choices => after(() => choose(choices))"
        />
      </template>
    </RoomPage>
  </div>
</template>
