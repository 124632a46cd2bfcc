<script setup lang="ts">
import type { SignInInput } from '~~/shared/types'
import ModalDialog from '~/components/common/ModalDialog.vue'
import TextField from '~/components/common/TextField.vue'

/** The session ended under an open page: sign in here and go on where you were. */
defineProps<{ name: string, problem: string, asksCode: boolean }>()
const emit = defineEmits<{ signIn: [input: SignInInput] }>()
const email = ref('')
const password = ref('')
const code = ref('')
</script>

<template>
  <ModalDialog
    open
    title="Your session has ended"
    must-answer
  >
    <form
      class="flex flex-col gap-3"
      novalidate
      @submit.prevent="emit('signIn', { email: email.trim(), password, ...asksCode ? { code } : {} })"
    >
      <p>Sign in again as {{ name }} and go on where you were. What you changed is kept on this device and is stored
        right after.</p>
      <TextField
        v-model="email"
        label="E-mail"
        name="again-email"
        type="email"
        autocomplete="username"
      />
      <TextField
        v-model="password"
        label="Password"
        name="again-password"
        type="password"
        autocomplete="current-password"
        :problem="asksCode ? undefined : problem"
      />
      <TextField
        v-if="asksCode"
        v-model="code"
        label="Code"
        name="again-code"
        autocomplete="one-time-code"
        :problem="problem"
      />
      <button
        type="submit"
        class="btn btn-main"
      >
        Sign in and go on
      </button>
    </form>
  </ModalDialog>
</template>
