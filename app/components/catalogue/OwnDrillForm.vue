<script setup lang="ts">
import {
  BREATH_PATTERNS, HAZARDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, SETTINGS, type Catalogue, type OwnCatalogue,
  type Variation,
} from '~~/core/catalogue'
import { poseOf } from '~~/core/mechanics'
import { NEW_LADDER, useOwnDrill, type OwnDrill } from '~/composables/useOwnDrill'
import { reckon } from '~/words/reckon'
import ChipChoice from '~/components/common/ChipChoice.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import ActionSharesField from './ActionSharesField.vue'
import DosesField from './DosesField.vue'
import FaultsField from './FaultsField.vue'
import NeedsField from './NeedsField.vue'
import OwnPoseField from './OwnPoseField.vue'

/** Everything a coach must say of a drill of their own, held to the same rules as ours. */
const props = defineProps<
  { start: Variation, catalogue: Catalogue, own: OwnCatalogue, busy: boolean, likeName: string, draftKey: string }
>()
const emit = defineEmits<{ save: [done: OwnDrill], cancel: [], remove: [], startOver: [] }>()

const {
  draft, ladder, isNew, restored, problems, put, implied, places, setLadder, setPose, poseSettings, setPoseValue,
  finish,
} = useOwnDrill(
  props.start, computed(() => props.catalogue), computed(() => props.own), props.draftKey,
)
const root = ref<HTMLElement | null>(null)

const entries = <K extends string>(table: Readonly<Record<K, string>>) => Object.entries(table) as [K, string][]
const numbers = (to: number, of: string) => Array.from({ length: to }, (_, i) => [i + 1, `${i + 1} ${of}`] as const)
const LADDERS = computed(
  () => [...props.catalogue.ladders.map(l => [l.id, l.name] as const), [NEW_LADDER, 'a new ladder …'] as const]
)
const TIRES = Object.fromEntries(REGIONS.map(r => [r, r.replace(/([A-Z])/g, ' $1').toLowerCase()])) as Record<
  (typeof REGIONS)[number],
  string
>
const SETTING_NAMES = Object.fromEntries(Object.entries(SETTINGS).map(([key, { label }]) => [key, label])) as Record<
  keyof typeof SETTINGS,
  string
>
const DRILLS = computed(
  () => [
    ['', 'nothing more'] as const,
    ...props.catalogue.variations.filter(v => v.id !== draft.value.id).map(v => [v.id, v.name] as const),
  ]
)
const POSED = computed(
  () => [
    ['', 'no pose: no figure, no moment'] as const,
    ...props.catalogue.variations.filter(v => poseOf(v)).map(v => [v.id, v.name] as const),
  ]
)
const picture = computed(() =>
  reckon({ ...draft.value, id: 'own-draft' }, { sex: 'female', heightCm: 170, massKg: 65 })
)
const likeId = ref('')

function toggle<T>(list: readonly T[], item: T): T[] {
  return list.includes(item) ? list.filter(i => i !== item) : [...list, item]
}

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
    <section class="panel grid md:grid-cols-2 gap-3">
      <TextField
        :model-value="draft.name"
        label="Name"
        name="name"
        :hint="likeName ? `Starts as a copy of ${likeName}. Say what it is; no names of people or brands.` : undefined"
        :problem="problems.name"
        @update:model-value="put({ name: $event })"
      />
      <TextField
        :model-value="draft.purpose"
        label="What it is for, one line for the athlete"
        name="purpose"
        :problem="problems.purpose"
        @update:model-value="put({ purpose: $event })"
      />
      <SelectField
        :model-value="draft.ladder"
        label="Ladder"
        name="ladder"
        :options="LADDERS"
        :disabled="!isNew"
        :hint="isNew ? undefined : 'Copy the drill to put it on another ladder.'"
        @update:model-value="setLadder"
      />
      <SelectField
        :model-value="draft.rung"
        label="Place on it"
        name="rung"
        :options="places"
        @update:model-value="put({ rung: $event })"
      />
      <template v-if="draft.ladder === NEW_LADDER">
        <TextField
          v-model="ladder.name"
          label="Name of the new ladder"
          name="ladder-name"
          :problem="problems['ladder.name']
            ?? Object.entries(problems).find(([p]) => /^ladders\.\d+\.name$/.test(p))?.[1]"
        />
        <TextField
          v-model="ladder.aim"
          label="What the ladder is for"
          name="ladder-aim"
          :problem="problems['ladder.aim']
            ?? Object.entries(problems).find(([p]) => /^ladders\.\d+\.aim$/.test(p))?.[1]"
        />
      </template>
      <p
        v-if="problems.ladder ?? problems.rung ?? problems['ladder.rungs'] ?? problems.id"
        class="problem"
        role="alert"
      >
        {{ problems.ladder ?? problems.rung ?? problems['ladder.rungs'] ?? problems.id }}
      </p>
    </section>

    <section class="panel flex flex-col gap-3">
      <ActionSharesField
        :shares="draft.shares"
        :problem="problems.shares ?? Object.entries(problems).find(([p]) => p.startsWith('shares.'))?.[1]"
        @put="put({ shares: $event })"
      />
      <div class="grid grid-cols-2 md:grid-cols-4 gap-3">
        <SelectField
          :model-value="draft.mode"
          label="How the trunk works"
          name="mode"
          :options="entries(MODES)"
          @update:model-value="put({ mode: $event })"
        />
        <SelectField
          :model-value="draft.posture"
          label="Posture"
          name="posture"
          :options="entries(POSTURES)"
          @update:model-value="put({ posture: $event })"
        />
        <SelectField
          :model-value="draft.sides"
          label="Sides"
          name="sides"
          :options="[['both', 'both at once'], ['each', 'one after the other']]"
          @update:model-value="put({ sides: $event })"
        />
        <SelectField
          :model-value="draft.breath"
          label="Breath"
          name="breath"
          :options="entries(BREATH_PATTERNS)"
          @update:model-value="put({ breath: $event })"
        />
        <SelectField
          :model-value="draft.braceStep"
          label="Brace step first"
          name="braceStep"
          :options="numbers(7, 'of 7')"
          @update:model-value="put({ braceStep: $event })"
        />
        <SelectField
          :model-value="draft.fatigue"
          label="Fatigue"
          name="fatigue"
          :options="numbers(5, 'of 5')"
          @update:model-value="put({ fatigue: $event as Variation['fatigue'] })"
        />
        <SelectField
          :model-value="draft.spineCost"
          label="Cost to the spine"
          name="spineCost"
          :options="numbers(3, 'of 3')"
          @update:model-value="put({ spineCost: $event as Variation['spineCost'] })"
        />
        <SelectField
          :model-value="draft.prerequisites?.[0] ?? ''"
          label="Comes after"
          name="prerequisites"
          :options="DRILLS"
          @update:model-value="put({ prerequisites: $event ? [$event] : [] })"
        />
      </div>
      <ChipChoice
        legend="Works"
        :options="MUSCLE_GROUPS"
        :pressed="draft.muscles"
        :problem="problems.muscles"
        @choose="put({ muscles: toggle(draft.muscles, $event) })"
      />
      <ChipChoice
        legend="Tires besides the trunk"
        :options="TIRES"
        :pressed="draft.tires"
        @choose="put({ tires: toggle(draft.tires, $event) })"
      />
    </section>

    <section class="panel flex flex-col gap-2">
      <ChipChoice
        legend="Not for whoever must avoid"
        :options="HAZARDS"
        :pressed="[...new Set([...draft.hazards, ...implied])]"
        :problem="problems.hazards"
        @choose="put({ hazards: toggle(draft.hazards, $event) })"
      />
      <p class="text-quiet">
        <template v-if="implied.length > 0">
          Always on for what this drill is: {{ implied.map(h => HAZARDS[h]).join(', ') }}.
        </template>
        Flags take a drill away by these. When in doubt tick it: a clinician’s word and local rules go first.
      </p>
    </section>

    <section class="panel grid md:grid-cols-2 gap-3">
      <TextField
        :model-value="draft.setUp"
        label="Set-up"
        name="setUp"
        area
        :problem="problems.setUp"
        @update:model-value="put({ setUp: $event })"
      />
      <TextField
        :model-value="draft.stopSign"
        label="Ends when"
        name="stopSign"
        area
        :problem="problems.stopSign"
        @update:model-value="put({ stopSign: $event })"
      />
      <TextField
        :model-value="draft.cues.inside"
        label="Cue about the body"
        name="cue-inside"
        :problem="problems['cues.inside']"
        @update:model-value="put({ cues: { ...draft.cues, inside: $event } })"
      />
      <TextField
        :model-value="draft.cues.outside"
        label="Cue about the world outside it"
        name="cue-outside"
        :problem="problems['cues.outside']"
        @update:model-value="put({ cues: { ...draft.cues, outside: $event } })"
      />
      <FaultsField
        class="md:col-span-2"
        :faults="draft.faults"
        :problems="problems"
        @put="put({ faults: $event })"
      />
    </section>

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
          @choose="put({ settings: toggle(draft.settings, $event) })"
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
