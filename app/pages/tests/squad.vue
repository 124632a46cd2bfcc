<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { placeAll, sideDifferences, weakLinks } from '~~/core/assessment'
import { ACTION_FACTS, type TrunkAction } from '~~/core/catalogue'
import { screenOf } from '~~/shared/planningContext'
import SelectField from '~/components/common/SelectField.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { dayMonth } from '~/words/inWords'
import { useTests } from '~/composables/useTests'
import { useAssessmentStore } from '~/stores/assessment'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Where the squad stands · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAssessmentStore()
const catalogue = useCatalogue()
const tests = useTests()
onMounted(() => Promise.all([roster.load(), store.loadSquad()]))

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
        athlete, last,
        due: last === null || last < addDays(signedIn.me!.today, -RETEST_DAYS),
        side: side ? `${side.weaker} −${Math.round(side.share * 100)} %` : '',
        link: link
          ? (link.place in ACTION_FACTS
            ? ACTION_FACTS[link.place as TrunkAction].label
            : link.place.replace(/([A-Z])/g, ' $1').toLowerCase())
          : '',
        shown: new Map(placeAll(screen, trials, []).map(p => [p.ladder, p.rung])),
      }
    })
)
const rungOf = (
  athlete: { rungs: Readonly<Record<string, number>> }, ladder: { id: string, rungs: readonly unknown[] },
): number => Math.min(ladder.rungs.length, athlete.rungs[ladder.id] ?? 1)
/** Darker the nearer to the top; the number says it too. */
function shade(share: number): { background: string, color: string } {
  const tone = Math.round(share * 4)
  return {
    background: ['#fbf8f1', '#dfe3e3', '#b4bfc4', '#6b7a82', '#34434b'][tone]!,
    color: tone > 2 ? '#fbf8f1' : '#1f2a30',
  }
}
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-end gap-x-4 gap-y-1 mb-2">
      <h1>Where the squad stands</h1>
      <p class="text-quiet mr-auto">
        Rung on each ladder; ▲ the tests show more than that.
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
      @retry="roster.again(); store.again()"
    >
      <div
        class="overflow-x-auto"
        tabindex="0"
        role="region"
        aria-label="Rungs of the squad"
      >
        <table class="text-left border-collapse">
          <thead>
            <tr class="align-bottom border-b-2 border-ink">
              <th
                scope="col"
                class="pr-3 pb-1 sticky left-0 bg-chalk"
              >
                Athlete
              </th>
              <th
                v-for="ladder in ladders"
                :key="ladder.id"
                scope="col"
                class="h-[7.4rem] w-[2.15rem] min-w-[2.15rem] align-bottom pb-1"
              >
                <span
                  class="block [writing-mode:vertical-rl] rotate-180 whitespace-nowrap font-normal text-[0.92em]
                    mx-auto"
                >
                  {{ ladder.name }}</span>
              </th>
              <th
                scope="col"
                class="px-2 pb-1"
              >
                Weak link
              </th>
              <th
                scope="col"
                class="px-2 pb-1 whitespace-nowrap"
              >
                Side
              </th>
              <th
                scope="col"
                class="px-2 pb-1"
              >
                Brace
              </th>
              <th
                scope="col"
                class="px-2 pb-1 whitespace-nowrap"
              >
                Tested
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in rows"
              :key="row.athlete.id"
              class="border-b border-line"
            >
              <th
                scope="row"
                class="pr-3 py-1 font-semibold whitespace-nowrap sticky left-0 bg-chalk"
              >
                <NuxtLink
                  :to="`/athletes/${row.athlete.id}/tests`"
                  class="underline underline-offset-2"
                >
                  {{ row.athlete.name }}
                </NuxtLink>
              </th>
              <td
                v-for="ladder in ladders"
                :key="ladder.id"
                class="figure text-center p-0 h-[1.9rem] border-x border-chalk"
                :style="shade(rungOf(row.athlete, ladder) / ladder.rungs.length)"
                :title="`${ladder.name}: ${ladder.rungs[rungOf(row.athlete, ladder) - 1]?.name}`"
              >
                {{ rungOf(row.athlete, ladder) }}<span
                  v-if="(row.shown.get(ladder.id) ?? 1) > rungOf(row.athlete,
                                                                 ladder)"
                >▲</span>
              </td>
              <td class="px-2 leading-tight min-w-[7rem]">
                {{ row.link || (row.athlete.weakLink ? `${ACTION_FACTS[row.athlete.weakLink].label} (set)` : '–') }}
              </td>
              <td class="px-2 whitespace-nowrap figure">
                {{ row.side || '–' }}
              </td>
              <td class="px-2 figure text-center">
                {{ row.athlete.braceStep }}
              </td>
              <td
                class="px-2 whitespace-nowrap"
                :class="row.due ? 'problem' : ''"
              >
                {{ row.last ? dayMonth(row.last) : 'never' }}{{ row.due && row.last ? ', due' : '' }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </RoomPage>
  </div>
</template>
