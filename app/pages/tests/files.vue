<script setup lang="ts">
import AthleteDays from '~/components/athlete/AthleteDays.vue'
import FileKind from '~/components/common/FileKind.vue'
import TableImport from '~/components/common/TableImport.vue'
import { rosterFields, trialFields, trialProblem } from '~/files/importKinds'
import { useTableFiles } from '~/composables/useTableFiles'
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

const gym = computed(() => facility.equipment)
/** What a table does not say, asked once for everybody in it. */
const together = useAthleteForm(blankAthlete(), signedIn.me!.units)

const athletes = computed(() => roster.rows.map(row => row.athlete))
const { file, busy, problem, said, last, choose, takeTests, takeRoster, undo, write } = useTableFiles(
  athletes, tests, together, load,
)
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
