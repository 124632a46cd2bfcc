<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'

/** Choosing a password by a link: an invitation that is accepted, or a reset. */
const props = defineProps<{ title: string, lead: string, busy: boolean, problem: string, fieldProblem?: string }>()
const emit = defineEmits<{ choose: [password: string] }>()
const next = ref('')
const again = ref('')
const differs = ref(false)

function submit(): void {
  differs.value = next.value !== again.value
  if (!differs.value && !props.busy) emit('choose', next.value)
}
</script>

<template>
  <form
    class="max-w-md mx-auto p-6 md:pt-[12vh] flex flex-col gap-4"
    method="post"
    novalidate
    @submit.prevent="submit"
  >
    <p class="font-[family-name:var(--font-head)] font-bold text-xl">
      Keen Anchor
    </p>
    <h1>{{ title }}</h1>
    <p>{{ lead }}</p>
    <TextField
      v-model="next"
      label="New password"
      name="next"
      type="password"
      autocomplete="new-password"
      hint="At least 10 characters; length protects more than symbols."
      :problem="fieldProblem"
    />
    <TextField
      v-model="again"
      label="The same once more"
      name="again"
      type="password"
      autocomplete="new-password"
      :problem="differs ? 'The two are not the same.' : undefined"
    />
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
      <NuxtLink
        to="/sign-in"
        class="underline"
      >To the sign-in page</NuxtLink>
    </p>
    <button
      type="submit"
      class="btn btn-main"
      :disabled="busy"
    >
      Set the password
    </button>
  </form>
</template>
