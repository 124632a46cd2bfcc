<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { redFlags } from '~~/core/screening'
import AthletePicker from '~/components/athlete/AthletePicker.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import LatestRuns from '~/components/week/LatestRuns.vue'
import LiftDays from '~/components/week/LiftDays.vue'
import RunReview from '~/components/week/RunReview.vue'
import SquadSpan from '~/components/week/SquadSpan.vue'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { useSquadAsk } from '~/composables/useSquadAsk'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useSquadWeekStore } from '~/stores/squadWeek'

definePageMeta({ only: 'plan' })
useHead({ title: 'Squad week · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSquadWeekStore()
const { rows, groups } = storeToRefs(roster)

const {
  startsOn, weeks, selected, plan, replace, chosen, busy, problem, attempt, copyLifts, propose, openRun,
} = useSquadAsk()
const referred = computed(() => chosen.value.filter(row => redFlags(row.marks).length > 0))
useSingleKeys([{
  keys: ['p'], text: 'Propose',
  run: () => {
    if (selected.value.size > 0) void propose()
  },
}])
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-3">
      <h1>Squad week</h1>
      <p class="text-quiet">
        Lift days typed once; trunk work proposed for each athlete on their own rungs, equipment and flags.
      </p>
    </header>
    <div
      class="grid lg:grid-cols-[19rem_minmax(0,1fr)] gap-4 items-start"
    >
      <section class="panel">
        <h2>Who <span class="figure font-normal">{{ selected.size }}</span></h2>
        <StatePanel
          v-if="roster.state === 'failed'"
          state="failed"
          :text="roster.problem"
          @retry="roster.load"
        />
        <AthletePicker
          v-model="selected"
          :rows="rows"
          :groups="groups"
        />
      </section>
      <div class="flex flex-col gap-4 min-w-0">
        <section class="panel">
          <SquadSpan
            v-model:starts-on="startsOn"
            v-model:weeks="weeks"
            :like="chosen[0]?.athlete.name ?? null"
            :busy="busy"
            @copy="copyLifts"
          />
          <LiftDays v-model="plan" />
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
        <p v-if="roster.state === 'ready' && roster.rows.length === 0">
          Nobody is on the roster yet. <NuxtLink
            class="underline"
            to="/athletes/table"
          >Bring athletes in</NuxtLink>
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
        <RunReview
          v-if="store.run"
          :run="store.run"
          :busy="busy"
          @cancel="attempt(store.cancel)"
          @retry="attempt(store.retry)"
          @accept="ids => attempt(() => store.accept(ids))"
        />
        <LatestRuns
          v-else-if="store.latest.length > 0"
          :runs="store.latest"
          @open="openRun"
        />
      </div>
    </div>
  </div>
</template>
