<script setup lang="ts">
import { AppError, messageOf } from '~~/shared/errors'
import { shownSince } from '~/api/keptCall'
import { line, waitingWrites, writes } from '~/api/writes'
import { newerVersion } from '~/device/version'
import { useSignInStore } from '~/stores/signIn'
import type { SignInInput } from '~~/shared/types'

/** Needed when something is amiss: a first page does not wait for them. */
const ConnectionBar = defineAsyncComponent(() => import('~/components/shell/ConnectionBar.vue'))
const SignInAgain = defineAsyncComponent(() => import('~/components/shell/SignInAgain.vue'))

const signedIn = useSignInStore()
const problem = ref('')
const asksCode = ref(false)

/** Signs in again in the middle of the work. Somebody else starts on a page of their own. */
async function again(input: SignInInput): Promise<void> {
  problem.value = ''
  try {
    if (!await signedIn.signInAgain(input)) window.location.assign('/')
  }
  catch (error) {
    asksCode.value ||= error instanceof AppError && error.code === 'codeNeeded'
    problem.value = messageOf(error)
  }
}
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
  <ClientOnly>
    <ConnectionBar
      v-if="signedIn.me"
      :writes="waitingWrites"
      :line="line"
      :since="shownSince"
      :newer="newerVersion !== null"
      @renew="newerVersion?.()"
      @retry="writes.drain()"
      @discard="writes.discard($event)"
    />
    <SignInAgain
      v-if="signedIn.ended && signedIn.me"
      :name="signedIn.me.name"
      :problem="problem"
      :asks-code="asksCode"
      @sign-in="again"
    />
  </ClientOnly>
</template>
