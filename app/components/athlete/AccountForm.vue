<script setup lang="ts">
import type { SignInInput } from '~~/shared/types'
import TextField from '~/components/common/TextField.vue'

/** A sign-in for an athlete: e-mail and a first password to hand over. */
const props = defineProps<{ busy: boolean, problem: string, fields: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ give: [account: SignInInput] }>()

const email = ref('')
const password = ref('')

function submit(): void {
  if (!props.busy) emit('give', { email: email.value.trim(), password: password.value })
}
</script>

<template>
  <form
    class="grid sm:grid-cols-[1fr_1fr_auto] gap-2 items-start"
    novalidate
    @submit.prevent="submit"
  >
    <TextField
      v-model="email"
      label="E-mail"
      name="account-email"
      type="email"
      :problem="fields.email"
    />
    <TextField
      v-model="password"
      label="First password"
      name="account-password"
      :problem="fields.password"
    />
    <button
      type="submit"
      class="btn mt-6"
      :disabled="busy"
    >
      Give sign-in
    </button>
    <p
      v-if="problem"
      class="problem sm:col-span-3"
      role="alert"
    >
      {{ problem }}
    </p>
  </form>
</template>
