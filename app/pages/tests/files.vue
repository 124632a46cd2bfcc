<script setup lang="ts">
import FileKind from '~/components/common/FileKind.vue'
import TableImport from '~/components/common/TableImport.vue'
import TakenIn from '~/components/common/TakenIn.vue'
import { trialFields, trialProblem } from '~/files/importKinds'
import { useTrialTable } from '~/composables/useTrialTable'
import { useTests } from '~/composables/useTests'
import { useMay } from '~/composables/useMay'
import { useSquadTrialsStore } from '~/stores/squadTrials'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Files · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSquadTrialsStore()
const tests = useTests()
onMounted(() => Promise.all([roster.load(), store.load()]))
const { plan: editable } = useMay()

const athletes = computed(() => roster.rows.map(row => row.athlete))
const { file, busy, problem, said, last, choose, takeIn, undo, write } = useTrialTable(athletes, tests)
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
    room: ['/athletes/table', 'Bring athletes in …'] as const,
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
    <TakenIn
      :said="said"
      :problem="file ? '' : problem"
      :can-undo="last !== null"
      :busy="busy"
      @undo="undo"
    />
    <div class="grid md:grid-cols-2 gap-4">
      <FileKind
        v-for="{ kind, title, says, room } in KINDS"
        :key="kind"
        :title="title"
        :says="says"
        :room="room"
        :busy="busy"
        :editable="editable"
        @write="write(kind, $event)"
        @choose="choose"
      />
    </div>
    <TableImport
      v-if="file"
      :key="file.name"
      :name="file.name"
      kind="tests"
      :headings="file.table.headings"
      :rows="file.table.rows"
      :fields="trialFields(athletes, tests)"
      :together="trialProblem(tests)"
      :busy="busy"
      :problem="problem"
      @accept="takeIn"
      @close="file = null"
    />
  </div>
</template>
