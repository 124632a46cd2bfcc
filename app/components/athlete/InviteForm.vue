<script setup lang="ts">
import type { Athlete } from '~~/shared/types'
import TextField from '~/components/common/TextField.vue'

/** The athlete's own sign-in: invited by a link, and chosen by them. */
const props = defineProps<
  { athlete: Athlete, busy: boolean, problem: string, fields: Readonly<Record<string, string>> }
>()
const emit = defineEmits<{ invite: [email: string] }>()
const email = ref(props.athlete.accountEmail ?? '')
</script>

<template>
  <p v-if="athlete.accountState === 'active'">
    {{ athlete.accountEmail }}
  </p>
  <form
    v-else
    class="grid sm:grid-cols-[1fr_auto] gap-2 items-start"
    novalidate
    @submit.prevent="busy || emit('invite', email.trim())"
  >
    <p
      v-if="athlete.accountState === 'invited'"
      class="sm:col-span-2"
    >
      Invited under {{ athlete.accountEmail }}; the link has not been used yet.
    </p>
    <TextField
      v-model="email"
      label="E-mail"
      name="account-email"
      type="email"
      hint="A link is mailed; the athlete chooses the password."
      :problem="fields.email"
    />
    <button
      type="submit"
      class="btn mt-6"
      :disabled="busy"
    >
      {{ athlete.accountState === 'invited' ? 'Send the link again' : 'Send invitation' }}
    </button>
    <p
      v-if="problem"
      class="problem sm:col-span-2"
      role="alert"
    >
      {{ problem }}
    </p>
  </form>
</template>
