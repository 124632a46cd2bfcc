<script setup lang="ts">
import type { Equipment } from '~~/core/catalogue'
import type { AthleteInput, Group, Units } from '~~/shared/types'
import { toggled, useAthleteForm } from '~/composables/useAthleteForm'
import DraftNote from '~/components/common/DraftNote.vue'
import AthleteDays from './AthleteDays.vue'
import AthleteGoal from './AthleteGoal.vue'
import AthleteStanding from './AthleteStanding.vue'
import AthleteWho from './AthleteWho.vue'
import FlagChoice from './FlagChoice.vue'

/** All that is known about an athlete before anything is planned. */
const props = defineProps<{
  start: AthleteInput
  groups: readonly Group[]
  /** What stands in the gym. */
  gym: readonly Equipment[]
  units: Units
  busy: boolean
  serverFields: Readonly<Record<string, string>>
  submitText: string
  /** Where the device keeps what is typed, and the version it starts from. */
  draftKey?: string
  version?: number
}>()
const emit = defineEmits<{
  save: [athlete: AthleteInput, base: { version: number, start: AthleteInput }]
  addGroup: [name: string]
  cancel: []
  startOver: []
}>()

const form = useAthleteForm(props.start, props.units, props.draftKey ?? null, props.version ?? 0)
const { base, restored, startOver, words, value, problems, check } = form
const root = ref<HTMLElement | null>(null)
watch(() => props.serverFields, fields => form.showServer(fields))

async function submit(): Promise<void> {
  if (props.busy) return
  if (await check()) return emit('save', value.value, base)
  await nextTick()
  root.value?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
}
</script>

<template>
  <form
    ref="root"
    class="flex flex-col gap-6 max-w-5xl"
    novalidate
    @submit.prevent="submit"
  >
    <DraftNote
      :shown="restored"
      @start-over="startOver(); emit('startOver')"
    />
    <AthleteWho
      :form="form"
      :groups="groups"
      @add-group="emit('addGroup', $event)"
    />
    <AthleteGoal :form="form" />
    <AthleteDays
      :form="form"
      :gym="gym"
    />
    <FlagChoice
      :flags="words.flags"
      @toggle="words.flags = toggled(words.flags, $event)"
    />
    <AthleteStanding :form="form" />

    <div class="flex gap-2 py-3">
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        {{ submitText }}
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('cancel')"
      >
        Cancel
      </button>
      <p
        v-if="Object.keys(problems).length > 0"
        class="problem self-center"
        role="alert"
      >
        {{ Object.keys(problems).length === 1 ? 'One field needs another look.'
          : `${Object.keys(problems).length} fields need another look.` }}
      </p>
    </div>
  </form>
</template>
