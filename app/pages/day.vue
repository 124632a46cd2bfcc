<script setup lang="ts">
import { daysBetween, mondayOf, weekdayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import RoomPage from '~/components/common/RoomPage.vue'
import AlertList from '~/components/safety/AlertList.vue'
import NoticeList from '~/components/season/NoticeList.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { beginningSteps, nextStep } from '~/words/beginning'
import { ENTRY_NAME, LOAD_NAME } from '~/words/seasonWords'
import { inDays, longDay } from '~/words/inWords'
import { useBeginningStore } from '~/stores/beginning'
import { useCoachDayStore } from '~/stores/coachDay'
import { useSignInStore } from '~/stores/signIn'
import type { SquadDay } from '~~/shared/types'

useHead({ title: 'Today · Keen Anchor' })

const signedIn = useSignInStore()
const catalogue = useCatalogue()
const store = useCoachDayStore()
const day = computed(() => store.day)
const alerts = useAlerts(() => store.load())
const started = useBeginningStore()
const { plan, govern } = useMay()
const next = computed(() => (started.beginning ? nextStep(beginningSteps(started.beginning)) : null))
onMounted(async () => {
  if (plan.value) void started.load()
  await store.load()
  void store.bring()
})

const weekday = computed(() => weekdayOf(day.value?.day ?? signedIn.me!.today))
const training = (squad: SquadDay) => squad.athletes.filter(one => one.session)
const unplanned = (squad: SquadDay) => squad.athletes.filter(one => !one.weekPlanned)
</script>

<template>
  <div v-if="signedIn.me">
    <div class="flex items-center gap-3">
      <h1 class="mr-auto">
        {{ longDay(day?.day ?? signedIn.me.today) }}
      </h1>
      <NuxtLink
        class="btn"
        to="/rooms"
      >Rooms today</NuxtLink>
    </div>
    <p
      v-if="next"
      class="panel mt-3 flex flex-wrap items-center gap-3"
    >
      <span class="mr-auto"><b>Beginning</b>, next: {{ next.title.toLowerCase() }}.</span>
      <NuxtLink
        class="btn btn-main"
        to="/begin"
      >Go on</NuxtLink>
    </p>
    <p
      v-if="govern && !signedIn.me.secondFactor && !signedIn.me.demo"
      class="panel mt-3 flex flex-wrap items-center gap-3"
    >
      <span class="mr-auto">Your sign-in opens everything here: let it ask for a code besides the password.</span>
      <NuxtLink
        class="btn"
        to="/account"
      >Add a second factor</NuxtLink>
    </p>
    <section
      v-if="alerts.alerts.length > 0"
      class="panel mt-3"
      aria-label="Health"
    >
      <h2>Health, last days</h2>
      <AlertList
        :alerts="alerts.alerts"
        :catalogue="catalogue"
      />
    </section>
    <RoomPage
      :readings="[store]"
      :empty="day?.squads.length === 0 ? 'No squad is in your sight yet.' : null"
      @retry="store.again"
    >
      <template #empty>
        <NuxtLink
          v-if="plan && !next"
          to="/begin"
          class="btn btn-main"
        >Begin with a squad</NuxtLink>
      </template>
      <div
        v-if="day"
        class="grid lg:grid-cols-2 gap-4 mt-3 items-start"
      >
        <section
          v-for="squad in day.squads"
          :key="squad.group.id"
          class="panel"
          :aria-label="squad.group.name"
        >
          <header class="flex flex-wrap items-baseline gap-x-3">
            <h2>{{ squad.group.name }}</h2>
            <p
              v-if="squad.week"
              class="text-quiet"
            >
              {{ PHASES[squad.week.phase].name.toLowerCase() }}, week <span class="figure">{{ squad.week.weekOfPhase }}
                of {{ squad.week.weeksOfPhase }}</span>{{ squad.week.load === 'taper' ? ''
                : `, ${LOAD_NAME[squad.week.load]}` }}
            </p>
          </header>
          <p v-if="squad.week">
            <b>{{ squad.week.days[weekday]!.kind }} day</b>: {{ squad.week.days[weekday]!.why }}
          </p>
          <p
            v-else
            class="text-quiet"
          >
            No season covers today.
            <NuxtLink
              class="underline"
              :to="`/season?group=${squad.group.id}`"
            >Plan one</NuxtLink>
          </p>
          <p
            v-for="entry in squad.entries"
            :key="entry.id"
          >
            <span class="figure">{{ entry.startsAt ?? 'all day' }}</span> <b>{{ entry.name }}</b>&nbsp;
            <span class="text-quiet">{{ ENTRY_NAME[entry.kind] }}</span>
          </p>
          <p
            v-if="training(squad).length > 0"
            class="float-right"
          >
            <NuxtLink
              class="btn"
              :to="`/floor/${squad.group.id}`"
            >Floor board</NuxtLink>
          </p>
          <p v-if="training(squad).length > 0">
            Trains: <template
              v-for="(one, i) in training(squad)"
              :key="one.id"
            >
              {{ i > 0 ? ', ' : '' }}<NuxtLink
                class="underline decoration-dotted underline-offset-2"
                :to="`/week/${one.id}?start=${mondayOf(day.day)}`"
              >{{ one.name }}</NuxtLink>&nbsp;<b
                v-if="one.stopped"
                class="problem"
              >stopped</b><span
                v-else
                class="figure"
              >{{ one.drills }}</span><span
                v-if="one.logged > 0"
                class="text-quiet"
              > ({{ one.logged }} sets logged)</span>
            </template>
          </p>
          <p
            v-else
            class="text-quiet"
          >
            Nobody has a session today.
          </p>
          <p v-if="unplanned(squad).length > 0">
            No week yet: <NuxtLink
              class="underline"
              :to="`/squad-week?ids=${unplanned(squad).map(one => one.id).join(',')}`"
            >{{ unplanned(squad).map(one => one.name).join(', ') }}</NuxtLink>
          </p>
          <p v-if="squad.nextCompetition">
            Next: <NuxtLink
              class="underline decoration-dotted underline-offset-2"
              :to="`/season?group=${squad.group.id}&week=${mondayOf(squad.nextCompetition.day)}`"
            >{{ squad.nextCompetition.name }}</NuxtLink> {{ squad.nextCompetition.importance }},
            {{ inDays(daysBetween(day.day, squad.nextCompetition.day)) }}
          </p>
          <NoticeList
            v-if="squad.notices.length > 0"
            class="mt-2"
            :notices="squad.notices"
            :today="day.day"
          />
        </section>
      </div>
      <p
        v-if="day?.more"
        class="text-quiet mt-3"
      >
        These are the first squads by name. Take another one at hand to see its day.
      </p>
    </RoomPage>
  </div>
</template>
