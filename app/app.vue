<script setup lang="ts">
import { messageOf } from '~~/shared/errors'
import ConnectionBar from '~/components/shell/ConnectionBar.vue'
import SignInAgain from '~/components/shell/SignInAgain.vue'
import { line, waitingWrites, writes } from '~/api/writes'
import { useSessionStore } from '~/stores/session'
import type { SignInInput } from '~~/shared/types'

const session = useSessionStore()
const problem = ref('')

/** Signs in again in the middle of the work. Somebody else starts on a page of their own. */
async function again(input: SignInInput): Promise<void> {
  problem.value = ''
  try {
    if (!await session.signInAgain(input)) window.location.assign('/')
  }
  catch (error) {
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
      v-if="session.me"
      :writes="waitingWrites"
      :line="line"
      @retry="writes.drain()"
      @discard="writes.discard($event)"
    />
    <SignInAgain
      v-if="session.ended && session.me"
      :name="session.me.name"
      :problem="problem"
      @sign-in="again"
    />
  </ClientOnly>
</template>
