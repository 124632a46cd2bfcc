<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import type { Catalogue } from '~~/core/catalogue'
import { CLEARING_ROLES, type ClearingRole, type DrillPain, type PainVerdict } from '~~/core/screening'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import { shortDay } from '~/words/inWords'
import { painText } from '~/words/safetyWords'
import type { PainInput } from '~~/shared/types'
import { useDraft } from '~/composables/useDraft'

/** Drills that hurt, where, and what a coach decides of each. */
const props = defineProps<
  {
    athleteId: string
    pain: readonly DrillPain[]
    catalogue: Catalogue
    editable: boolean
    busy: boolean
    fields: Readonly<Record<string, string>>
  }
>()
const emit = defineEmits<{ decide: [input: PainInput] }>()

const asked = ref<{ readonly variationId: string, readonly verdict: PainVerdict } | null>(null)
const reason = ref('')
const lookedAtBy = ref('')
const role = ref<ClearingRole>('physiotherapist')
const draft = useDraft(`draft/pain/${props.athleteId}`, reactive({ asked, reason, lookedAtBy, role }))
const ROLES = Object.entries(CLEARING_ROLES) as [ClearingRole, string][]
const VERDICTS: readonly (readonly [PainVerdict, string])[] = [
  ['goOn', 'Go on with it'], ['leaveOut', 'Leave it out'], ['refer', 'Refer'],
]
const locked = computed(() => props.pain.find(one => one.variationId === asked.value?.variationId)?.state === 'locked')
// Read anew it is another list of the same: what is being typed stays.
watch(() => JSON.stringify(props.pain), () => { draft.startOver() })

function ask(variationId: string, verdict: PainVerdict): void {
  asked.value = { variationId, verdict }
  reason.value = ''
}
function decide(): void {
  if (!asked.value) return
  const seen = locked.value && asked.value.verdict !== 'refer'
  emit('decide', {
    id: newKey(), ...asked.value, reason: reason.value.trim(), lookedAtBy: seen ? lookedAtBy.value.trim() : '',
    role: seen ? role.value : null,
  })
}
</script>

<template>
  <section
    id="pain"
    class="panel border-signal"
    aria-label="Pain"
  >
    <h2>Pain</h2>
    <ul>
      <li
        v-for="one in pain"
        :key="one.variationId"
        class="border-b border-line/60 py-1.5"
      >
        <p class="flex flex-wrap gap-x-3 items-baseline">
          <b>{{ catalogue.find(one.variationId)?.name ?? 'A drill' }}</b>
          <span class="problem">{{ painText(one) }}</span>
          <span class="text-quiet figure">{{ shortDay(one.day) }}</span>
          <span
            v-if="editable"
            class="ml-auto flex gap-1.5"
          >
            <button
              v-for="[verdict, text] in VERDICTS"
              :key="verdict"
              type="button"
              class="chip"
              :aria-pressed="asked?.variationId === one.variationId && asked.verdict === verdict"
              @click="ask(one.variationId, verdict)"
            >
              {{ text }}
            </button>
          </span>
        </p>
        <form
          v-if="asked?.variationId === one.variationId"
          class="grid md:grid-cols-2 gap-3 my-2"
          novalidate
          @submit.prevent="decide"
        >
          <TextField
            v-model="reason"
            label="Why"
            name="pain-reason"
            :problem="fields.reason"
          />
          <template v-if="locked && asked.verdict !== 'refer'">
            <TextField
              v-model="lookedAtBy"
              label="Who has looked at it"
              name="pain-by"
              :problem="fields.lookedAtBy"
            />
            <SelectField
              v-model="role"
              label="In what role"
              name="pain-role"
              :options="ROLES"
            />
          </template>
          <button
            type="submit"
            class="btn btn-main w-fit self-end"
            :disabled="busy"
          >
            Decide
          </button>
        </form>
      </li>
    </ul>
  </section>
</template>
