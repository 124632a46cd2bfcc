<script setup lang="ts">
import InstrumentLive from '~/components/assessment/InstrumentLive.vue'
import InstrumentSettings from '~/components/assessment/InstrumentSettings.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useInstrumentDesk } from '~/composables/instrument/useInstrumentDesk'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Instruments · Keen Anchor' })

const signedIn = useSignInStore()
const desk = useInstrumentDesk()
const { store } = desk
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
      <h1>Instruments</h1>
      <p class="text-quiet mr-auto">
        The hold is timed by the instrument itself; its trace stays with the test.
      </p>
      <NuxtLink
        to="/tests"
        class="btn"
      >
        Test desk
      </NuxtLink>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <div
        class="grid lg:grid-cols-[19rem_minmax(0,1fr)] gap-4 items-start"
      >
        <InstrumentSettings :desk="desk" />
        <InstrumentLive :desk="desk" />
      </div>
    </RoomPage>
  </div>
</template>
