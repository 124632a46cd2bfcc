<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import RoomPage from '~/components/common/RoomPage.vue'
import BeginningSteps from '~/components/shell/BeginningSteps.vue'
import { useAttempt } from '~/composables/useAttempt'
import { beginningSteps, nextStep } from '~/words/beginning'
import { useBeginningStore } from '~/stores/beginning'
import { useRosterStore } from '~/stores/roster'

definePageMeta({ only: 'plan' })
useHead({ title: 'Beginning · Keen Anchor' })

const store = useBeginningStore()
const roster = useRosterStore()
const { busy, problem, fields, attempt } = useAttempt()
const steps = computed(() => (store.beginning ? beginningSteps(store.beginning) : []))
onMounted(() => Promise.all([store.load(), roster.load()]))

async function addSquad(name: string): Promise<void> {
  if (await attempt(() => roster.addGroup({ id: newKey(), name }))) await store.load()
}
</script>

<template>
  <div>
    <h1>Beginning</h1>
    <p class="text-quiet mb-3 max-w-3xl">
      In the order of the work. Leave it whenever you like: it knows what is done, and Today leads back here.
    </p>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <p
        v-if="store.beginning && !nextStep(steps)"
        class="mb-3"
        role="status"
      >
        <b>All of it is there.</b> The day starts on <NuxtLink
          class="underline"
          to="/day"
        >Today</NuxtLink>.
      </p>
      <BeginningSteps
        :steps="steps"
        :squads="roster.groups.map(group => group.name)"
        :busy="busy"
        :problem="fields.name ?? problem"
        @add-squad="addSquad"
      />
    </RoomPage>
  </div>
</template>
