<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { addDays, isTrainingDay, mondayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import RoomPage from '~/components/common/RoomPage.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import AthleteOtherwise from '~/components/season/AthleteOtherwise.vue'
import RibbonLegend from '~/components/season/RibbonLegend.vue'
import GateList from '~/components/season/GateList.vue'
import RepairPanel from '~/components/season/RepairPanel.vue'
import SeasonDialogs, { type SeasonDialog } from '~/components/season/SeasonDialogs.vue'
import SeasonRibbon from '~/components/season/SeasonRibbon.vue'
import SeasonTools from '~/components/season/SeasonTools.vue'
import SeasonWeekPanel from '~/components/season/SeasonWeekPanel.vue'
import SquadChoice from '~/components/season/SquadChoice.vue'
import SquadOverlay from '~/components/season/SquadOverlay.vue'
import { saveAsFile } from '~/files/saveAsFile'
import { writeTable } from '~/files/tableFile'
import { useAttempt } from '~/composables/useAttempt'
import { useSeasonDraft } from '~/composables/useSeasonDraft'
import { useSeasonEdits } from '~/composables/useSeasonEdits'
import { useSeasonView } from '~/composables/useSeasonView'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { byPlane } from '~/words/weekDemand'
import { useMay } from '~/composables/useMay'
import { useFacilityStore } from '~/stores/facility'
import { useExchangeStore } from '~/stores/exchange'
import { useRosterStore } from '~/stores/roster'
import { useSeasonStore } from '~/stores/season'
import { useSessionStore } from '~/stores/session'

useHead({ title: 'Season line · Keen Anchor' })

/** Athletes that share a barbell on a hard day (common practice, no source). */
const TO_A_BARBELL = 3
const OVERLAY_WEEKS = 30

const route = useRoute()
const router = useRouter()
const session = useSessionStore()
const roster = useRosterStore()
const facility = useFacilityStore()
const store = useSeasonStore()
const { all } = storeToRefs(store)
const { busy, problem, fields, attempt } = useAttempt()
const exchange = useExchangeStore()
const today = session.me!.today

/** What the address says, where it says something that is here. */
const groupId = computed(() =>
  (all.value?.groups.find(group => group.id === route.query.group) ?? all.value?.groups[0])?.id ?? ''
)
const athletes = computed(() =>
  roster.rows.map(row => row.athlete).filter(a => !a.archived && a.groupIds.includes(groupId.value))
)
const athlete = computed(() => athletes.value.find(a => a.id === route.query.athlete) ?? null)
const firstDay = computed(
  () => (typeof route.query.week === 'string' && isTrainingDay(route.query.week) ? route.query.week : today)
)
const focus = computed(() => ({ groupId: groupId.value, athleteId: athlete.value?.id ?? null }))
const { plan: editable, govern } = useMay()
/** The squad's calendar and shape are changed where the squad is looked at. */
const squadEditable = computed(() => editable.value && focus.value.athleteId === null)
const overlay = computed(() => route.query.view === 'all')
const draft = useSeasonDraft(all, focus, today)
const { shape, plan, entries, repair, dirty, compared, season } = draft
const edits = useSeasonEdits(draft, groupId, computed(() => all.value?.timeZone ?? 'UTC'))
const dialog = ref<SeasonDialog | null>(null)

onMounted(async () => {
  store.last = null
  await Promise.all([store.load(), roster.load(), facility.load()])
})

const sport = computed(() => athlete.value?.sport ?? athletes.value[0]?.sport ?? 'general')
const sizes = computed(() =>
  Object.fromEntries(
    (all.value?.groups ?? []).map(g => [
      g.id,
      roster.rows.filter(r => !r.athlete.archived && r.athlete.groupIds.includes(g.id)).length,
    ]),
  )
)
const view = useSeasonView(draft, sport, firstDay)
const { days, week, weekday, startsOn, said, demands, show, weekOf } = view
const gates = computed(() => (all.value?.gates ?? []).filter(g => g.groupId === groupId.value))
const coming = computed(() => entries.value.filter(e => e.kind === 'competition' && e.lastDay >= today))
const zones = computed(() => [...new Set([all.value?.timeZone ?? 'UTC', ...Intl.supportedValuesOf('timeZone')])])
const feedChoices = computed(() => [
  ...(athlete.value ? [{ scope: 'athlete' as const, subjectId: athlete.value.id, name: athlete.value.name }] : []),
  {
    scope: 'group' as const, subjectId: groupId.value,
    name: all.value?.groups.find(g => g.id === groupId.value)?.name ?? 'the squad',
  },
  { scope: 'coach' as const, subjectId: null, name: 'all squads' },
])
const report = computed(
  () => (season.value
    ? `/season/report?group=${groupId.value}${focus.value.athleteId ? `&athlete=${focus.value.athleteId}` : ''}`
    : null)
)

const go = (query: Record<string, string | undefined>) =>
  router.replace({ query: { ...route.query, week: undefined, ...query } })
const addEntry = (): void => {
  dialog.value = {
    kind: 'entry',
    entry: edits.newEntry(view.chosenDay.value ?? addDays(startsOn.value, 5)),
    isNew: true, day: null,
  }
}
function openEntry(id: string): void {
  const entry = entries.value.find(e => e.id === id)
  if (entry && squadEditable.value) dialog.value = { kind: 'entry', entry, isNew: false, day: view.chosenDay.value }
}
/** The competition of the selected week, or the next one: what the move keys move. */
const moved = computed(() => coming.value.find(e => mondayOf(e.day) === startsOn.value) ?? coming.value[0] ?? null)
function nudge(by: number): void {
  const { value: entry } = moved
  if (!squadEditable.value || !entry) return
  draft.moveEntry(entry.id, by)
  show(weekOf(addDays(entry.day, by)))
  // The keyboard goes along, so that Enter is the repair's and not of what was pressed before.
  void nextTick(() => document.getElementById('repair')?.focus({ preventScroll: true }))
}
const accept = () => attempt(async () => {
  if (focus.value.athleteId) await store.changeAthlete(focus.value.athleteId, draft.athleteChange())
  else await store.change(groupId.value, draft.groupChange())
  draft.discard()
})
async function saveTable(): Promise<void> {
  const rows = entries.value.map((
    { kind, name, day, lastDay, startsAt, minutes, timeZone, importance, travelBefore, travelAfter, weeklyUntil },
  ) => ({
    kind, name, day, lastDay, startsAt: startsAt ?? '', minutes: minutes ?? '', timeZone, importance: importance ?? '',
    travelBefore, travelAfter, weeklyUntil: weeklyUntil ?? '',
  }))
  saveAsFile('calendar.csv', await writeTable(rows), 'text/csv')
}
function openFeeds(): void {
  dialog.value = { kind: 'feeds' }
  void attempt(exchange.open)
}
function openReader(): void {
  exchange.found = null
  dialog.value = { kind: 'read' }
}
const actions = [
  { keys: ['ArrowLeft'], text: 'Week before', run: () => show(week.value - 1) },
  { keys: ['ArrowRight'], text: 'Week after', run: () => show(week.value + 1) },
  { keys: ['t'], text: 'This week', run: () => show(weekOf(today)) },
  { keys: ['z'], text: 'Days or weeks', run: view.zoom },
  {
    keys: ['1', '2', '3', '4', '5', '6', '7'], text: 'Choose a day of the week',
    run: (key: string) => {
      weekday.value = Number(key) - 1
    },
  },
  {
    keys: ['p'], text: 'Pin the chosen day',
    run: () => {
      if (weekday.value !== null && editable.value) draft.togglePin(7 * week.value + weekday.value)
    },
  },
  // Brackets are hard to reach on some keyboards: comma and stop do the same.
  {
    keys: ['[', ']', ',', '.'],
    text: 'The competition of this week, or the next one: a day earlier, a day later',
    run: (key: string) => nudge('[,'.includes(key) ? -1 : 1),
  },
  { keys: ['{', '}', '<', '>'], text: 'The same by a week', run: (key: string) => nudge('{<'.includes(key) ? -7 : 7) },
  {
    keys: ['a'], text: 'Add to the calendar',
    run: () => {
      if (squadEditable.value) addEntry()
    },
  },
  {
    keys: ['Enter'], text: 'Accept the repair', yields: true,
    run: () => {
      if (dirty.value && editable.value) void accept()
    },
  },
  { keys: ['Escape'], text: 'Leave it as it was', run: () => draft.discard() },
  { keys: ['?'], text: 'This help', run: () => { dialog.value = { kind: 'keys' } } },
]
const { on: keysOn } = useSingleKeys(actions)
</script>

<template>
  <div v-if="session.me">
    <SquadChoice
      :groups="all?.groups ?? []"
      :group-id="groupId"
      :athletes="athletes"
      :athlete-id="focus.athleteId"
      :overlay="overlay"
      :planned="season !== null"
      @squad="group => go({ group, athlete: undefined, view: undefined })"
      @athlete="id => go({ athlete: id ?? undefined })"
      @all="go({ view: overlay ? undefined : 'all' })"
    />
    <RoomPage
      :readings="[store]"
      :empty="!all || all.groups.length === 0 ? 'A season belongs to a squad: make one on the roster first.' : null"
      @retry="store.again"
    >
      <SquadOverlay
        v-if="all && overlay"
        :all="all"
        :sizes="sizes"
        :today="today"
        :weeks="OVERLAY_WEEKS"
        :places="(facility.counts.barbell ?? 0) * TO_A_BARBELL"
        @open="(group, monday) => go({ group, week: monday, view: undefined, athlete: undefined })"
      />
      <template v-else>
        <SeasonTools
          :coming="coming"
          :today="today"
          :days="days"
          :editable="squadEditable"
          :report="report"
          @zoom="view.zoom"
          @add="addEntry"
          @shape="dialog = { kind: 'shape' }"
          @read="openReader"
          @table="saveTable"
          @feeds="openFeeds"
          @keys="dialog = { kind: 'keys' }"
        />
        <StatePanel
          v-if="!plan"
          state="empty"
          text="This squad has no season yet."
        >
          <button
            v-if="editable"
            type="button"
            class="btn btn-main"
            @click="draft.setShape(shape, 'The season is planned')"
          >
            Plan one
          </button>
        </StatePanel>
        <div
          v-if="plan"
          :ref="element => { view.frame.value = element as HTMLElement | null }"
          class="overflow-x-auto"
          role="region"
          tabindex="0"
          aria-label="Season ribbon"
        >
          <SeasonRibbon
            :shape="shape"
            :plan="plan"
            :before="dirty ? compared : null"
            :entries="entries"
            :today="today"
            :selected="week"
            :week-px="view.weekPx.value"
            :days="days"
            :planes="demands.map(byPlane)"
            :editable="squadEditable"
            :pins="draft.pins.value"
            @select="show"
            @day="view.showDay"
            @open="openEntry"
            @move="draft.moveEntry"
            @start="edits.startPhase"
          />
        </div>
        <RibbonLegend v-if="plan" />
        <p
          v-if="store.last && !dirty"
          class="my-2"
          role="status"
        >
          Stored: {{ store.last.changed.length }} {{ store.last.changed.length === 1 ? 'day' : 'days' }} changed.
          <NuxtLink
            v-if="store.last.runId"
            class="underline"
            :to="`/squad-week?run=${store.last.runId}`"
          >The weeks it touches are planned anew: look at them</NuxtLink>
        </p>
        <p
          v-if="draft.ways.value?.problem"
          class="caution my-2"
          role="alert"
        >
          {{ draft.ways.value.problem }}
        </p>
        <div class="flex flex-col gap-3 mt-3">
          <RepairPanel
            v-if="repair && draft.ways.value?.found"
            id="repair"
            tabindex="-1"
            :title="draft.title.value"
            :repair="repair"
            :before="compared"
            :shape="shape"
            :ways="draft.ways.value.found"
            :taken="draft.taken.value"
            :pins="draft.pins.value"
            :busy="busy"
            :problem="problem"
            :pinnable="season !== null"
            :replan="draft.replan.value"
            @replan="on => draft.replan.value = on"
            @accept="accept"
            @discard="draft.discard"
            @prefer="way => draft.prefer.value = way"
            @pin="draft.togglePin"
            @show="show"
          />
          <SeasonWeekPanel
            v-if="said"
            :week="said"
            :number="week"
            :starts-on="startsOn"
            :entries="entries"
            :demand="demands[week]!"
            :before="dirty && compared ? compared.days.slice(7 * week, 7 * week + 7) : null"
            :pins="draft.pins.value"
            :selected-day="weekday"
            :editable="editable"
            @pin="draft.togglePin"
            @open="openEntry"
          />
          <AthleteOtherwise
            v-if="athlete && season"
            :name="athlete.name"
            :exceptions="draft.exceptions.value"
            :entries="entries"
            :gates="gates.filter(g => g.athleteId === athlete!.id)"
            :phase-names="shape.phases.map(p => PHASES[p.phase].name)"
            :today="today"
            :editable="editable"
            @put="draft.setExceptions"
          />
          <GateList
            v-else-if="gates.length > 0"
            :gates="gates"
            :shape="shape"
            @open="id => go({ athlete: id })"
          />
        </div>
      </template>
    </RoomPage>
    <SeasonDialogs
      :dialog="dialog"
      :shape="shape"
      :zones="zones"
      :shared="govern"
      :found="exchange.found"
      :feeds="exchange.feeds"
      :feed-choices="feedChoices"
      :feed-url="exchange.url"
      :busy="busy"
      :problem="problem"
      :fields="fields"
      :actions="actions"
      :keys-on="keysOn"
      @close="dialog = null"
      @put="entry => { edits.put(entry); dialog = null }"
      @cancel="id => { draft.cancelEntry(id); dialog = null }"
      @cancel-day="(entry, day) => { edits.cancelDay(entry, day); dialog = null }"
      @shape="next => { edits.setShape(next); dialog = null }"
      @read="source => attempt(() => exchange.read({ ...source, groupId }))"
      @take="list => { edits.take(list); dialog = null }"
      @add-feed="(scope, subjectId) => attempt(() => exchange.add(scope, subjectId))"
      @revoke="id => attempt(() => exchange.revoke(id))"
      @keys="on => keysOn = on"
    />
  </div>
</template>
