<script setup lang="ts">
import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { SPACES, type Space } from '~~/core/floor/session'
import { PULLING, usualLoads, WEIGHED } from '~~/core/prescription'
import type { Facility } from '~~/shared/types'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import CountField from '~/components/facility/CountField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import TableImport from '~/components/common/TableImport.vue'
import { useDraft } from '~/composables/useDraft'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAttempt } from '~/composables/useAttempt'
import { useMay } from '~/composables/useMay'
import { useVersionedEdit } from '~/composables/useVersionedEdit'
import { equipmentFields, type EquipmentRow } from '~/files/equipmentTable'
import { readTable } from '~/files/tableFile'
import { equipmentClash } from '~/words/facilityWords'
import { readWeights, writeWeights } from '~/words/weightsText'
import { useFacilityStore } from '~/stores/facility'

useHead({ title: 'Facility · Keen Anchor' })

const facility = useFacilityStore()
const catalogue = useCatalogue()
const typed = ref<Record<string, string>>({})
const draft = useDraft('draft/facility', reactive({ typed }), () => ({ typed: {} }))
const problems = ref<Record<string, string>>({})
const said = ref('')
const { problem, attempt } = useAttempt()
const { plan: editable } = useMay()

onMounted(facility.load)

const shown = (key: string): string =>
  typed.value[key] ?? String(facility.counts[key] ?? SPACES[key as Space]?.usual ?? 0)
const have = computed(() => new Set(Object.keys(EQUIPMENT).filter(key => Number(shown(key)) > 0)))
/** Drills that need this equipment and nothing that is missing: what it is good for. */
const drillsWith = (key: string): number =>
  catalogue.value.variations.filter(v => v.equipment.some(need => (need as readonly string[]).includes(key))).length
const possible = computed(() =>
  catalogue.value.variations.filter(v => v.equipment.every(need => need.some(item => have.value.has(item)))).length
)

type Equipped = Pick<Facility, 'counts' | 'weights'>
const { clash, save, choose: settle } = useVersionedEdit<Equipped, Facility>(
  (next, version) => facility.save(next, version), equipmentClash,
)

/** Implements whose weights, or pulls, are written down beside their count. */
const unitOf = (key: Equipment): string => (WEIGHED.includes(key) ? 'kg' : PULLING.includes(key) ? 'N' : '')
const weightsKey = (key: string): string => `weights of ${key}`
const shownWeights = (key: string): string =>
  typed.value[weightsKey(key)] ?? writeWeights(facility.facility.weights[key] ?? [])
const type = (key: string, text: string): void => {
  typed.value = { ...typed.value, [key]: text }
  said.value = ''
}

/** A whole number that is typed; what is none is said beside its box. */
function wholeFrom(least: number, most: number, key: string): number {
  const text = shown(key).trim()
  const number = Number(text)
  if (text !== '' && Number.isInteger(number) && number >= least && number <= most) return number
  problems.value[key] = `A whole number from ${least} to ${most}.`
  return 0
}

/** What is typed, as counts and weights; null: something cannot be read. */
function read(): Equipped | null {
  const counts: Record<string, number> = {}
  const weights: Record<string, readonly number[]> = {}
  problems.value = {}
  for (const key of Object.keys(EQUIPMENT) as Equipment[]) {
    const count = wholeFrom(0, 500, key)
    if (count > 0) counts[key] = count
    const list = readWeights(unitOf(key) ? shownWeights(key) : '')
    if ('problem' in list) problems.value[key] = list.problem
    else if (list.value.length > 0 && count > 0) weights[key] = list.value
  }
  for (const key of Object.keys(SPACES)) counts[key] = wholeFrom(1, 200, key)
  return Object.keys(problems.value).length > 0 ? null : { counts, weights }
}

/** A table on its way in: what it says is typed into the boxes, and stored with them. */
const table = shallowRef<{ name: string, headings: readonly string[], rows: readonly Record<string, string>[] } | null>(
  null,
)
const reading = useAttempt()
const choose = (file: File): Promise<boolean> => reading.attempt(async () => {
  table.value = { name: file.name, ...await readTable(await file.text()) }
})
function pick(event: Event): void {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (file) void choose(file)
  input.value = ''
}
function take(rows: readonly EquipmentRow[]): void {
  for (const { equipment, count, weights } of rows) {
    type(equipment, String(count))
    if (weights.length > 0) type(weightsKey(equipment), writeWeights(weights))
  }
  table.value = null
  said.value = `${rows.length} lines are taken over: look through them, then store.`
}

const storeWith = (work: () => Promise<boolean>) => attempt(async () => {
  if (!await work()) return
  typed.value = {}
  said.value = 'Stored.'
})

function send(): void {
  const { version, counts, weights } = facility.facility
  const next = read()
  if (next) void storeWith(() => save(next, { counts, weights }, version))
}
</script>

<template>
  <div>
    <h1>Facility</h1>
    <p class="text-quiet mb-3">
      What stands in the gym. <b class="text-ink">{{ possible }} of {{ catalogue.variations.length }}</b> drills of the
      catalogue can be done with it. Loads are prescribed in steps that there are: write down what weights differ, and
      what bands and cables pull where they were measured; what is left empty is taken as usual.
    </p>
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <RoomPage
      :readings="[facility]"
      @retry="facility.again"
    >
      <form
        novalidate
        @submit.prevent="send"
      >
        <ul class="panel grid md:grid-cols-2 xl:grid-cols-3 gap-x-8">
          <CountField
            v-for="(label, key) in EQUIPMENT"
            :key="key"
            :name="key"
            :label="label"
            :note="`in ${drillsWith(key)} ${drillsWith(key) === 1 ? 'drill' : 'drills'}`"
            :value="shown(key)"
            :editable="editable"
            :problem="problems[key]"
            @type="type(key, $event)"
          >
            <label
              v-if="unitOf(key)"
              class="col-span-2 grid grid-cols-[2.2rem_minmax(0,1fr)] items-center gap-2"
            >
              <span class="text-quiet text-[0.9em]">in {{ unitOf(key) }}</span>
              <input
                class="field figure text-[0.92em]"
                :aria-label="`${label}, ${unitOf(key) === 'kg' ? 'weights in kilograms' : 'pulls in newtons'}`"
                :placeholder="`as usual: ${writeWeights(usualLoads(key))}`"
                :value="shownWeights(key)"
                :disabled="!editable"
                :aria-invalid="problems[key] ? true : undefined"
                @input="type(weightsKey(key), ($event.target as HTMLInputElement).value)"
              >
            </label>
          </CountField>
        </ul>
        <h2 class="mt-4 mb-1">
          People who have room at once
        </h2>
        <ul class="panel grid md:grid-cols-2 xl:grid-cols-3 gap-x-8">
          <CountField
            v-for="({ name }, key) in SPACES"
            :key="key"
            :name="key"
            :label="name"
            :value="shown(key)"
            :editable="editable"
            :problem="problems[key]"
            @type="type(key, $event)"
          />
        </ul>
        <p
          v-if="editable"
          class="mt-3 flex items-center gap-3"
        >
          <button
            type="submit"
            class="btn btn-main"
          >
            Store equipment
          </button>
          <label class="btn">
            Read from a table
            <input
              type="file"
              accept=".csv,.tsv,.txt"
              class="sr-only"
              @change="pick"
            >
          </label>
          <span role="status">{{ problem || reading.problem.value || said }}</span>
        </p>
      </form>
    </RoomPage>
    <TableImport
      v-if="table"
      :key="table.name"
      :name="table.name"
      kind="equipment"
      :headings="table.headings"
      :rows="table.rows"
      :fields="equipmentFields"
      :busy="false"
      problem=""
      @accept="take"
      @close="table = null"
    />
    <ConflictChoice
      v-if="clash"
      :who="clash.who"
      subject="this equipment"
      :rows="clash.rows"
      :others="clash.others"
      @choose="choices => storeWith(() => settle(choices))"
    />
  </div>
</template>
