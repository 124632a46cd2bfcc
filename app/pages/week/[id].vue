<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { addDays, daysBetween, isTrainingDay, mondayOf } from '~~/core/calendar'
import { ACTION_FACTS } from '~~/core/catalogue'
import { SPORT_PROFILES } from '~~/core/programme'
import { redFlags } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import AssignReason from '~/components/safety/AssignReason.vue'
import WeekSheetView from '~/components/week/WeekSheetView.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useCatalogue } from '~/composables/useCatalogue'
import { painText } from '~/words/safetyWords'
import { inDays } from '~/words/inWords'
import { useMay } from '~/composables/useMay'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'
import { useWeekStore } from '~/stores/week'

/** How often an open sheet looks whether another coach stored something. */
const LOOK_AROUND_MS = 4000

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useWeekStore()
const catalogue = useCatalogue()
const assigned = ref(false)

const athleteId = computed(() => String(route.params.id))
const startsOn = computed(() => {
  const asked = String(route.query.start ?? '')
  return isTrainingDay(asked) ? mondayOf(asked) : mondayOf(session.me!.today)
})
const { plan: editable } = useMay()
const athlete = computed(() => store.sheet?.athlete ?? null)
const next = computed(() => store.sheet?.competitions[0] ?? null)
const alerts = useAlerts(() => store.refreshAthlete())
/** What stands on the week's days that are still to come, or on the week's last one. */
const red = computed(() => {
  if (!athlete.value) return []
  const last = addDays(startsOn.value, 6)
  const day = session.me!.today < startsOn.value ? startsOn.value : session.me!.today > last ? last : session.me!.today
  return redFlags(screenOf(athlete.value, day, catalogue.value).flags)
})
const stop = computed(() => alerts.open.find(one => one.athleteId === athleteId.value && one.kind === 'stop') ?? null)
const unknown = computed(() => (athlete.value && editable.value
  ? [
    ...(athlete.value.screenedOn === null ? ['never screened'] : []),
    ...(athlete.value.health.braceCheckedOn === null ? ['brace never checked'] : []),
  ]
  : [])
)

useHead({ title: () => `${athlete.value ? `${athlete.value.name}, week` : 'Week'} · Keen Anchor` })
watch([athleteId, startsOn], () => {
  roster.opened(athleteId.value)
  assigned.value = false
  void store.load(athleteId.value, startsOn.value)
}, { immediate: import.meta.client })
onBeforeRouteLeave(() => { void store.flush() })

// The device keeps what is not stored yet, so that leaving needs no warning.
const { pause, resume } = useIntervalFn(() => void store.lookAround(), LOOK_AROUND_MS, { immediate: false })
onMounted(resume)
onBeforeUnmount(pause)

const goTo = (day: string) => navigateTo({ path: route.path, query: { start: day } })

// Whom drills may be copied to; the sheet works without.
onMounted(() => { if (roster.state === 'idle') void roster.load() })

async function assign(reason = ''): Promise<void> {
  assigned.value = await store.assign(reason)
}
</script>

<template>
  <div v-if="session.me">
    <RoomPage
      :readings="[store.reader]"
      @retry="store.reader.again()"
    >
      <template v-if="store.sheet && athlete">
        <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-1">
          <h1>{{ athlete.name }}</h1>
          <p class="text-quiet">
            {{ [SPORT_PROFILES[athlete.sport].name, athlete.position].filter(Boolean).join(', ') }}
            · brace step <b class="text-ink">{{ athlete.braceStep }} of 7</b>
            <template v-if="athlete.weakLink">
              · weak link
              <b class="text-ink">{{ ACTION_FACTS[athlete.weakLink].label }}
                <template v-if="athlete.weakSide">, {{ athlete.weakSide }}</template></b>
            </template>
            <template v-if="next">
              · {{ next.name }} {{ next.importance }}
              <b class="text-ink">{{ inDays(daysBetween(session.me.today, next.day)) }}</b>
            </template>
          </p>
        </header>
        <WeekSheetView
          :key="`${athleteId}/${startsOn}`"
          :store="store"
          :sheet="store.sheet"
          :editable="editable"
          :stopped="red.length > 0"
          :today="Math.max(0, daysBetween(startsOn, session.me.today))"
          :rows="roster.rows"
          :groups="roster.groups"
          :add="typeof route.query.add === 'string' ? route.query.add : null"
          @assign="assign()"
          @go="goTo"
          @added="navigateTo({ path: route.path, query: { start: startsOn } }, { replace: true })"
        >
          <p
            v-if="store.saving === 'refused'"
            class="caution my-2"
            role="alert"
          >
            {{ store.problem }}
            <button
              type="button"
              class="underline font-semibold"
              @click="store.load(athleteId, startsOn)"
            >
              Load the stored week
            </button>
          </p>
          <p
            v-if="store.news"
            class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
            role="status"
          >
            <b>{{ store.news.who }}</b> changed this week too, and it is taken in: {{ store.news.changes.join('; ') }}.
            <button
              type="button"
              class="underline underline-offset-2"
              @click="store.news = null"
            >
              Seen
            </button>
          </p>
          <p
            v-if="red.length > 0"
            class="caution my-2"
            role="alert"
          >
            Stopped: a red flag stands. Refer to a clinician; what was assigned is withheld and comes back as it was
            when
            it is cleared.
            <template v-if="stop && stop.told.length > 0">
              Told: {{ stop.told.join(', ') }}.
            </template>
            <NuxtLink
              v-if="editable"
              class="underline underline-offset-2"
              :to="`/athletes/${athleteId}/screen`"
            >To the clearance</NuxtLink>
          </p>
          <AssignReason
            v-if="Object.keys(store.missing).length > 0"
            :athlete-id="athleteId"
            :missing="store.missing"
            :busy="store.saving !== 'stored'"
            @assign="assign"
            @close="store.missing = {}"
          />
          <p
            v-else-if="unknown.length > 0"
            class="my-2 border-l-4 border-signal bg-paper px-3 py-1.5"
          >
            {{ unknown.join(', ').replace(/^./, c => c.toUpperCase()) }}: assigning asks for it.
          </p>
          <p
            v-if="athlete.health.pain.length > 0"
            class="my-2 border-l-4 border-signal bg-paper px-3 py-1.5"
          >
            <template
              v-for="(one, i) in athlete.health.pain"
              :key="one.variationId"
            >
              {{ i > 0 ? '; ' : 'Pain at ' }}
              <b>{{ catalogue.find(one.variationId)?.name.toLowerCase() ?? 'a drill' }}</b>,
              {{ painText(one) }}
            </template>
            <NuxtLink
              class="underline underline-offset-2"
              :to="`/athletes/${athleteId}#pain`"
            >{{ editable ? 'Decide' : 'Look' }}</NuxtLink>
          </p>
          <p
            v-if="assigned && store.week?.status === 'assigned' && !store.week.changedSinceAssigned"
            class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
            role="status"
          >
            Assigned: {{ athlete.name }} reads it from now on.
          </p>
        </WeekSheetView>
        <ConflictChoice
          v-if="store.meeting"
          :who="store.meeting.who"
          subject="this week"
          :rows="store.meeting.conflicts"
          :others="store.meeting.theirChanges"
          @choose="store.choose"
        />
      </template>
    </RoomPage>
  </div>
</template>
