<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'
import { passkeysHere } from '~/device/passkeys'
import { useSignInStore } from '~/stores/signIn'
import { AppError, messageOf } from '~~/shared/errors'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Sign in · Keen Anchor' })

const signedIn = useSignInStore()
const route = useRoute()
const email = ref('')
const password = ref('')
const code = ref('')
const asksCode = ref(false)
const ownDevice = ref(false)
const problem = ref('')
const fields = ref<Readonly<Record<string, string>>>({})
const busy = ref(true)
// Until the page answers to clicks a submitted form would be lost.
const here = ref(false)
onMounted(() => {
  busy.value = false
  here.value = passkeysHere()
})

const submit = (): Promise<void> => attempt(() => signedIn.signIn({
  email: email.value.trim(), password: password.value,
  ...asksCode.value ? { code: code.value } : {}, ...ownDevice.value ? { ownDevice: true } : {},
}))
const byPasskey = (): Promise<void> => attempt(() => signedIn.signInByPasskey(ownDevice.value))

async function attempt(work: () => Promise<void>): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  fields.value = {}
  try {
    await work()
    const to = typeof route.query.to === 'string' && /^\/(?!\/)/.test(route.query.to) ? route.query.to : '/'
    await navigateTo(to)
  }
  catch (error) {
    asksCode.value ||= error instanceof AppError && error.code === 'codeNeeded'
    fields.value = error instanceof AppError ? error.fields ?? {} : {}
    problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="min-h-screen grid md:grid-cols-[minmax(0,1fr)_28rem]">
    <div class="bg-ink text-chalk p-8 md:p-12 flex flex-col">
      <p class="font-[family-name:var(--font-head)] font-bold text-2xl">
        Keen Anchor
      </p>
      <svg
        viewBox="0 0 400 200"
        class="my-8 max-w-xl w-full"
        aria-hidden="true"
      >
        <path
          d="M0 60h400"
          stroke="#c3ccd0"
          stroke-width="1.5"
        />
        <path
          d="M200 20v140M150 118c0 34 26 52 50 52s50-18 50-52"
          fill="none"
          stroke="#c3ccd0"
          stroke-width="3"
        />
        <circle
          cx="200"
          cy="60"
          r="9"
          fill="#1f2a30"
          stroke="#e4703c"
          stroke-width="4"
        />
      </svg>
      <p class="max-w-md text-[#c3ccd0]">
        Trunk and bracing work for a roster: computed, placed around the lifts, judged by form.
      </p>
    </div>
    <form
      class="p-8 md:p-12 flex flex-col gap-4 justify-center"
      method="post"
      novalidate
      @submit.prevent="submit"
    >
      <h1>Sign in</h1>
      <TextField
        v-model="email"
        label="E-mail"
        name="email"
        type="email"
        autocomplete="username"
        :problem="fields.email"
      />
      <TextField
        v-model="password"
        label="Password"
        name="password"
        type="password"
        autocomplete="current-password"
        :problem="fields.password"
      />
      <TextField
        v-if="asksCode"
        v-model="code"
        label="Code"
        name="code"
        autocomplete="one-time-code"
        hint="From the app on your phone, or one of your recovery codes."
        :problem="fields.code"
      />
      <label class="flex gap-2 items-start">
        <input
          v-model="ownDevice"
          type="checkbox"
          class="mt-1"
        >
        <span>This device is mine alone<br>
          <span class="text-quiet">An athlete stays signed in on it for thirty days.</span></span>
      </label>
      <p
        v-if="problem && Object.keys(fields).length === 0"
        class="problem"
        role="alert"
      >
        {{ problem }}
      </p>
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        Sign in
      </button>
      <button
        v-if="here"
        type="button"
        class="btn"
        :disabled="busy"
        @click="byPasskey"
      >
        Sign in with a passkey
      </button>
      <NuxtLink
        to="/forgot"
        class="underline underline-offset-2 self-start"
      >Password forgotten?</NuxtLink>
    </form>
  </div>
</template>
