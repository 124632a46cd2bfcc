<script setup lang="ts">
import PasswordByLink from '~/components/shell/PasswordByLink.vue'
import { usePasswordLink } from '~/composables/usePasswordLink'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Join · Keen Anchor' })

const signedIn = useSignInStore()
const { state, choose } = usePasswordLink(signedIn.useLink)

async function setPassword(next: string): Promise<void> {
  if (await choose(next)) await navigateTo('/')
}
</script>

<template>
  <PasswordByLink
    title="Welcome aboard"
    lead="Choose a password for your own sign-in."
    :busy="state.busy"
    :problem="state.problem"
    :field-problem="state.field"
    @choose="setPassword"
  />
</template>
