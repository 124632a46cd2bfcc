<script setup lang="ts">
import { AppError, messageOf } from '~~/shared/errors'
import { ROLES } from '~~/shared/types'
import TextField from '~/components/common/TextField.vue'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'My sign-in · Keen Anchor' })
definePageMeta({ layout: 'plain' })

const signedIn = useSignInStore()
const password = ref('')
const next = ref('')
const fields = ref<Readonly<Record<string, string>>>({})
const said = ref('')
const problem = ref('')
const busy = ref(false)

async function attempt(work: () => Promise<void>): Promise<void> {
  if (busy.value) return
  busy.value = true
  said.value = ''
  problem.value = ''
  fields.value = {}
  try {
    await work()
  }
  catch (error) {
    fields.value = error instanceof AppError ? error.fields ?? {} : {}
    if (Object.keys(fields.value).length === 0) problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}

const change = () => attempt(async () => {
  await signedIn.changePassword(password.value, next.value)
  password.value = ''
  next.value = ''
  said.value = 'Stored. Every other device is signed out.'
})

const everywhere = () => attempt(async () => {
  await signedIn.signOutEverywhere()
  await navigateTo('/sign-in')
})
</script>

<template>
  <div
    v-if="signedIn.me"
    class="max-w-md mx-auto p-4 flex flex-col gap-5"
  >
    <p>
      <NuxtLink
        to="/"
        class="underline underline-offset-2"
      >Back</NuxtLink>
    </p>
    <header>
      <h1>{{ signedIn.me.name }}</h1>
      <p class="text-quiet">
        {{ ROLES[signedIn.me.role] }}, {{ signedIn.me.organisationName }}
      </p>
    </header>
    <form
      class="panel flex flex-col gap-3"
      novalidate
      @submit.prevent="change"
    >
      <h2>Password</h2>
      <TextField
        v-model="password"
        label="Present password"
        name="password"
        type="password"
        autocomplete="current-password"
        :problem="fields.password"
      />
      <TextField
        v-model="next"
        label="New password"
        name="next"
        type="password"
        autocomplete="new-password"
        hint="At least 10 characters; length protects more than symbols."
        :problem="fields.next"
      />
      <button
        type="submit"
        class="btn btn-main self-start"
        :disabled="busy"
      >
        Change the password
      </button>
      <p role="status">
        {{ said }}
      </p>
    </form>
    <section class="panel flex flex-col gap-2">
      <h2>Devices</h2>
      <p>Lost a phone, or left a tablet signed in? This ends every session, this one too.</p>
      <button
        type="button"
        class="btn self-start"
        :disabled="busy"
        @click="everywhere"
      >
        Sign out everywhere
      </button>
    </section>
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
