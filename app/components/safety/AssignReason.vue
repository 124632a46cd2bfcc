<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'

/** Something is not known that comes before assigning: it is found out, or a coach says why not. */
defineProps<{ athleteId: string, missing: Readonly<Record<string, string>>, busy: boolean }>()
const emit = defineEmits<{ assign: [reason: string], close: [] }>()

const reason = ref('')
const problem = ref('')
function submit(): void {
  problem.value = reason.value.trim().length < 3 ? 'Say why, in a word or two.' : ''
  if (!problem.value) emit('assign', reason.value.trim())
}
</script>

<template>
  <form
    class="caution my-2 no-print"
    role="alert"
    novalidate
    @submit.prevent="submit"
  >
    <p
      v-for="(text, what) in missing"
      :key="what"
    >
      {{ text }}
      <NuxtLink
        class="underline underline-offset-2"
        :to="`/athletes/${athleteId}/${what === 'unscreened' ? 'screen' : 'brace'}`"
      >{{ what === 'unscreened' ? 'To the screening' : 'To the brace check' }}</NuxtLink>
    </p>
    <div class="flex flex-wrap gap-3 items-end mt-2">
      <TextField
        v-model="reason"
        class="grow max-w-md"
        label="Why it is assigned all the same"
        name="assign-reason"
        :problem="problem || undefined"
      />
      <button
        type="submit"
        class="btn"
        :disabled="busy"
      >
        Assign with this reason
      </button>
      <button
        type="button"
        class="btn btn-quiet"
        @click="emit('close')"
      >
        Not yet
      </button>
    </div>
  </form>
</template>
