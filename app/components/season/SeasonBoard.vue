<script setup lang="ts">
import { PHASES } from '~~/core/policy'
import type { useSeasonRoom } from '~/composables/season/useSeasonRoom'
import { byPlane } from '~/words/weekDemand'
import AthleteOtherwise from './AthleteOtherwise.vue'
import ShutPhases from './ShutPhases.vue'
import RepairPanel from './RepairPanel.vue'
import RibbonLegend from './RibbonLegend.vue'
import SeasonRibbon from './SeasonRibbon.vue'
import SeasonWeekPanel from './SeasonWeekPanel.vue'

/** One season on its line: the ribbon, what a change would do, the week that is chosen, and what stands in the way. */
const props = defineProps<{ room: ReturnType<typeof useSeasonRoom> }>()

const {
  today, athlete, editable, squadEditable, draft, edits, view, shut, openEntry, accept, busy, problem, go,
} = props.room
const { shape, entries, repair, dirty, compared, season, pins } = draft
const { days, week, weekday, startsOn, said, demands, show } = view
const plan = computed(() => draft.plan.value!)
const last = computed(() => props.room.store.last)
</script>

<template>
  <div>
    <div
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
        :pins="pins"
        @select="show"
        @day="view.showDay"
        @open="openEntry"
        @move="draft.moveEntry"
        @start="edits.startPhase"
      />
    </div>
    <RibbonLegend />
    <p
      v-if="last && !dirty"
      class="my-2"
      role="status"
    >
      Stored: {{ last.changed.length }} {{ last.changed.length === 1 ? 'day' : 'days' }} changed.
      <NuxtLink
        v-if="last.runId"
        class="underline"
        :to="`/squad-week?run=${last.runId}`"
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
        :pins="pins"
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
        :pins="pins"
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
        :shut="shut.filter(g => g.athleteId === athlete!.id)"
        :phase-names="shape.phases.map(p => PHASES[p.phase].name)"
        :today="today"
        :editable="editable"
        @put="draft.setExceptions"
      />
      <ShutPhases
        v-else-if="shut.length > 0"
        :shut="shut"
        :shape="shape"
        @open="id => go({ athlete: id })"
      />
    </div>
  </div>
</template>
