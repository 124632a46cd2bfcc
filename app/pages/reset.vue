<script setup lang="ts">
import PasswordByLink from '~/components/shell/PasswordByLink.vue'
import { usePasswordLink } from '~/composables/usePasswordLink'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'New password · Keen Anchor' })

const signedIn = useSignInStore()
const { state, choose } = usePasswordLink(signedIn.useLink)

async function setPassword(next: string): Promise<void> {
  if (await choose(next)) await navigateTo('/')
}
</script>

<template>
  <PasswordByLink
    title="A new password"
    lead="Every device that was signed in is signed out."
    :busy="state.busy"
    :problem="state.problem"
    :field-problem="state.field"
    @choose="setPassword"
  />
</template>
