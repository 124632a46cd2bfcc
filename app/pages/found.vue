<script setup lang="ts">
import { LENGTH_UNITS, MASS_UNITS } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import FormField from '~/components/common/FormField.vue'
import TextField from '~/components/common/TextField.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Found an organisation · Keen Anchor' })

const signedIn = useSignInStore()
const { busy, problem, fields, attempt } = useAttempt()
const typed = reactive({ code: '', organisationName: '', timeZone: '', name: '', email: '', password: '' })
const system = ref<'metric' | 'imperial'>('metric')
const SYSTEMS = { metric: 'kg and cm', imperial: 'lb and in' } as const
const zones = Intl.supportedValuesOf('timeZone')
/** Until the page answers to clicks a submitted form would be lost. */
const here = ref(false)
onMounted(() => {
  here.value = true
  typed.timeZone ||= Intl.DateTimeFormat().resolvedOptions().timeZone
})

async function submit(): Promise<void> {
  const at = system.value === 'metric' ? 0 : 1
  const units = { mass: MASS_UNITS[at], length: LENGTH_UNITS[at] }
  const done = await attempt(() => signedIn.found({ ...typed, email: typed.email.trim(), units }))
  if (done) await navigateTo('/begin')
}
</script>

<template>
  <form
    class="max-w-2xl mx-auto p-6 grid sm:grid-cols-2 gap-4"
    method="post"
    novalidate
    @submit.prevent="submit"
  >
    <header class="sm:col-span-2">
      <p class="font-[family-name:var(--font-head)] font-bold text-xl">
        Keen Anchor
      </p>
      <h1>Found your organisation</h1>
      <p>Nobody is here yet. Whoever started the server has the code: it was printed at the start, and works once.</p>
    </header>
    <TextField
      v-model="typed.code"
      class="sm:col-span-2"
      label="Code"
      name="code"
      figure
      :problem="fields.code"
    />
    <TextField
      v-model="typed.organisationName"
      label="Name of the organisation"
      name="organisationName"
      autocomplete="organization"
      :problem="fields.organisationName"
    />
    <FormField
      v-slot="{ id, invalid, describedBy }"
      name="timeZone"
      label="Time zone"
      hint="When a day begins, for everybody in it."
      :problem="fields.timeZone"
    >
      <input
        :id="id"
        v-model="typed.timeZone"
        class="field"
        list="zones"
        autocomplete="off"
        :aria-invalid="invalid"
        :aria-describedby="describedBy"
      >
      <datalist id="zones">
        <option
          v-for="zone in zones"
          :key="zone"
          :value="zone"
        />
      </datalist>
    </FormField>
    <ChipChoice
      class="sm:col-span-2"
      legend="You read and type in"
      :options="SYSTEMS"
      :pressed="[system]"
      @choose="one => { system = one }"
    />
    <TextField
      v-model="typed.name"
      label="Your name"
      name="name"
      autocomplete="name"
      :problem="fields.name"
    />
    <TextField
      v-model="typed.email"
      label="E-mail"
      name="email"
      type="email"
      autocomplete="username"
      :problem="fields.email"
    />
    <TextField
      v-model="typed.password"
      class="sm:col-span-2"
      label="Password"
      name="password"
      type="password"
      autocomplete="new-password"
      hint="At least ten characters; length is what protects."
      :problem="fields.password"
    />
    <p
      v-if="problem && Object.keys(fields).length === 0"
      class="problem sm:col-span-2"
      role="alert"
    >
      {{ problem }} <NuxtLink
        v-if="!signedIn.founding"
        class="underline"
        to="/sign-in"
      >Sign in</NuxtLink>
    </p>
    <button
      type="submit"
      class="btn btn-main sm:col-span-2"
      :disabled="busy || !here"
    >
      Found the organisation
    </button>
  </form>
</template>
