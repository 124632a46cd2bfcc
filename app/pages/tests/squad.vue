<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { placeAll, sideDifferences, weakLinks } from '~~/core/assessment'
import { ACTION_FACTS, type TrunkAction } from '~~/core/catalogue'
import { screenOf } from '~~/shared/planningContext'
import SquadRungs from '~/components/assessment/SquadRungs.vue'
import SelectField from '~/components/common/SelectField.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { useTests } from '~/composables/useTests'
import { useSquadTrialsStore } from '~/stores/squadTrials'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Where the squad stands · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSquadTrialsStore()
const catalogue = useCatalogue()
const tests = useTests()
onMounted(() => Promise.all([roster.load(), store.load()]))

/** Days after which tests are taken again (common practice, no source). */
const RETEST_DAYS = 42
const groupId = ref<string | null>(null)
const GROUPS = computed(() => [[null, 'everybody'] as const, ...roster.groups.map(g => [g.id, g.name] as const)])
const ladders = computed(() => catalogue.value.ladders)
const rows = computed(() =>
  roster.rows.map(row => row.athlete)
    .filter(a => !a.archived && (!groupId.value || a.groupIds.includes(groupId.value)))
    .map((athlete) => {
      const trials = store.squad.trials.filter(t => t.athleteId === athlete.id && t.test in tests.value)
      const screen = screenOf(athlete, signedIn.me!.today, catalogue.value)
      const person = { sex: athlete.sex, ageYears: screen.ageYears }
      const last = trials.at(-1)?.day ?? null
      const side = sideDifferences(trials, person, store.squad.errors, tests.value).filter(d =>
        d.believable && d.weaker
      )[0]
      const link = weakLinks(trials, person, { tests: tests.value, catalogue: catalogue.value, logs: [] }).links[0]
      return {
        athlete, last, rungs: screen.rungs,
        due: last === null || last < addDays(signedIn.me!.today, -RETEST_DAYS),
        side: side ? `${side.weaker} −${Math.round(side.share * 100)} %` : '',
        link: link
          ? (link.place in ACTION_FACTS
            ? ACTION_FACTS[link.place as TrunkAction].label
            : link.place.replace(/([A-Z])/g, ' $1').toLowerCase())
          : '',
        shown: new Map(placeAll(screen, trials, [], signedIn.me!.today).map(p => [p.branch, p.rung])),
      }
    })
)
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-end gap-x-4 gap-y-1 mb-2">
      <h1>Where the squad stands</h1>
      <p class="text-quiet mr-auto">
        How far up each branch of the ladders; ▲ the tests show more than that.
      </p>
      <SelectField
        v-model="groupId"
        label="Group"
        name="group"
        :options="GROUPS"
      />
      <NuxtLink
        to="/tests"
        class="btn"
      >
        Test desk
      </NuxtLink>
    </header>
    <RoomPage
      :readings="[roster, store]"
      :empty="rows.length === 0 ? 'Nobody is on the roster yet.' : null"
      :next="['/athletes/table', 'Bring athletes in']"
      @retry="roster.again(); store.again()"
    >
      <SquadRungs
        :ladders="ladders"
        :rows="rows"
      />
    </RoomPage>
  </div>
</template>
