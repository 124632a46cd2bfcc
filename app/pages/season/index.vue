<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import { seasonWeek } from '~~/core/season'
import * as api from '~/api/season'
import StatePanel from '~/components/common/StatePanel.vue'
import AthleteOtherwise from '~/components/season/AthleteOtherwise.vue'
import RibbonLegend from '~/components/season/RibbonLegend.vue'
import RepairPanel from '~/components/season/RepairPanel.vue'
import SeasonDialogs, { type SeasonDialog } from '~/components/season/SeasonDialogs.vue'
import SeasonRibbon from '~/components/season/SeasonRibbon.vue'
import SeasonTools from '~/components/season/SeasonTools.vue'
import SeasonWeekPanel from '~/components/season/SeasonWeekPanel.vue'
import SquadOverlay from '~/components/season/SquadOverlay.vue'
import { WEEK_PX } from '~/composables/ribbonLayout'
import { saveAsFile } from '~/composables/saveAsFile'
import { writeTable } from '~/composables/tableFile'
import { useAttempt } from '~/composables/useAttempt'
import { useCalendarExchange } from '~/composables/useCalendarExchange'
import { useSeasonDraft } from '~/composables/useSeasonDraft'
import { useSeasonEdits } from '~/composables/useSeasonEdits'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { byPlane, weekDemand } from '~/composables/weekDemand'
import { useFacilityStore } from '~/stores/facility'
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
const { all, state } = storeToRefs(store)
const { busy, problem, fields, attempt } = useAttempt()
const exchange = useCalendarExchange(api)
const today = session.me!.today

const groupId = computed(() => String(route.query.group ?? all.value?.groups[0]?.id ?? ''))
const focus = computed(() => ({ groupId: groupId.value, athleteId: route.query.athlete ? String(route.query.athlete) : null }))
const editable = computed(() => session.me?.role === 'headCoach' || session.me?.role === 'coach')
/** The squad's calendar and shape are changed where the squad is looked at. */
const squadEditable = computed(() => editable.value && focus.value.athleteId === null)
const overlay = computed(() => route.query.view === 'all')
const draft = useSeasonDraft(all, focus, today)
const { shape, plan, entries, repair, dirty, instance, standing, season } = draft
const edits = useSeasonEdits(draft, groupId, computed(() => all.value?.timeZone ?? 'UTC'))
const days = ref(false)
const week = ref(0)
const weekday = ref<number | null>(null)
const dialog = ref<SeasonDialog | null>(null)
const frame = ref<HTMLElement | null>(null)
const frameWidth = ref(1080)

onMounted(async () => {
  store.last = null
  await Promise.all([store.load(), roster.load(), facility.load()])
  await nextTick()
  if (frame.value) frameWidth.value = frame.value.clientWidth
})
const weekOf = (day: string): number => Math.max(0, Math.min(shape.value.weeks - 1, Math.floor(daysBetween(shape.value.startsOn, day) / 7)))
watch(() => [season.value === null, focus.value.groupId], () => { week.value = weekOf(route.query.week ? String(route.query.week) : today) }, { immediate: true })

const athletes = computed(() => roster.rows.map(row => row.athlete).filter(a => !a.archived && a.groupIds.includes(groupId.value)))
const athlete = computed(() => athletes.value.find(a => a.id === focus.value.athleteId) ?? null)
const sport = computed(() => athlete.value?.sport ?? athletes.value[0]?.sport ?? 'general')
const sizes = computed(() => Object.fromEntries((all.value?.groups ?? []).map(g => [g.id, roster.rows.filter(r => !r.athlete.archived && r.athlete.groupIds.includes(g.id)).length])))
const weekPx = computed(() => (days.value ? WEEK_PX.days : Math.max(WEEK_PX.least, Math.floor(frameWidth.value / shape.value.weeks))))
const startsOn = computed(() => addDays(shape.value.startsOn, 7 * week.value))
const said = computed(() => (plan.value ? seasonWeek(shape.value, instance.value, plan.value, startsOn.value) : null))
const demands = computed(() => (plan.value ? plan.value.loads.map((_, w) => weekDemand(shape.value, instance.value, plan.value!, sport.value, w)) : []))
const gates = computed(() => (all.value?.gates ?? []).filter(g => g.groupId === groupId.value))
const coming = computed(() => entries.value.filter(e => e.kind === 'competition' && e.lastDay >= today))
const zones = computed(() => [...new Set([all.value?.timeZone ?? 'UTC', ...Intl.supportedValuesOf('timeZone')])])
const feedChoices = computed(() => [
  ...(athlete.value ? [{ scope: 'athlete' as const, subjectId: athlete.value.id, name: athlete.value.name }] : []),
  { scope: 'group' as const, subjectId: groupId.value, name: all.value?.groups.find(g => g.id === groupId.value)?.name ?? 'the squad' },
  { scope: 'coach' as const, subjectId: null, name: 'all squads' },
])
const report = computed(() => (season.value ? `/season/report?group=${groupId.value}${focus.value.athleteId ? `&athlete=${focus.value.athleteId}` : ''}` : null))

const go = (query: Record<string, string | undefined>) => router.replace({ query: { ...route.query, week: undefined, ...query } })
function show(to: number): void {
  week.value = Math.max(0, Math.min(shape.value.weeks - 1, to))
  weekday.value = null
  void nextTick(() => frame.value?.scrollTo({ left: (week.value + 0.5) * weekPx.value - frame.value.clientWidth / 2 }))
}
function showDay(day: number): void {
  week.value = Math.floor(day / 7)
  weekday.value = day % 7
}
function zoom(): void {
  days.value = !days.value
  show(week.value)
}
const addEntry = (): void => { dialog.value = { kind: 'entry', entry: edits.newEntry(addDays(startsOn.value, weekday.value ?? 5)), isNew: true, day: null } }
function openEntry(id: string): void {
  const entry = entries.value.find(e => e.id === id)
  if (entry && squadEditable.value) dialog.value = { kind: 'entry', entry, isNew: false, day: weekday.value === null ? null : addDays(startsOn.value, weekday.value) }
}
/** The competition of the selected week, or the next one: what the move keys move. */
const moved = computed(() => coming.value.find(e => mondayOf(e.day) === startsOn.value) ?? coming.value[0] ?? null)
function nudge(by: number): void {
  const { value: entry } = moved
  if (!squadEditable.value || !entry) return
  draft.moveEntry(entry.id, by)
  show(weekOf(addDays(entry.day, by)))
}
const accept = () => attempt(async () => {
  if (focus.value.athleteId) await store.changeAthlete(focus.value.athleteId, draft.athleteChange())
  else await store.change(groupId.value, draft.groupChange())
  draft.discard()
})
async function saveTable(): Promise<void> {
  const rows = entries.value.map(({ kind, name, day, lastDay, startsAt, minutes, timeZone, importance, travelBefore, travelAfter, weeklyUntil }) =>
    ({ kind, name, day, lastDay, startsAt: startsAt ?? '', minutes: minutes ?? '', timeZone, importance: importance ?? '', travelBefore, travelAfter, weeklyUntil: weeklyUntil ?? '' }))
  saveAsFile('calendar.csv', await writeTable(rows), 'text/csv')
}
function openFeeds(): void {
  dialog.value = { kind: 'feeds' }
  void attempt(exchange.open)
}
function openReader(): void {
  exchange.found.value = null
  dialog.value = { kind: 'read' }
}
const actions = [
  { keys: ['ArrowLeft'], text: 'Week before', run: () => show(week.value - 1) },
  { keys: ['ArrowRight'], text: 'Week after', run: () => show(week.value + 1) },
  { keys: ['t'], text: 'This week', run: () => show(weekOf(today)) },
  { keys: ['z'], text: 'Days or weeks', run: zoom },
  { keys: ['1', '2', '3', '4', '5', '6', '7'], text: 'Choose a day of the week', run: (key: string) => { weekday.value = Number(key) - 1 } },
  { keys: ['p'], text: 'Pin the chosen day', run: () => { if (weekday.value !== null && editable.value) draft.togglePin(7 * week.value + weekday.value) } },
  { keys: ['[', ']'], text: 'The competition of this week, or the next one: a day earlier, a day later', run: (key: string) => nudge(key === '[' ? -1 : 1) },
  { keys: ['{', '}'], text: 'The same by a week', run: (key: string) => nudge(key === '{' ? -7 : 7) },
  { keys: ['a'], text: 'Add to the calendar', run: () => { if (squadEditable.value) addEntry() } },
  { keys: ['Enter'], text: 'Accept the repair', run: () => { if (dirty.value && editable.value) void accept() } },
  { keys: ['Escape'], text: 'Leave it as it was', run: () => draft.discard() },
  { keys: ['?'], text: 'This help', run: () => { dialog.value = { kind: 'keys' } } },
]
const { on: keysOn } = useSingleKeys(actions)
</script>

<template>
  <div v-if="session.me">
    <header class="flex flex-wrap items-center gap-x-3 gap-y-2 mb-3">
      <h1>Season line</h1>
      <nav
        class="flex flex-wrap gap-1.5"
        aria-label="Squads"
      >
        <button
          v-for="group in all?.groups ?? []"
          :key="group.id"
          type="button"
          class="chip"
          :aria-pressed="!overlay && group.id === groupId"
          @click="go({ group: group.id, athlete: undefined, view: undefined })"
        >
          {{ group.name }}
        </button>
        <button
          type="button"
          class="chip"
          :aria-pressed="overlay"
          @click="go({ view: overlay ? undefined : 'all' })"
        >
          All squads
        </button>
      </nav>
      <select
        v-if="!overlay && season"
        class="field w-auto"
        aria-label="Whose season"
        :value="focus.athleteId ?? ''"
        @change="event => go({ athlete: (event.target as HTMLSelectElement).value || undefined })"
      >
        <option value="">
          the squad
        </option>
        <option
          v-for="one in athletes"
          :key="one.id"
          :value="one.id"
        >
          {{ one.name }}
        </option>
      </select>
    </header>
    <StatePanel
      v-if="state === 'idle' || state === 'loading'"
      state="loading"
    />
    <StatePanel
      v-else-if="state === 'failed'"
      state="failed"
      :text="store.problem"
      @retry="store.load"
    />
    <StatePanel
      v-else-if="!all || all.groups.length === 0"
      state="empty"
      text="A season belongs to a squad: make one on the roster first."
    />
    <SquadOverlay
      v-else-if="overlay"
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
        @zoom="zoom"
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
        ref="frame"
        class="overflow-x-auto"
        role="region"
        tabindex="0"
        aria-label="Season ribbon"
      >
        <SeasonRibbon
          :shape="shape"
          :plan="plan"
          :before="dirty ? standing : null"
          :entries="entries"
          :today="today"
          :selected="week"
          :week-px="weekPx"
          :days="days"
          :planes="demands.map(byPlane)"
          :editable="squadEditable"
          :pins="draft.pins.value"
          @select="show"
          @day="showDay"
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
          :title="draft.title.value"
          :repair="repair"
          :before="standing"
          :shape="shape"
          :ways="draft.ways.value.found"
          :taken="draft.taken.value"
          :pins="draft.pins.value"
          :busy="busy"
          :problem="problem"
          :pinnable="season !== null"
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
          :before="dirty && standing ? standing.days.slice(7 * week, 7 * week + 7) : null"
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
        <ul
          v-else-if="gates.length > 0"
          class="caution"
        >
          <li
            v-for="gate in gates"
            :key="gate.athleteId"
          >
            <button
              type="button"
              class="underline font-semibold"
              @click="go({ athlete: gate.athleteId })"
            >
              {{ gate.athleteName }}
            </button>: {{ PHASES[shape.phases[gate.phase]?.phase ?? 'inSeason'].name.toLowerCase() }} should wait. {{ gate.reasons.join(' ') }}
          </li>
        </ul>
      </div>
    </template>
    <SeasonDialogs
      :dialog="dialog"
      :shape="shape"
      :zones="zones"
      :shared="session.me.role === 'headCoach'"
      :found="exchange.found.value"
      :feeds="exchange.feeds.value"
      :feed-choices="feedChoices"
      :feed-url="exchange.url.value"
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
