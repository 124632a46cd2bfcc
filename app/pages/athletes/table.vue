<script setup lang="ts">
import AthleteDays from '~/components/athlete/AthleteDays.vue'
import FormField from '~/components/common/FormField.vue'
import SelectField from '~/components/common/SelectField.vue'
import TableImport from '~/components/common/TableImport.vue'
import TakenIn from '~/components/common/TakenIn.vue'
import { rosterFields, type RosterLine } from '~/files/importKinds'
import { blankAthlete, useAthleteForm } from '~/composables/useAthleteForm'
import { useRosterTable } from '~/composables/useRosterTable'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ only: 'plan' })
useHead({ title: 'Athletes from a table · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const facility = useFacilityStore()
onMounted(() => Promise.all([roster.load(), facility.load()]))

const gym = computed(() => facility.equipment)
/** What a table does not say, asked once for everybody in it. */
const together = useAthleteForm(blankAthlete(), signedIn.me!.units)
const athletes = computed(() => roster.rows.map(row => row.athlete))
const { file, busy, problem, said, last, choose, paste, takeIn, undo } = useRosterTable(together)
const text = ref('')
const squad = ref('')
const squads = computed(() =>
  [['', 'none'] as const, ...roster.groups.map(({ id, name }) => [id, name] as const)])
/** A spreadsheet that is pasted is read at once. */
watch(text, (now, before) => { if (before.trim() === '' && now.includes('\n')) void paste(now) })

async function take(lines: RosterLine[]): Promise<void> {
  const groupIds = squad.value === '' ? [] : [squad.value]
  await takeIn(lines.map(line => (line.groupIds?.length > 0 ? line : { ...line, groupIds })))
  if (said.value !== '') text.value = ''
}
</script>

<template>
  <div v-if="signedIn.me">
    <h1>Athletes from a table</h1>
    <p class="text-quiet mb-2 max-w-3xl">
      Copy the rows of a spreadsheet with their headings: name, sex, height, mass, birth year, sport; training age,
      position, goal and squad where there are any. Health is never in a table: each new athlete is screened here.
    </p>
    <TakenIn
      :said="said"
      :problem="file ? '' : problem"
      :can-undo="last !== null"
      :busy="busy"
      @undo="undo"
    >
      Next: <NuxtLink
        to="/roster"
        class="underline"
      >screen them, from the roster</NuxtLink>.
    </TakenIn>
    <template v-if="!file">
      <FormField
        v-slot="{ id, describedBy }"
        label="The table"
        name="table"
        hint="Tabs, commas or semicolons between the cells."
      >
        <textarea
          :id="id"
          v-model="text"
          class="field figure"
          rows="8"
          spellcheck="false"
          :aria-describedby="describedBy"
        />
      </FormField>
      <p class="flex flex-wrap gap-2 mt-2">
        <button
          type="button"
          class="btn btn-main"
          :disabled="text.trim() === ''"
          @click="paste(text)"
        >
          Read it
        </button>
        <label class="btn cursor-pointer focus-within:outline-2">
          From a file …
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain"
            class="sr-only"
            @change="choose"
          >
        </label>
        <NuxtLink
          to="/athletes/new"
          class="btn"
        >One by one instead</NuxtLink>
      </p>
    </template>
    <template v-else>
      <h2 class="mt-2">
        For everybody in this table
      </h2>
      <SelectField
        v-if="roster.groups.length > 0"
        v-model="squad"
        class="max-w-xs"
        label="Squad, where the table names none"
        name="squad"
        :options="squads"
      />
      <AthleteDays
        class="my-2"
        :form="together"
        :gym="gym"
      />
      <TableImport
        :key="file.name"
        :name="file.name"
        kind="roster"
        :headings="file.table.headings"
        :rows="file.table.rows"
        :fields="rosterFields(roster.groups, athletes)"
        :busy="busy"
        :problem="problem"
        @accept="take"
        @close="file = null"
      />
    </template>
  </div>
</template>
