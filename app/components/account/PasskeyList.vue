<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'
import { dayMonth } from '~/words/inWords'
import type { Passkey } from '~~/shared/types'

/** Devices that sign in with a key of their own instead of a password. */
const props = defineProps<{
  passkeys: readonly Passkey[]
  /** Whether this device can have one. */
  here: boolean
  busy: boolean
  problems: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ add: [name: string, password: string], end: [id: string] }>()
const name = ref('')
const password = ref('')
watch(() => props.passkeys.length, () => {
  name.value = ''
  password.value = ''
})
const day = (at: string): string => dayMonth(at.slice(0, 10))
</script>

<template>
  <form
    class="panel flex flex-col gap-3"
    novalidate
    aria-labelledby="passkeys"
    @submit.prevent="emit('add', name.trim(), password)"
  >
    <h2 id="passkeys">
      Passkeys
    </h2>
    <p>
      A device that you unlock by finger, face or its own code can sign in without a password: nothing that could be
      guessed or given to a false page.
    </p>
    <ul
      v-if="passkeys.length > 0"
      aria-label="Your passkeys"
      class="flex flex-col divide-y divide-line"
    >
      <li
        v-for="one of passkeys"
        :key="one.id"
        class="flex items-center gap-3 py-1.5 min-h-[48px]"
      >
        <p class="mr-auto">
          {{ one.name }}<br>
          <span class="text-quiet">made {{ day(one.madeAt) }}, {{ one.usedAt ? `last used ${day(one.usedAt)}`
            : 'not used yet' }}</span>
        </p>
        <button
          type="button"
          class="btn"
          :disabled="busy"
          :aria-label="`Take away: ${one.name}`"
          @click="emit('end', one.id)"
        >
          Take away
        </button>
      </li>
    </ul>
    <template v-if="here">
      <TextField
        v-model="name"
        label="What you call this device"
        name="passkey-name"
        :problem="problems.name"
      />
      <TextField
        v-model="password"
        label="Present password"
        name="passkey-password"
        type="password"
        autocomplete="current-password"
        :problem="problems.password"
      />
      <button
        type="submit"
        class="btn self-start"
        :disabled="busy"
      >
        Make a passkey on this device
      </button>
    </template>
    <p
      v-else
      class="text-quiet"
    >
      This browser, or this address, can have none: it takes a safe line (https) and a name instead of numbers.
    </p>
  </form>
</template>
