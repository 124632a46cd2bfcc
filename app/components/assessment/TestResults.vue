<script setup lang="ts">
import {
  BREAK_POINTS, holdRatios, pairFindings, sideDifferences, standingOf, testFacts, type Band, type Person, type TestId,
  type Tests,
} from '~~/core/assessment'
import type { Side } from '~~/core/dose'
import { spreadOf } from '~~/core/statistics'
import type { Assessment, StoredTrial } from '~~/shared/types'
import { testName, testValue, TEST_UNITS } from '~/words/testWords'
import { dayMonth } from '~/words/inWords'

/** What the tests say: each with its repeats, where it stands among those who were measured, ratios, and sides. */
const props = defineProps<
  { trials: readonly StoredTrial[], errors: Assessment['errors'], person: Person, editable: boolean, tests: Tests }
>()
const emit = defineEmits<{ withdraw: [trialId: string], trace: [trialId: string] }>()

interface Row { test: TestId, side: Side | null, trials: StoredTrial[] }
/** The last testing day of each test and side. */
const rows = computed(() => {
  const found = new Map<string, Row>()
  for (const trial of props.trials) {
    const key = `${trial.test}/${trial.side ?? ''}`
    const row = found.get(key)
    if (row && row.trials[0]!.day === trial.day) row.trials.push(trial)
    else found.set(key, { test: trial.test, side: trial.side, trials: [trial] })
  }
  return [...found.values()].map((row) => {
    const values = row.trials.filter(t => t.breakPoint !== 'pain').map(t => t.value)
    const best = values.length === 0
      ? null
      : testFacts(row.test, props.tests).better === 'more'
      ? Math.max(...values)
      : Math.min(...values)
    return {
      ...row, spread: spreadOf(values), best,
      standing: best === null ? null : standingOf(row.test, row.side, best, props.person),
    }
  })
})
/** Ratios and sides from the same trials that are shown. */
const shown = computed(() => rows.value.flatMap(row => row.trials))
/** Causes that two tests split. */
const causes = computed(() => pairFindings(props.trials))
const ratios = computed(() => holdRatios(shown.value, props.person, props.errors))
const sides = computed(() => sideDifferences(shown.value, props.person, props.errors, props.tests))

/** Where z stands on a line from -2.5 to +2.5 SD, in per cent. */
const place = (z: number): number => Math.min(100, Math.max(0, (z + 2.5) * 20))
const BANDS: Readonly<Record<Band, string>> = {
  'far below': 'far below most', 'below': 'below the middle', 'about': 'about the middle', 'above': 'above the middle',
  'far above': 'far above most',
}
const say = (z: number): string => `${Math.abs(z).toFixed(1)} SD ${z < 0 ? 'below' : 'above'} the mean`
const sentenceOf = (d: (typeof sides.value)[number]): string => {
  const unit = TEST_UNITS[testFacts(d.test, props.tests).unit]
  const size = `${d.weaker ?? 'neither'} side ${
    d.weaker ? `${Math.round(d.difference)} ${unit} less (${Math.round(d.share * 100)} %)` : ''
  }`
  if (d.believable === null) return `${size}: ${d.errorFrom}.`
  return `${size}: ${d.believable ? 'more' : 'not more'} than the ${
    Math.round(d.smallest! * 10) / 10
  } ${unit} worth believing, by ${d.errorFrom}.`
}
</script>

<template>
  <section>
    <h2 class="mb-1">
      Tests
    </h2>
    <p
      v-if="rows.length === 0"
      class="text-quiet"
    >
      None yet. The <NuxtLink
        to="/tests"
        class="underline underline-offset-2"
      >test desk</NuxtLink> takes them, for one athlete or twelve.
    </p>
    <ul>
      <li
        v-for="row in rows"
        :key="`${row.test}/${row.side}`"
        class="grid grid-cols-[minmax(0,1.25fr)_5rem_minmax(0,1.3fr)] gap-x-3 items-center border-b border-line/60 py-1"
      >
        <span class="leading-tight">
          <b>{{ testName(row.test, row.side, tests) }}</b>
          <span class="block text-quiet text-[0.9em]">
            {{ dayMonth(row.trials[0]!.day) }}<template v-if="row.trials.length > 1">, {{ row.trials.length }} trials,
              mean {{ testValue(row.test, Math.round((row.spread?.mean
                ?? 0) * 10) / 10, tests) }}<template
                v-if="row.spread?.sd !== null
                  && row.spread"
              > ± {{ row.spread.sd.toFixed(1) }}</template></template>
            · {{ BREAK_POINTS[row.trials.at(-1)!.breakPoint].toLowerCase() }}
            <button
              v-if="row.trials.at(-1)!.reliable !== null"
              type="button"
              class="underline underline-offset-2"
              :aria-label="`Trace of ${testName(row.test, row.side, tests)}`"
              @click="emit('trace', row.trials.at(-1)!.id)"
            >trace{{ row.trials.at(-1)!.reliable ? '' : ', not reliable' }}</button>
            <button
              v-if="editable"
              type="button"
              class="underline underline-offset-2"
              :aria-label="`Take the last trial of ${testName(row.test, row.side, tests)} back`"
              @click="emit('withdraw', row.trials.at(-1)!.id)"
            >take back</button>
          </span>
        </span>
        <b class="figure text-right">{{ row.best === null ? 'pain' : testValue(row.test, row.best, tests) }}</b>
        <span
          v-if="row.standing?.known"
          class="leading-tight"
        >
          <svg
            viewBox="0 0 100 12"
            class="w-full h-3 block"
            preserveAspectRatio="none"
            role="img"
            :aria-label="say(row.standing.z)"
          >
            <rect
              x="30"
              y="3"
              width="40"
              height="6"
              fill="#c3ccd0"
            />
            <line
              x1="0"
              x2="100"
              y1="6"
              y2="6"
              stroke="#8d9ca4"
              stroke-width="1"
            />
            <line
              x1="50"
              x2="50"
              y1="1"
              y2="11"
              stroke="#1f2a30"
              stroke-width="0.8"
            />
            <rect
              :x="place(row.standing.z) - 1"
              y="0"
              width="2"
              height="12"
              fill="#b84517"
            />
          </svg>
          <span class="text-quiet text-[0.9em]">{{ BANDS[row.standing.band] }}
            (mean {{ row.standing.mean }}, in the textbook {{ row.standing.textbookMean }} s)</span>
        </span>
        <span
          v-else
          class="text-quiet text-[0.9em] leading-tight"
        >{{ row.standing?.why ?? 'Pain ended it.' }}</span>
      </li>
    </ul>
    <template v-if="ratios.length > 0">
      <h3 class="mt-3">
        Between the holds
      </h3>
      <p
        v-for="ratio in ratios"
        :key="ratio.id"
      >
        {{ ratio.name }} <b class="figure mr-1">{{ ratio.ratio.toFixed(3) }}</b>
        <span :class="ratio.flagged ? 'problem' : 'text-quiet'">({{ ratio.flagged
          ? 'past the line: ' : ratio.pastLine ? 'past the line, within the error of the holds: ' : ''
        }}{{ ratio.line }})</span>
      </p>
      <p class="text-quiet text-[0.9em]">
        Lines for context, not a verdict. McGill 2007, recalled; the men’s own mean of flexor to extensor is 0.99.
      </p>
    </template>
    <template v-if="causes.length > 0">
      <h3 class="mt-3">
        Which of the two it is
      </h3>
      <p
        v-for="cause in causes"
        :key="`${cause.pair}/${cause.side}`"
      >
        <b>{{ cause.says }}</b> {{ cause.next }}
      </p>
      <p class="text-quiet text-[0.9em]">
        From paired tests within a fortnight; common practice, no source.
      </p>
    </template>
    <template v-if="sides.length > 0">
      <h3 class="mt-3">
        Left against right
      </h3>
      <p
        v-for="one in sides"
        :key="one.test"
      >
        <b>{{ testFacts(one.test, tests).name }}:</b> {{ sentenceOf(one) }}
      </p>
    </template>
  </section>
</template>
