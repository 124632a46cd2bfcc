<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import {
  addSession, changeSession, liftDose, liftFacts, putLift, removeLift, removeSession, type PlannedLift, type WeekPlan,
} from '~~/core/programme'
import ModalDialog from '~/components/common/ModalDialog.vue'
import { DAY_NAMES_LONG } from '~/words/inWords'
import LiftForm from './LiftForm.vue'
import SessionForm from './SessionForm.vue'

/** Days with their lifts, typed once for several athletes. */
const plan = defineModel<WeekPlan>({ required: true })

const dialog = ref<
  { kind: 'lift', sessionId: string, lift: PlannedLift, isNew: boolean }
  | { kind: 'session', sessionId: string | null } | null
>(null)
const edited = computed(() => plan.value.sessions.find(s => dialog.value && s.id === dialog.value.sessionId) ?? null)

function putSession(day: number, minutes: number): void {
  const id = dialog.value?.kind === 'session' ? dialog.value.sessionId : null
  plan.value = id
    ? {
      sessions: [...changeSession(plan.value, id, s => ({ ...s, day, minutes })).sessions].sort((a, b) =>
        a.day - b.day
      ),
    }
    : addSession(plan.value, { id: newKey(), day, minutes, lifts: [], items: [] })
  dialog.value = null
}

const newLift = (sessionId: string): void => {
  dialog.value = {
    kind: 'lift', sessionId, isNew: true,
    lift: { id: newKey(), lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 78 },
  }
}
</script>

<template>
  <div>
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
          {{ liftFacts(lift.lift).name }} <span class="figure text-[0.88em]">{{ liftDose(lift) }} ·
            {{ lift.percent1Rm }} %</span>
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
