<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import AlertBar from '~/components/safety/AlertBar.vue'
import ClosedRoom from '~/components/shell/ClosedRoom.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useMay } from '~/composables/useMay'
import { useCatalogue } from '~/composables/useCatalogue'
import PlanePatterns from '~/components/shell/PlanePatterns.vue'
import RoomRail from '~/components/shell/RoomRail.vue'
import SquadAtHand from '~/components/shell/SquadAtHand.vue'
import { useCatalogueStore } from '~/stores/catalogue'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useTestsStore } from '~/stores/tests'

const signedIn = useSignInStore()
const roster = useRosterStore()
const drills = useCatalogueStore()
const tests = useTestsStore()
const alerts = useAlerts()
const may = useMay()
const { coach } = may
const route = useRoute()
/** Whom the room is for, when it is not for whoever is signed in. */
const closed = computed(() => (route.meta.only && signedIn.me && !may[route.meta.only].value ? route.meta.only : null))
const catalogue = useCatalogue()
onMounted(() => {
  if (!signedIn.me) return
  roster.resume()
  if (drills.state === 'idle') void drills.load()
  if (tests.state === 'idle') void tests.load()
})

async function signOut(): Promise<void> {
  await signedIn.signOut()
  // As a new page: nothing of whoever was here stays in it.
  await navigateTo('/sign-in', { external: true })
}

/** Two systems, one switch: nobody mixes pounds with centimetres. */
async function switchUnits(): Promise<void> {
  const metric = signedIn.me?.units.mass === 'kg'
  await signedIn.saveUnits(metric ? { mass: 'lb', length: 'in' } : { mass: 'kg', length: 'cm' })
}
</script>

<template>
  <div class="md:flex min-h-screen">
    <PlanePatterns />
    <a
      href="#main"
      class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-2"
    >To the page</a>
    <RoomRail
      v-if="signedIn.me"
      :me="signedIn.me"
      :athlete-id="roster.lastAthleteId ?? roster.anybody"
      :week="mondayOf(signedIn.me.today)"
      @sign-out="signOut"
      @units="switchUnits"
    />
    <div class="flex-1 min-w-0">
      <AlertBar
        v-if="coach"
        :news="alerts.news"
        :catalogue="catalogue"
        @seen="alerts.see"
      />
      <main
        id="main"
        class="p-4"
      >
        <ClosedRoom
          v-if="closed"
          :only="closed"
        />
        <template v-else>
          <SquadAtHand
            v-if="(roster.more || roster.squadId) && route.path !== '/roster'"
            :groups="roster.groups"
            :chosen="roster.squadId"
            :shown="roster.rows.length"
            :more="roster.more"
            @take="roster.takeSquad"
          />
          <slot />
        </template>
      </main>
    </div>
  </div>
</template>
