<script setup lang="ts">
import { EQUIPMENT } from '~~/core/catalogue'
import type { Facility } from '~~/shared/types'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useDraft } from '~/composables/useDraft'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAttempt } from '~/composables/useAttempt'
import { useMay } from '~/composables/useMay'
import { useVersionedEdit } from '~/composables/useVersionedEdit'
import { equipmentClash } from '~/words/facilityWords'
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

const shown = (key: string): string => typed.value[key] ?? String(facility.counts[key] ?? 0)
const have = computed(() => new Set(Object.keys(EQUIPMENT).filter(key => Number(shown(key)) > 0)))
/** Drills that need this equipment and nothing that is missing: what it is good for. */
const drillsWith = (key: string): number =>
  catalogue.value.variations.filter(v => v.equipment.some(need => (need as readonly string[]).includes(key))).length
const possible = computed(() =>
  catalogue.value.variations.filter(v => v.equipment.every(need => need.some(item => have.value.has(item)))).length
)

type Counts = Readonly<Record<string, number>>
const { clash, save, choose } = useVersionedEdit<Counts, Facility>(
  (counts, version) => facility.save(counts, version), equipmentClash,
)

/** What is typed, as counts; null: something cannot be read. */
function read(): Counts | null {
  const counts: Record<string, number> = {}
  problems.value = {}
  for (const key of Object.keys(EQUIPMENT)) {
    const count = Number(shown(key))
    if (shown(key).trim() === '' || !Number.isInteger(count) || count < 0 || count > 500)
      problems.value[key] = 'A whole number from 0 to 500.'
    else if (count > 0) counts[key] = count
  }
  return Object.keys(problems.value).length > 0 ? null : counts
}

const storeWith = (work: () => Promise<boolean>) => attempt(async () => {
  if (!await work()) return
  typed.value = {}
  said.value = 'Stored.'
})

function send(): void {
  const counts = read()
  if (counts) void storeWith(() => save(counts, facility.counts, facility.facility.version))
}
</script>

<template>
  <div>
    <h1>Facility</h1>
    <p class="text-quiet mb-3">
      What stands in the gym. <b class="text-ink">{{ possible }} of {{ catalogue.variations.length }}</b> drills of the
      catalogue can be done with it.
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
          <li
            v-for="(label, key) in EQUIPMENT"
            :key="key"
            class="grid grid-cols-[minmax(0,1fr)_4.5rem] items-center gap-2 py-1.5 border-b border-line/60"
          >
            <label :for="`count-${key}`">{{ label }}
              <span class="text-quiet text-[0.9em]">· in {{ drillsWith(key) }} {{
                drillsWith(key) === 1 ? 'drill' : 'drills'
              }}</span>
            </label>
            <input
              :id="`count-${key}`"
              class="field figure"
              inputmode="numeric"
              :value="shown(key)"
              :disabled="!editable"
              :aria-invalid="problems[key] ? true : undefined"
              @input="typed = { ...typed, [key]: ($event.target as HTMLInputElement).value }; said = ''"
            >
            <p
              v-if="problems[key]"
              class="problem col-span-2"
              role="alert"
            >
              {{ problems[key] }}
            </p>
          </li>
        </ul>
        <p
          v-if="editable"
          class="mt-3 flex items-center gap-3"
        >
          <button
            type="submit"
            class="btn btn-main"
          >
            Store counts
          </button>
          <span role="status">{{ problem || said }}</span>
        </p>
      </form>
    </RoomPage>
    <ConflictChoice
      v-if="clash"
      :who="clash.who"
      subject="these counts"
      :rows="clash.rows"
      :others="clash.others"
      @choose="choices => storeWith(() => choose(choices))"
    />
  </div>
</template>
