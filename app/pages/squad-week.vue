<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { v7 as newKey } from 'uuid'
import { addDays, mondayOf } from '~~/core/calendar'
import { addSession, changeSession, liftFacts, putLift, removeLift, removeSession, type PlannedLift, type WeekPlan } from '~~/core/programme'
import { redFlags } from '~~/core/screening'
import { messageOf } from '~/api/call'
import ModalDialog from '~/components/common/ModalDialog.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import BulkResults from '~/components/week/BulkResults.vue'
import LiftForm from '~/components/week/LiftForm.vue'
import SessionForm from '~/components/week/SessionForm.vue'
import { useRosterFilter } from '~/composables/useRosterFilter'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { DAY_NAMES_LONG, weekSpan } from '~/composables/useWords'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'
import { useSquadWeekStore } from '~/stores/squadWeek'

useHead({ title: 'Squad week · Keen Anchor' })

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useSquadWeekStore()
const { rows, groups } = storeToRefs(roster)
const { text, groupId, shown } = useRosterFilter(rows, groups)
const editable = computed(() => session.me?.role === 'headCoach' || session.me?.role === 'coach')

const startsOn = ref(addDays(mondayOf(session.me!.today), 7))
const selected = ref(new Set(String(route.query.ids ?? '').split(',').filter(Boolean)))
/** The lifts of the squad's last planned week are the likeliest start; two plain days otherwise. */
const plan = shallowRef<WeekPlan>({ sessions: [] })
const replace = ref(false)
const problem = ref('')
const busy = ref(false)
const dialog = ref<{ kind: 'lift', sessionId: string, lift: PlannedLift, isNew: boolean } | { kind: 'session', sessionId: string | null } | null>(null)

onMounted(async () => {
  store.results = []
  await roster.load()
})

const chosen = computed(() => rows.value.filter(row => selected.value.has(row.athlete.id)))
const referred = computed(() => chosen.value.filter(row => redFlags(row.athlete.flags).length > 0))
const edited = computed(() => plan.value.sessions.find(s => dialog.value && s.id === dialog.value.sessionId) ?? null)

function toggle(id: string): void {
  const next = new Set(selected.value)
  if (!next.delete(id)) next.add(id)
  selected.value = next
}

function selectShown(): void {
  selected.value = new Set([...selected.value, ...shown.value.map(row => row.athlete.id)])
}

function putSession(day: number, minutes: number): void {
  const id = dialog.value?.kind === 'session' ? dialog.value.sessionId : null
  plan.value = id
    ? { sessions: [...changeSession(plan.value, id, s => ({ ...s, day, minutes })).sessions].sort((a, b) => a.day - b.day) }
    : addSession(plan.value, { id: newKey(), day, minutes, lifts: [], items: [] })
  dialog.value = null
}

const newLift = (sessionId: string): void => {
  dialog.value = { kind: 'lift', sessionId, isNew: true, lift: { id: newKey(), lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 78 } }
}

async function attempt(work: () => Promise<void>): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  try {
    await work()
  }
  catch (error) {
    problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}

const copyLifts = () => attempt(async () => {
  const from = chosen.value[0]
  if (from) plan.value = await store.liftsOf(from.athlete.id, startsOn.value)
})
const propose = () => attempt(() => store.propose([...selected.value], startsOn.value, plan.value.sessions, replace.value))
const assign = () => attempt(() => store.assignAll(startsOn.value))
useSingleKeys([{ keys: ['p'], text: 'Propose', run: () => { if (selected.value.size > 0) void propose() } }])
</script>

<template>
  <div v-if="session.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-3">
      <h1>Squad week</h1>
      <p class="text-quiet">
        Lift days typed once; trunk work proposed for each athlete on their own rungs, equipment and flags.
      </p>
    </header>
    <p
      v-if="!editable"
      class="panel"
    >
      Planning is for coaches.
    </p>
    <div
      v-else
      class="grid lg:grid-cols-[19rem_minmax(0,1fr)] gap-4"
    >
      <section class="panel">
        <h2>Who <span class="figure font-normal">{{ selected.size }}</span></h2>
        <label
          class="sr-only"
          for="find-squad"
        >Find an athlete</label>
        <input
          id="find-squad"
          v-model="text"
          type="search"
          class="field my-2"
          placeholder="Type to filter"
        >
        <div class="flex flex-wrap gap-1 mb-2">
          <button
            v-for="group in groups"
            :key="group.id"
            type="button"
            class="chip min-h-[1.7rem] text-[0.9em]"
            :aria-pressed="groupId === group.id"
            @click="groupId = groupId === group.id ? null : group.id"
          >
            {{ group.name }}
          </button>
        </div>
        <p class="flex gap-3 mb-1">
          <button
            type="button"
            class="underline underline-offset-2"
            @click="selectShown"
          >
            Select shown
          </button>
          <button
            type="button"
            class="underline underline-offset-2"
            @click="selected = new Set()"
          >
            None
          </button>
        </p>
        <StatePanel
          v-if="roster.state === 'failed'"
          state="failed"
          :text="roster.problem"
          @retry="roster.load"
        />
        <ul class="max-h-[56vh] overflow-y-auto">
          <li
            v-for="row in shown"
            :key="row.athlete.id"
          >
            <label class="flex gap-2 items-center py-0.5">
              <input
                type="checkbox"
                :checked="selected.has(row.athlete.id)"
                @change="toggle(row.athlete.id)"
              >
              {{ row.athlete.name }}
            </label>
          </li>
        </ul>
      </section>
      <div class="flex flex-col gap-4 min-w-0">
        <section class="panel">
          <div class="flex flex-wrap items-center gap-2 mb-2">
            <h2>Lift days</h2>
            <button
              type="button"
              class="btn btn-quiet px-2"
              aria-label="Week before"
              @click="startsOn = addDays(startsOn, -7)"
            >
              ←
            </button>
            <span class="font-semibold figure">{{ weekSpan(startsOn) }}</span>
            <button
              type="button"
              class="btn btn-quiet px-2"
              aria-label="Week after"
              @click="startsOn = addDays(startsOn, 7)"
            >
              →
            </button>
            <button
              v-if="chosen.length > 0"
              type="button"
              class="btn ml-auto"
              :disabled="busy"
              @click="copyLifts"
            >
              Copy from {{ chosen[0]!.athlete.name }}’s last week
            </button>
          </div>
          <ul>
            <li
              v-for="day in plan.sessions"
              :key="day.id"
              class="flex flex-wrap gap-2 items-center py-1 border-b border-line/60"
            >
              <button
                type="button"
                class="w-36 text-left underline underline-offset-2 font-semibold"
                @click="dialog = { kind: 'session', sessionId: day.id }"
              >
                {{ DAY_NAMES_LONG[day.day] }}, <span class="figure">{{ day.minutes }} min</span>
              </button>
              <button
                v-for="lift in day.lifts"
                :key="lift.id"
                type="button"
                class="bg-block text-paper rounded px-2 py-1 text-left"
                @click="dialog = { kind: 'lift', sessionId: day.id, lift, isNew: false }"
              >
                {{ liftFacts(lift.lift).name }} <span class="figure text-[0.88em]">{{ lift.sets }}×{{ lift.reps }} · {{ lift.percent1Rm }} %</span>
              </button>
              <button
                type="button"
                class="underline underline-offset-2"
                @click="newLift(day.id)"
              >
                + lift<span class="sr-only"> on {{ DAY_NAMES_LONG[day.day] }}</span>
              </button>
            </li>
          </ul>
          <p
            v-if="plan.sessions.length === 0"
            class="text-quiet"
          >
            No lift day yet: each athlete’s own free days will hold trunk work alone.
          </p>
          <button
            type="button"
            class="btn mt-2"
            @click="dialog = { kind: 'session', sessionId: null }"
          >
            + lift day
          </button>
        </section>
        <p
          v-if="referred.length > 0"
          class="caution"
        >
          {{ referred.map(row => row.athlete.name).join(', ') }}: a red flag is open, no programme is given.
        </p>
        <p
          v-if="problem"
          class="caution"
          role="alert"
        >
          {{ problem }}
        </p>
        <div class="flex flex-wrap gap-3 items-center">
          <button
            type="button"
            class="btn btn-main"
            :disabled="busy || selected.size === 0"
            @click="propose"
          >
            {{ busy ? 'Working …' : `Propose for ${selected.size}` }} <kbd>p</kbd>
          </button>
          <label class="flex gap-2 items-center">
            <input
              v-model="replace"
              type="checkbox"
            >
            Replace weeks that already hold drills
          </label>
        </div>
        <BulkResults
          v-if="store.results.length > 0"
          :results="store.results"
          :starts-on="store.startsOn"
          :busy="busy"
          @assign="assign"
        />
      </div>
    </div>
    <ModalDialog
      :open="dialog?.kind === 'lift'"
      title="Lift"
      @close="dialog = null"
    >
      <LiftForm
        v-if="dialog?.kind === 'lift'"
        :lift="dialog.lift"
        :is-new="dialog.isNew"
        @put="lift => { plan = putLift(plan, dialog!.sessionId!, lift); dialog = null }"
        @remove="dialog?.kind === 'lift' && (plan = removeLift(plan, dialog.sessionId, dialog.lift.id)); dialog = null"
      />
    </ModalDialog>
    <ModalDialog
      :open="dialog?.kind === 'session'"
      title="Lift day"
      @close="dialog = null"
    >
      <SessionForm
        v-if="dialog?.kind === 'session'"
        :day="edited?.day ?? 0"
        :minutes="edited?.minutes ?? 75"
        :is-new="dialog.sessionId === null"
        @put="putSession"
        @remove="dialog?.sessionId && (plan = removeSession(plan, dialog.sessionId)); dialog = null"
      />
    </ModalDialog>
  </div>
</template>
