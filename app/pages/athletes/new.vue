<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { AppError, messageOf } from '~~/shared/errors'
import type { AthleteInput } from '~~/shared/types'
import { forget } from '~/device/kept'
import AthleteForm from '~/components/athlete/AthleteForm.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { blankAthlete } from '~/composables/useAthleteForm'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ only: 'plan' })
useHead({ title: 'New athlete · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const facility = useFacilityStore()
// One key for the whole form: sending it twice adds one athlete.
const DRAFT = 'draft/athlete/new'
const id = newKey()
const round = ref(0)
const busy = ref(false)
const problem = ref('')
const fields = ref<Readonly<Record<string, string>>>({})
const gym = computed(() => facility.equipment)

onMounted(() => Promise.all([roster.load(), facility.load()]))

async function save(athlete: AthleteInput): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    await roster.add(id, athlete)
    forget(DRAFT)
    await navigateTo(`/athletes/${id}`)
  }
  catch (error) {
    problem.value = messageOf(error)
    if (error instanceof AppError && error.fields) fields.value = error.fields
  }
  finally {
    busy.value = false
  }
}

async function addGroup(name: string): Promise<void> {
  problem.value = ''
  try {
    await roster.addGroup({ id: newKey(), name })
  }
  catch (error) {
    problem.value = messageOf(error)
  }
}
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-3 mb-3">
      <h1 class="mr-auto">
        New athlete
      </h1>
      <NuxtLink
        class="btn"
        to="/athletes/table"
      >Several at once, from a table</NuxtLink>
    </header>
    <RoomPage
      :readings="[facility]"
      @retry="facility.again"
    >
      <p
        v-if="problem"
        class="caution mb-3"
        role="alert"
      >
        {{ problem }}
      </p>
      <AthleteForm
        :key="round"
        :start="blankAthlete()"
        :groups="roster.groups"
        :gym="gym"
        :units="signedIn.me.units"
        :busy="busy"
        :server-fields="fields"
        :draft-key="DRAFT"
        submit-text="Add athlete"
        @save="save"
        @add-group="addGroup"
        @start-over="round += 1"
        @cancel="forget(DRAFT); navigateTo('/roster')"
      />
    </RoomPage>
  </div>
</template>
