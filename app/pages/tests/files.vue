<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import type { Equipment } from '~~/core/catalogue'
import { messageOf } from '~~/shared/errors'
import AthleteDays from '~/components/athlete/AthleteDays.vue'
import FileKind from '~/components/common/FileKind.vue'
import TableImport from '~/components/common/TableImport.vue'
import {
  isThere, rosterFields, rosterTable, toTrial, trialFields, trialProblem, trialTable, withoutHealth, type RosterLine,
  type TrialRow,
} from '~/files/importKinds'
import { saveAsFile } from '~/files/saveAsFile'
import { readTable, writeTable, type TableFile } from '~/files/tableFile'
import { useAttempt } from '~/composables/useAttempt'
import { blankAthlete, useAthleteForm } from '~/composables/useAthleteForm'
import { useTests } from '~/composables/useTests'
import { useMay } from '~/composables/useMay'
import { useAssessmentStore } from '~/stores/assessment'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Files · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const facility = useFacilityStore()
const store = useAssessmentStore()
const tests = useTests()
const load = () => Promise.all([roster.load(), store.loadSquad(), facility.load()])
onMounted(load)
const { plan: editable } = useMay()

const gym = computed(() => Object.keys(facility.counts) as Equipment[])
/** What a table does not say, asked once for everybody in it. */
const together = useAthleteForm(blankAthlete(), signedIn.me!.units)

const athletes = computed(() => roster.rows.map(row => row.athlete))
const file = shallowRef<{ kind: 'tests' | 'roster', name: string, table: TableFile } | null>(null)
const { busy, problem, attempt: attemptOne } = useAttempt()
const said = ref('')
/** The last import, while it can be taken back. */
const last = shallowRef<{ text: string, undo: () => Promise<unknown> } | null>(null)

async function attempt(work: () => Promise<unknown>): Promise<void> {
  if (busy.value) return
  said.value = ''
  await attemptOne(work)
}

const MOST_BYTES = 900_000
async function choose(kind: 'tests' | 'roster', event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  problem.value = ''
  try {
    if (chosen.size > MOST_BYTES) throw new Error('This file is too large: 900 kB at most.')
    file.value = { kind, name: chosen.name, table: await readTable(await chosen.text()) }
  }
  catch (error) {
    file.value = null
    problem.value = messageOf(error)
  }
  input.value = ''
}

const MOST_TRIALS = 1500
const takeTests = (rows: TrialRow[]) =>
  attempt(async () => {
    if (rows.length > MOST_TRIALS) throw new Error(`${MOST_TRIALS} rows at a time: split the file.`)
    const there = isThere(store.squad.trials)
    const trials = rows.filter(row => !there(row)).map(row => ({ ...toTrial(row, newKey()), sure: true }))
    const over = rows.length - trials.length
    if (trials.length > 0) {
      await store.sendTrials(trials)
      last.value = { text: `${trials.length} trials`, undo: () => store.withdrawTrials(trials.map(t => t.id)) }
    }
    file.value = null
    said.value = `Taken in: ${trials.length} trials${
      over > 0 ? `; ${over} were here already and were passed over` : ''
    }.`
    await store.loadSquad()
  })
const takeRoster = (lines: RosterLine[]) =>
  attempt(async () => {
    if (!together.checkDays()) return
    const blank = { ...blankAthlete(), available: together.value.value.available, equipment: together.words.equipment }
    const added = await roster.importAll(lines.map(line => ({ id: newKey(), athlete: { ...blank, ...line } })))
    file.value = null
    last.value = {
      text: `${added.length} athletes`,
      undo: () => Promise.all(added.map(athlete => roster.archive(athlete, true))),
    }
    said.value = `Taken in: ${added.length} athletes.`
    await load()
  })
const undo = () =>
  attempt(async () => {
    const { text, undo: back } = last.value!
    await back()
    last.value = null
    said.value = text.endsWith('athletes') ? `${text} are archived again.` : `${text} count no more.`
    await load()
  })

const write = (kind: 'tests' | 'roster', as: 'csv' | 'json') =>
  attempt(async () => {
    const name = `keen-anchor-${kind}.${as}`
    if (as === 'json')
      return saveAsFile(
        name,
        JSON.stringify(kind === 'tests' ? store.squad.trials : athletes.value.map(withoutHealth), null, 2),
        'application/json',
      )
    const rows = kind === 'tests'
      ? trialTable(store.squad.trials.filter(t => t.test in tests.value), athletes.value, tests.value)
      : rosterTable(athletes.value.filter(a => !a.archived), roster.groups)
    saveAsFile(name, await writeTable(rows), 'text/csv')
  })
const KINDS = computed(() => [
  {
    kind: 'tests' as const, title: 'Tests',
    says:
      `${store.squad.trials.length} trials of everybody in sight. `
      + 'Columns: athlete, test, side, value, what ended it, day, note.',
  },
  {
    kind: 'roster' as const, title: 'Roster',
    says: 'Names, bodies, sport and groups. Flags are never in a file: each new athlete is screened here.',
  },
])
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-2">
      <h1 class="mr-auto">
        Files
      </h1>
      <NuxtLink
        to="/tests"
        class="btn"
      >
        Test desk
      </NuxtLink>
    </header>
    <p
      v-if="said"
      class="mb-2"
      role="status"
    >
      <b>{{ said }}</b>
      <button
        v-if="last"
        type="button"
        class="underline underline-offset-2 ml-2"
        :disabled="busy"
        @click="undo"
      >
        Take it back
      </button>
    </p>
    <p
      v-if="problem && !file"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <div class="grid md:grid-cols-2 gap-4">
      <FileKind
        v-for="{ kind, title, says } in KINDS"
        :key="kind"
        :title="title"
        :says="says"
        :busy="busy"
        :editable="editable"
        @write="write(kind, $event)"
        @choose="choose(kind, $event)"
      />
    </div>
    <TableImport
      v-if="file?.kind === 'tests'"
      :key="file.name"
      :name="file.name"
      kind="tests"
      :headings="file.table.headings"
      :rows="file.table.rows"
      :fields="trialFields(athletes, tests)"
      :together="trialProblem(tests)"
      :busy="busy"
      :problem="problem"
      @accept="takeTests"
      @close="file = null"
    />
    <template v-else-if="file">
      <h2 class="mt-4">
        For everybody in this table
      </h2>
      <AthleteDays
        class="my-2"
        :form="together"
        :gym="gym"
      />
      <TableImport
        :key="`r${file.name}`"
        :name="file.name"
        kind="roster"
        :headings="file.table.headings"
        :rows="file.table.rows"
        :fields="rosterFields(roster.groups, athletes)"
        :busy="busy"
        :problem="problem"
        @accept="takeRoster"
        @close="file = null"
      />
    </template>
  </div>
</template>
