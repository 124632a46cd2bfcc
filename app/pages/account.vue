<script setup lang="ts">
import { AppError, messageOf } from '~~/shared/errors'
import { ROLES } from '~~/shared/types'
import DeviceList from '~/components/account/DeviceList.vue'
import PasskeyList from '~/components/account/PasskeyList.vue'
import SecondFactor from '~/components/account/SecondFactor.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import TextField from '~/components/common/TextField.vue'
import { passkeysHere } from '~/device/passkeys'
import { useAccountStore } from '~/stores/account'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'My sign-in · Keen Anchor' })
definePageMeta({ layout: 'plain' })

const signedIn = useSignInStore()
const account = useAccountStore()
const here = ref(false)
onMounted(() => {
  here.value = passkeysHere()
  if (signedIn.me) void account.load()
})
const password = ref('')
const next = ref('')
const fields = ref<Readonly<Record<string, string>>>({})
const said = ref('')
const problem = ref('')
const busy = ref(false)

/** Which form the fields' messages belong to. */
const at = ref<'password' | 'factor' | 'passkey'>('password')

async function attempt(work: () => Promise<void>, form: typeof at.value = 'password'): Promise<void> {
  if (busy.value) return
  at.value = form
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
  await account.load()
})

const everywhere = () => attempt(async () => {
  await signedIn.signOutEverywhere()
  await navigateTo('/sign-in', { external: true })
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
        :problem="at === 'password' ? fields.password : undefined"
      />
      <TextField
        v-model="next"
        label="New password"
        name="next"
        type="password"
        autocomplete="new-password"
        hint="At least 10 characters; length protects more than symbols."
        :problem="at === 'password' ? fields.next : undefined"
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
    <SecondFactor
      :on="signedIn.me.secondFactor"
      :head="signedIn.me.role === 'headCoach'"
      :begun="account.begun"
      :recovery="account.recovery"
      :busy="busy"
      :problems="at === 'factor' ? fields : {}"
      @prepare="attempt(() => account.prepareFactor($event), 'factor')"
      @add="attempt(() => account.addFactor($event), 'factor')"
      @end="attempt(() => account.endFactor($event), 'factor')"
      @kept="account.keptCodes()"
    />
    <PasskeyList
      :passkeys="account.passkeys"
      :here="here"
      :busy="busy"
      :problems="at === 'passkey' ? fields : {}"
      @add="(name, password) => attempt(() => account.addPasskey(name, password), 'passkey')"
      @end="attempt(() => account.endPasskey($event), 'passkey')"
    />
    <RoomPage
      :readings="[account]"
      @retry="account.again"
    >
      <DeviceList
        :devices="account.devices"
        :busy="busy"
        @end="attempt(() => account.endDevice($event))"
        @everywhere="everywhere"
      />
    </RoomPage>
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
