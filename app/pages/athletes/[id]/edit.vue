<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Athlete, AthleteInput } from '~~/shared/types'
import { messageOf } from '~/api/call'
import AthleteForm from '~/components/athlete/AthleteForm.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import { useAthleteStore } from '~/stores/athlete'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'

useHead({ title: 'Edit athlete · Keen Anchor' })

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useAthleteStore()
const id = String(route.params.id)
const busy = ref(false)
const problem = ref('')
const fields = ref<Readonly<Record<string, string>>>({})

onMounted(() => Promise.all([store.load(id), roster.load()]))

function input({ id: _i, version: _v, archived: _a, accountEmail: _e, ...athlete }: Athlete): AthleteInput {
  return athlete
}

async function attempt(work: () => Promise<unknown>): Promise<boolean> {
  busy.value = true
  problem.value = ''
  try {
    await work()
    return true
  }
  catch (error) {
    problem.value = messageOf(error)
    if (error instanceof AppError && error.fields) fields.value = error.fields
    return false
  }
  finally {
    busy.value = false
  }
}

async function save(athlete: AthleteInput): Promise<void> {
  if (await attempt(() => roster.save(id, store.athlete!.version, athlete))) await navigateTo(`/athletes/${id}`)
}
</script>

<template>
  <div v-if="session.me">
    <StatePanel
      v-if="store.state === 'idle' || store.state === 'loading'"
      state="loading"
    />
    <StatePanel
      v-else-if="store.state === 'failed' || !store.athlete"
      state="failed"
      :text="store.problem"
      @retry="store.load(id)"
    />
    <template v-else>
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
        :start="input(store.athlete)"
        :groups="roster.groups"
        :units="session.me.units"
        :busy="busy"
        :server-fields="fields"
        submit-text="Save"
        @save="save"
        @add-group="name => attempt(() => roster.addGroup({ id: newKey(), name }))"
        @cancel="navigateTo(`/athletes/${id}`)"
      />
    </template>
  </div>
</template>
