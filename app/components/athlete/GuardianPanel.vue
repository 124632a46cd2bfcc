<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'
import type { GuardianAnswer, Guardian } from '~~/shared/types'

/** An athlete under age: who answers for them, that they consented, and which coaches read the health answers. */
const props = defineProps<{
  found: GuardianAnswer
  /** Who reads health answers is a head coach's to say. */
  govern: boolean
  busy: boolean
  fields: Readonly<Record<string, string>>
  said: string
}>()
const emit = defineEmits<{ save: [guardian: Guardian] }>()
const { guardian } = props.found
const name = ref(guardian?.name ?? '')
const contact = ref(guardian?.contact ?? '')
const consentOn = ref(guardian?.consentOn ?? '')
const coaches = ref<readonly string[]>(guardian?.coaches ?? [])
const named = computed(() =>
  props.found.coaches.filter(({ id }) => guardian?.coaches.includes(id)).map(one => one.name))

const save = (): void => emit('save', {
  version: guardian?.version ?? 0, name: name.value.trim(), contact: contact.value.trim(),
  consentOn: consentOn.value || null, coaches: coaches.value,
})
function toggle(id: string): void {
  coaches.value = coaches.value.includes(id) ? coaches.value.filter(one => one !== id) : [...coaches.value, id]
}
</script>

<template>
  <form
    class="panel flex flex-col gap-2"
    novalidate
    aria-labelledby="guardian"
    @submit.prevent="save"
  >
    <h2 id="guardian">
      Under 18
    </h2>
    <p
      v-if="!guardian?.consentOn"
      class="caution"
    >
      No guardian’s consent is written down.
    </p>
    <TextField
      v-model="name"
      label="Guardian"
      name="guardian-name"
      :problem="fields.name"
    />
    <TextField
      v-model="contact"
      label="How to reach them"
      name="guardian-contact"
      :problem="fields.contact"
    />
    <TextField
      v-model="consentOn"
      label="Consented on"
      name="guardian-consent"
      type="date"
      :problem="fields.consentOn"
    />
    <fieldset v-if="govern">
      <legend class="font-semibold">
        Coaches who read the health answers, besides head coaches
      </legend>
      <label
        v-for="one of found.coaches"
        :key="one.id"
        class="flex gap-2 items-center"
      >
        <input
          type="checkbox"
          :checked="coaches.includes(one.id)"
          @change="toggle(one.id)"
        >{{ one.name }}
      </label>
      <p
        v-if="found.coaches.length === 0"
        class="text-quiet"
      >
        No coach is on the staff yet.
      </p>
    </fieldset>
    <p
      v-else
      class="text-quiet"
    >
      Health answers are read by head coaches{{ named.length > 0 ? ` and ${named.join(', ')}` : '' }}.
    </p>
    <div class="flex items-center gap-3">
      <button
        type="submit"
        class="btn"
        :disabled="busy"
      >
        Store
      </button>
      <span role="status">{{ said }}</span>
    </div>
  </form>
</template>
