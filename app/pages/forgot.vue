<script setup lang="ts">
import { AppError, messageOf } from '~~/shared/errors'
import TextField from '~/components/common/TextField.vue'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Forgotten password · Keen Anchor' })

const signedIn = useSignInStore()
const email = ref('')
const asked = ref(false)
const busy = ref(true)
const problem = ref('')
onMounted(() => { busy.value = false })

async function ask(): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  try {
    await signedIn.askForReset(email.value.trim())
    asked.value = true
  }
  catch (error) {
    problem.value = (error instanceof AppError ? error.fields?.email : undefined) ?? messageOf(error)
  }
  finally {
    busy.value = false
  }
}
</script>

<template>
  <form
    class="max-w-md mx-auto p-6 md:pt-[12vh] flex flex-col gap-4"
    method="post"
    novalidate
    @submit.prevent="ask"
  >
    <p class="font-[family-name:var(--font-head)] font-bold text-xl">
      Keen Anchor
    </p>
    <h1>Forgotten password</h1>
    <p
      v-if="asked"
      role="status"
    >
      If {{ email }} has a sign-in here, a link is on its way. It works for two hours, once.
    </p>
    <template v-else>
      <TextField
        v-model="email"
        label="E-mail"
        name="email"
        type="email"
        autocomplete="username"
        :problem="problem"
      />
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        Mail me a link
      </button>
    </template>
    <NuxtLink
      to="/sign-in"
      class="underline underline-offset-2 self-start"
    >Back to the sign-in page</NuxtLink>
  </form>
</template>
