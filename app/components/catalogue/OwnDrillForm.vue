<script setup lang="ts">
import { HAZARDS, SETTINGS, type Catalogue, type OwnCatalogue, type OwnVariation } from '~~/core/catalogue'
import { poseOf } from '~~/core/mechanics'
import { useOwnDrill, type OwnDrill } from '~/composables/useOwnDrill'
import { reckon } from '~/words/reckon'
import { SOMEBODY } from '~~/shared/somebody'
import ChipChoice from '~/components/common/ChipChoice.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { toggled } from '~/words/toggled'
import DosesField from './DosesField.vue'
import NeedsField from './NeedsField.vue'
import OwnDrillFacts from './OwnDrillFacts.vue'
import OwnDrillPlace from './OwnDrillPlace.vue'
import OwnDrillWords from './OwnDrillWords.vue'
import OwnPoseField from './OwnPoseField.vue'

/** Everything a coach must say of a drill of their own, held to the same rules as ours. */
const props = defineProps<
  { start: OwnVariation, catalogue: Catalogue, own: OwnCatalogue, busy: boolean, likeName: string, draftKey: string }
>()
const emit = defineEmits<{ save: [done: OwnDrill], cancel: [], remove: [], startOver: [] }>()

const {
  draft, ladder, isNew, restored, problems, put, implied, places, place, setPlace, setLadder, setPose, poseSettings,
  setPoseValue, finish,
} = useOwnDrill(
  props.start, computed(() => props.catalogue), computed(() => props.own), props.draftKey,
)
const root = ref<HTMLElement | null>(null)

const SETTING_NAMES = Object.fromEntries(Object.entries(SETTINGS).map(([key, { label }]) => [key, label])) as Record<
  keyof typeof SETTINGS,
  string
>
const POSED = computed(
  () => [
    ['', 'no pose: no figure, no moment'] as const,
    ...props.catalogue.variations.filter(v => poseOf(v)).map(v => [v.id, v.name] as const),
  ]
)
const picture = computed(() =>
  reckon(
    { ...draft.value, id: 'own-draft', branch: draft.value.ladder, after: [] },
    SOMEBODY,
  )
)
const likeId = ref('')

async function submit(): Promise<void> {
  if (props.busy) return
  const done = await finish()
  if (done) return emit('save', done)
  await nextTick()
  const first = root.value?.querySelector<HTMLElement>('[aria-invalid="true"], [role="alert"]')
  first?.scrollIntoView({ block: 'center' })
  if (first?.matches('input, textarea, select')) first.focus()
}
</script>

<template>
  <form
    ref="root"
    novalidate
    class="flex flex-col gap-4 max-w-5xl"
    @submit.prevent="submit"
  >
    <DraftNote
      :shown="restored"
      @start-over="emit('startOver')"
    />
    <OwnDrillPlace
      :draft="draft"
      :ladder="ladder"
      :catalogue="catalogue"
      :places="places"
      :place="place"
      :is-new="isNew"
      :like-name="likeName"
      :problems="problems"
      @place="setPlace"
      @put="put"
      @ladder="setLadder"
      @ladder-words="Object.assign(ladder, $event)"
    />
    <OwnDrillFacts
      :draft="draft"
      :catalogue="catalogue"
      :problems="problems"
      @put="put"
    />
    <section class="panel flex flex-col gap-2">
      <ChipChoice
        legend="Not for whoever must avoid"
        :options="HAZARDS"
        :pressed="[...new Set([...draft.hazards, ...implied])]"
        :problem="problems.hazards"
        @choose="put({ hazards: toggled(draft.hazards, $event) })"
      />
      <p class="text-quiet">
        <template v-if="implied.length > 0">
          Always on for what this drill is: {{ implied.map(h => HAZARDS[h]).join(', ') }}.
        </template>
        Flags take a drill away by these. When in doubt tick it: a clinician’s word and local rules go first.
      </p>
    </section>
    <OwnDrillWords
      :draft="draft"
      :problems="problems"
      @put="put"
    />
    <section class="panel grid md:grid-cols-2 gap-x-6 gap-y-3">
      <DosesField
        :doses="draft.doses"
        :gate="draft.gate"
        :sides="draft.sides"
        :problems="problems"
        @doses="put({ doses: $event })"
        @gate="put({ gate: $event })"
      />
      <div class="flex flex-col gap-3">
        <NeedsField
          :needs="draft.equipment"
          :problem="problems.equipment"
          @put="put({ equipment: $event })"
        />
        <ChipChoice
          legend="Written down with each set"
          :options="SETTING_NAMES"
          :pressed="draft.settings"
          @choose="put({ settings: toggled(draft.settings, $event) })"
        />
        <OwnPoseField
          v-model:like-id="likeId"
          :posed="POSED"
          :pose-name="draft.pose?.model ?? null"
          :settings="poseSettings"
          :picture="picture"
          :problem="problems.pose"
          @like="setPose"
          @set="setPoseValue"
        />
      </div>
    </section>
    <p
      v-if="Object.keys(problems).length > 0"
      class="problem"
    >
      Not stored yet: {{ Object.keys(problems).length === 1 ? 'one field needs'
        : `${Object.keys(problems).length} fields need` }} another look.
    </p>
    <p class="flex flex-wrap gap-2">
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        Store the drill
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('cancel')"
      >
        Cancel
      </button>
      <button
        v-if="!isNew"
        type="button"
        class="btn ml-auto"
        :disabled="busy"
        @click="emit('remove')"
      >
        Take it out of the catalogue
      </button>
    </p>
  </form>
</template>
