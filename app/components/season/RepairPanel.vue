<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import { DAY_KINDS, type Repair, type SeasonPlan, type SeasonShape } from '~~/core/season'
import { LOAD_NAME } from '~/words/seasonWords'
import { PREFER_TEXT, type Prefer } from '~/composables/season/useSeasonDraft'
import { shortDay, dayMonth, weekSpan } from '~/words/inWords'

/**
 * What a change of the calendar does to the plan: before and after side by side, every changed day with its reason, the
 * other way to do it.
 */
const props = defineProps<{
  title: string
  repair: Repair
  before: SeasonPlan | null
  shape: SeasonShape
  ways: Readonly<Record<Prefer, Repair>>
  taken: Prefer
  pins: readonly number[]
  busy: boolean
  problem: string
  /** Whether the days of the plan before may be held. */
  pinnable: boolean
  /** Whether weeks that are already planned follow. */
  replan: boolean
}>()
const emit = defineEmits<
  { accept: [], discard: [], prefer: [way: Prefer], pin: [day: number], show: [week: number], replan: [on: boolean] }
>()

const weeks = computed(() =>
  props.repair.plan.loads.map((_, week) => week).filter(week =>
    props.before !== null && week < props.before.loads.length && (
      props.before.loads[week] !== props.repair.plan.loads[week]
      || props.before.phases[week] !== props.repair.plan.phases[week]
      || props.repair.changed.some(({ day }) => Math.floor(day / 7) === week) || props.pins.some(day =>
        Math.floor(day / 7) === week
      )
    )
  )
)
const daysOf = (plan: SeasonPlan, week: number) => plan.days.slice(7 * week, 7 * week + 7)
const changed = (day: number): boolean => props.repair.changed.some(one => one.day === day)
const phaseName = (id: string): string => PHASES[id as keyof typeof PHASES].name.toLowerCase()
const count = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`
</script>

<template>
  <section
    class="panel border-t-signal"
    aria-label="Repair of the season"
  >
    <header class="flex flex-wrap items-center gap-x-3 gap-y-2">
      <h2 class="mr-auto">
        {{ before ? (repair.changed.length === 0 ? 'Nothing in the plan has to change'
          : `${count(repair.changed.length, 'day')} would change`) : 'A season to begin with' }}
      </h2>
      <button
        type="button"
        class="btn btn-main"
        :disabled="busy"
        @click="emit('accept')"
      >
        {{ busy ? 'Storing …' : 'Accept' }} <kbd>Enter</kbd>
      </button>
      <button
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('discard')"
      >
        Leave it <kbd>Esc</kbd>
      </button>
    </header>
    <p>{{ title }}.</p>
    <p
      v-if="problem"
      class="caution my-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <fieldset
      v-if="before"
      class="flex flex-wrap gap-2 my-2"
    >
      <legend class="sr-only">
        How the plan follows
      </legend>
      <button
        v-for="(way, id) in ways"
        :key="id"
        type="button"
        class="chip"
        :aria-pressed="taken === id"
        @click="emit('prefer', id)"
      >
        {{ PREFER_TEXT[id] }}: {{ count(way.changed.length, 'day') }}<template v-if="way.evaluation.gaveWay.length > 0">
          , {{ count(way.evaluation.gaveWay.length, 'rule') }} give way
        </template>
      </button>
    </fieldset>
    <label
      v-if="before"
      class="flex gap-2 items-center my-2"
    >
      <input
        type="checkbox"
        :checked="replan"
        @change="emit('replan', ($event.target as HTMLInputElement).checked)"
      >
      Weeks that are already planned follow: their drills are proposed anew, but for those kept in place
    </label>
    <ul
      v-if="repair.movedPhases.length > 0"
      class="mb-2"
    >
      <li
        v-for="moved in repair.movedPhases"
        :key="moved.phase + moved.from"
      >
        The {{ phaseName(moved.phase) }} begins {{ dayMonth(addDays(shape.startsOn, 7 * moved.to)) }} instead of
        {{ dayMonth(addDays(shape.startsOn, 7 * moved.from)) }}.
      </li>
    </ul>
    <ul
      v-if="repair.evaluation.gaveWay.length > 0"
      class="caution mb-2"
    >
      <li
        v-for="(rule, i) in repair.evaluation.gaveWay"
        :key="i"
      >
        <b>{{ rule.day !== null
          ? shortDay(addDays(shape.startsOn, rule.day)) + ' ' + dayMonth(addDays(shape.startsOn, rule.day))
          : rule.week !== null ? `Week of ${dayMonth(addDays(shape.startsOn, 7 * rule.week))}` : '' }}</b>
        {{ rule.text }}
      </li>
    </ul>
    <div
      v-for="week in before ? weeks : []"
      :key="week"
      class="grid sm:grid-cols-[7.5rem_230px_minmax(0,1fr)] gap-x-4 gap-y-1 py-2 border-t border-line"
    >
      <div>
        <button
          type="button"
          class="font-semibold underline underline-offset-2 text-left"
          @click="emit('show', week)"
        >
          {{ weekSpan(addDays(shape.startsOn, 7 * week)) }}
        </button>
        <p
          v-if="before!.loads[week] !== repair.plan.loads[week]"
          class="text-[0.88em]"
        >
          {{ LOAD_NAME[before!.loads[week]!] }} → {{ LOAD_NAME[repair.plan.loads[week]!] }}
        </p>
      </div>
      <svg
        width="230"
        height="58"
        role="img"
        :aria-label="`Before: ${daysOf(before!, week).join(', ')}. After: ${daysOf(repair.plan, week).join(', ')}.`"
      >
        <g
          v-for="(plan, row) in [before!, repair.plan]"
          :key="row"
        >
          <text
            x="0"
            :y="row * 30 + 24"
            class="fill-quiet text-[11px]"
          >{{ row === 0 ? 'before' : 'after' }}</text>
          <template
            v-for="(kind, d) in daysOf(plan, week)"
            :key="d"
          >
            <rect
              :x="44 + d * 26"
              :y="row * 30 + 25 - DAY_KINDS.indexOf(kind) * 5.5"
              width="22"
              :height="DAY_KINDS.indexOf(kind) * 5.5"
              :fill="row === 1 && changed(7 * week + d) ? 'var(--color-signal)' : row === 1 ? 'var(--color-block)'
                : 'var(--color-line)'"
              stroke="var(--color-ink)"
              :stroke-width="kind === 'off' ? 0 : 0.75"
            />
            <line
              :x1="44 + d * 26"
              :x2="66 + d * 26"
              :y1="row * 30 + 25"
              :y2="row * 30 + 25"
              stroke="var(--color-ink)"
            />
          </template>
        </g>
      </svg>
      <ul>
        <li
          v-for="one in repair.changed.filter(({ day }) => Math.floor(day / 7) === week)"
          :key="one.day"
          class="flex gap-2 items-baseline py-0.5"
        >
          <button
            v-if="pinnable"
            type="button"
            class="chip min-h-[26px] px-1.5 text-[0.82em] shrink-0"
            :aria-label="`Hold ${shortDay(addDays(shape.startsOn, one.day))} as it was`"
            @click="emit('pin', one.day)"
          >
            pin {{ one.from }}
          </button>
          <span><b>{{ shortDay(addDays(shape.startsOn, one.day)) }}</b> {{ one.from }} → <b>{{ one.to }}</b>.
            <span class="text-quiet">{{ one.reason }}</span></span>
        </li>
        <li
          v-if="!repair.changed.some(({ day }) => Math.floor(day / 7) === week)
            && !pins.some(day => Math.floor(day / 7) === week)"
          class="text-quiet"
        >
          No day changes; what the week is for does.
        </li>
        <li
          v-for="day in pins.filter(pin => Math.floor(pin / 7) === week)"
          :key="`pin${day}`"
          class="flex gap-2 items-baseline"
        >
          <button
            type="button"
            class="chip min-h-[26px] px-1.5 text-[0.82em] shrink-0"
            aria-pressed="true"
            @click="emit('pin', day)"
          >
            pinned
          </button>
          <span><b>{{ shortDay(addDays(shape.startsOn, day)) }}</b> stays {{ repair.plan.days[day] }}.</span>
        </li>
      </ul>
    </div>
  </section>
</template>
