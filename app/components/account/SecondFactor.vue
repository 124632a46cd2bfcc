<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'
import type { FactorBegun } from '~~/shared/types'
import CodePicture from './CodePicture.vue'

/** A code besides the password: setting an app up, the codes for when it is lost, and taking it away. */
const props = defineProps<{
  on: boolean
  head: boolean
  begun: FactorBegun | null
  recovery: readonly string[]
  busy: boolean
  problems: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ prepare: [password: string], add: [code: string], end: [password: string], kept: [] }>()
const password = ref('')
const code = ref('')
const step = computed(() => (props.recovery.length > 0 ? 'recovery' : props.begun ? 'begun' : props.on ? 'on' : 'off'))

function submit(): void {
  if (step.value === 'recovery') emit('kept')
  else if (step.value === 'begun') emit('add', code.value)
  else if (step.value === 'on') emit('end', password.value)
  else emit('prepare', password.value)
}
watch(step, () => {
  password.value = ''
  code.value = ''
})
const BUTTONS = {
  off: 'Set up an app', begun: 'Ask for codes from now on', recovery: 'I have kept them', on: 'Take it away',
} as const
</script>

<template>
  <form
    class="panel flex flex-col gap-3"
    novalidate
    aria-labelledby="second-factor"
    @submit.prevent="submit"
  >
    <h2 id="second-factor">
      Second factor
    </h2>
    <template v-if="step === 'off'">
      <p>
        A password can be guessed or read over a shoulder. With a second factor signing in asks for a code from an app
        on your phone besides.
        <b v-if="head">Your sign-in opens everything here: please set one up.</b>
      </p>
    </template>
    <template v-else-if="begun && step === 'begun'">
      <ol class="list-decimal pl-5">
        <li>Open an app that makes sign-in codes on your phone.</li>
        <li>Let it read this picture, or type the key in.</li>
        <li>Type the code that it shows.</li>
      </ol>
      <CodePicture
        :text="begun.uri"
        label="The key as a picture for the app; it stands below in letters, too"
      />
      <p>
        Key: <span class="figure break-all">{{ begun.secret.replace(/(.{4})(?=.)/g, '$1 ') }}</span>
      </p>
      <TextField
        v-model="code"
        label="Code"
        name="factor-code"
        inputmode="numeric"
        autocomplete="one-time-code"
        figure
        :problem="problems.code"
      />
    </template>
    <template v-else-if="step === 'recovery'">
      <p>
        <b>From now on signing in asks for a code.</b> Each of these signs you in once if the phone is lost. Write them
        down where only you find them: they are not shown again.
      </p>
      <ul
        aria-label="Recovery codes"
        class="figure grid grid-cols-2 gap-x-4"
      >
        <li
          v-for="one of recovery"
          :key="one"
        >
          {{ one }}
        </li>
      </ul>
    </template>
    <template v-else>
      <p>Signing in asks for a code from your app.</p>
    </template>
    <TextField
      v-if="step === 'off' || step === 'on'"
      v-model="password"
      label="Present password"
      name="factor-password"
      type="password"
      autocomplete="current-password"
      :problem="problems.password"
    />
    <button
      type="submit"
      class="btn self-start"
      :class="step === 'on' ? '' : 'btn-main'"
      :disabled="busy"
    >
      {{ BUTTONS[step] }}
    </button>
  </form>
</template>
