<script setup lang="ts">
import { adherenceOf, BREAK_POINTS, breakPointsOf, compareSides } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import { ACTION_FACTS, TRUNK_ACTIONS } from '~~/core/catalogue'
import { workDone } from '~~/core/programme'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, History } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import { inSets } from '~/words/effortWords'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import { shortDay, weekSpan } from '~/words/inWords'

/** What came of it: planned against done, break points, left against right. */
const props = defineProps<{ history: History, athlete: Athlete }>()

const catalogue = useCatalogue()
const total = computed(() => adherenceOf(props.history.prescribed, props.history.logs, catalogue.value))
/** In full sets of the athlete as known now. */
const work = computed(() => workDone(props.history.prescribed, props.history.logs, {
  ...planningContext(props.athlete, mondayOf(props.history.to), [], catalogue.value), trunk: props.history.trunk,
}))
const scale = computed(() =>
  Math.max(1, ...TRUNK_ACTIONS.map(action => Math.max(work.value.planned[action], work.value.done[action]))))
const weeks = computed(() => {
  const mondays = [...new Set(props.history.prescribed.map(item => mondayOf(item.day)))].sort()
  return mondays.map((monday) => {
    const inWeek = ({ day }: { day: string }): boolean => day >= monday && day <= addDays(monday, 6)
    const items = props.history.prescribed.filter(inWeek)
    const ids = new Set(items.map(item => item.itemId))
    return {
      monday,
      ...adherenceOf(items, props.history.logs.filter(log => ids.has(log.prescribedItemId)), catalogue.value),
    }
  })
})
const breaks = computed(() => breakPointsOf(props.history.logs).slice(0, 6))
const sides = computed(() =>
  compareSides(props.history.logs, 4).sort((a, b) => b.difference - a.difference).slice(0, 6)
)
const nameOf = (variationId: string): string => catalogue.value.find(variationId)?.name ?? 'a drill'
</script>

<template>
  <section>
    <h2 class="mb-1">
      What came of it
      <span class="text-quiet font-normal text-[0.85em]">since {{ shortDay(history.from) }}</span>
    </h2>
    <p
      v-if="total.plannedSets === 0 && total.doneSets === 0"
      class="text-quiet"
    >
      Nothing has been assigned in this time.
    </p>
    <template v-else>
      <p class="mb-2">
        <b class="figure">{{ total.doneSets }}</b> sets done of
        <b class="figure">{{ total.plannedSets }}</b> planned<template
          v-if="total.adherence !== null"
        >
          : <b class="figure">{{ Math.round(total.adherence * 100) }} %</b> of the plan</template>.
        <span class="text-quiet">Planned includes what is still ahead this week.</span>
      </p>
      <ul class="flex flex-wrap gap-x-5 gap-y-1 mb-3">
        <li
          v-for="week in weeks"
          :key="week.monday"
        >
          <span class="text-quiet">{{ weekSpan(week.monday) }}</span>
          <span class="block w-32 h-2.5 bg-chalk-deep"><span
            class="block h-full bg-block"
            :style="{ width: `${Math.round((week.adherence ?? 0) * 100)}%` }"
          /></span>
          <span class="figure text-[0.9em]">{{ week.doneSets }} of {{ week.plannedSets }} sets</span>
        </li>
      </ul>
      <h3>Full sets, planned and done</h3>
      <ul class="mb-3">
        <li
          v-for="action in TRUNK_ACTIONS"
          :key="action"
          class="grid grid-cols-[8rem_minmax(0,1fr)_7.5rem] gap-2 items-center py-0.5"
        >
          <span>{{ ACTION_FACTS[action].label }}</span>
          <svg
            class="w-full h-[14px]"
            aria-hidden="true"
          >
            <rect
              width="100%"
              y="2"
              height="10"
              fill="var(--color-chalk-deep)"
            />
            <rect
              :width="`${(work.done[action] / scale) * 100}%`"
              y="2"
              height="10"
              :fill="ACTION_FACTS[action].resists ? `url(#hatch-${ACTION_FACTS[action].plane})` : 'var(--color-paper)'"
              :stroke="`var(--color-${ACTION_FACTS[action].plane})`"
              stroke-width="1.3"
              :stroke-dasharray="ACTION_FACTS[action].resists ? undefined : '3 2'"
            />
            <rect
              :x="`${(work.planned[action] / scale) * 100}%`"
              width="2.5"
              height="14"
              transform="translate(-2.5 0)"
              fill="var(--color-ink)"
            />
          </svg>
          <span class="figure text-right text-[0.9em]">{{ inSets(work.done[action]) }} of
            {{ inSets(work.planned[action]) }}</span>
        </li>
      </ul>
      <div class="grid md:grid-cols-2 gap-6">
        <div>
          <h3>What broke first</h3>
          <p
            v-if="breaks.length === 0"
            class="text-quiet"
          >
            Every set reached its target in form.
          </p>
          <ul>
            <li
              v-for="point in breaks"
              :key="point.breakPoint"
              class="py-0.5"
            >
              <b :class="point.breakPoint === 'pain' ? 'problem' : ''">{{ BREAK_POINTS[point.breakPoint] }}</b>
              <span class="figure ml-1.5">{{ point.count }}×</span>
              <span class="text-quiet">, last {{ shortDay(point.lastDay) }} in
                {{ nameOf(point.lastVariationId).toLowerCase() }}</span>
            </li>
          </ul>
        </div>
        <div>
          <h3>Left against right</h3>
          <p class="text-quiet text-[0.9em]">
            Mean of the last four sets a side: a size, not a verdict.
          </p>
          <ul>
            <li
              v-for="side in sides"
              :key="side.variationId"
              class="grid grid-cols-[minmax(0,1fr)_9.5rem] gap-2 py-0.5"
            >
              <span>{{ nameOf(side.variationId) }}</span>
              <span
                class="figure text-right"
                :class="side.difference >= 0.1 ? 'text-signal-ink font-bold' : ''"
              >{{ side.left.toFixed(1) }} : {{ side.right.toFixed(1) }} {{ DOSE_UNIT_WORDS[side.unit] }}</span>
            </li>
          </ul>
          <p
            v-if="sides.length === 0"
            class="text-quiet"
          >
            No one-sided drill was logged on both sides yet.
          </p>
        </div>
      </div>
    </template>
  </section>
</template>
