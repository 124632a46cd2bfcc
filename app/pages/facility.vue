<script setup lang="ts">
import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { threeWay, type Choices, type Fields } from '~~/core/merge'
import { messageOf, storedFirst } from '~~/shared/errors'
import type { Facility } from '~~/shared/types'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { useDraft } from '~/composables/useDraft'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { useFacilityStore } from '~/stores/facility'

useHead({ title: 'Facility · Keen Anchor' })

const facility = useFacilityStore()
const catalogue = useCatalogue()
const typed = ref<Record<string, string>>({})
const draft = useDraft('draft/facility', reactive({ typed }), () => ({ typed: {} }))
const problems = ref<Record<string, string>>({})
const said = ref('')
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

async function save(): Promise<void> {
  problems.value = {}
  const counts: Record<string, number> = {}
  for (const key of Object.keys(EQUIPMENT)) {
    const count = Number(shown(key))
    if (Number.isInteger(count) && count >= 0 && count <= 500 && shown(key).trim() !== '') {
      if (count > 0) counts[key] = count
    }
    else problems.value[key] = 'A whole number from 0 to 500.'
  }
  if (Object.keys(problems.value).length > 0) return
  await store(counts)
}

const clash = shallowRef<{ base: Fields, mine: Fields, theirs: Facility, rows: Row[] } | null>(null)
interface Row { key: string, what: string, mine: string, theirs: string }

/** Stores over the version that was read; another coach's counts meet these one by one. */
async function store(counts: Record<string, number>, version?: number): Promise<void> {
  const base = { ...facility.counts }
  try {
    await facility.save(counts, version)
    typed.value = {}
    said.value = 'Stored.'
  }
  catch (error) {
    const theirs = storedFirst<Facility>(error)
    if (!theirs) {
      said.value = messageOf(error)
      return
    }
    const { conflicts, merged } = threeWay(base, counts, theirs.counts)
    if (conflicts.length === 0) return store(merged as Record<string, number>, theirs.version)
    const text = (value: unknown): string => String(value ?? 0)
    clash.value = {
      base, mine: counts, theirs,
      rows: conflicts.map(key => ({
        key, what: EQUIPMENT[key as Equipment], mine: text(counts[key]), theirs: text(theirs.counts[key]),
      })),
    }
  }
}

async function choose(choices: Choices): Promise<void> {
  const { base, mine, theirs } = clash.value!
  clash.value = null
  await store(threeWay(base, mine, theirs.counts, choices).merged as Record<string, number>, theirs.version)
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
        @submit.prevent="save"
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
          <span role="status">{{ said }}</span>
        </p>
      </form>
    </RoomPage>
    <ConflictChoice
      v-if="clash"
      who="Another coach"
      subject="these counts"
      :rows="clash.rows"
      :others="[]"
      @choose="choose"
    />
  </div>
</template>
