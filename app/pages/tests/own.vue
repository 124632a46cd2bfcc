<script setup lang="ts">
import { TEST_UNIT_WORDS, type OwnTest } from '~~/core/assessment'
import { ACTION_FACTS } from '~~/core/catalogue'
import { AppError, messageOf } from '~~/shared/errors'
import OwnTestForm from '~/components/assessment/OwnTestForm.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import { useSignInStore } from '~/stores/signIn'
import { forget } from '~/device/kept'
import { useTestsStore } from '~/stores/tests'
import { useMay } from '~/composables/useMay'

useHead({ title: 'Tests of your own · Keen Anchor' })

const signedIn = useSignInStore()
const store = useTestsStore()
onMounted(store.load)
const { plan: editable } = useMay()

/** What is written just now: a test, or a new one. */
const editing = ref<OwnTest | 'new' | null>(null)
const busy = ref(false)
const problem = ref('')
const problems = ref<Record<string, string>>({})

/** Field messages without the place in the list that they carry: "tests.2.name" is "name" here. */
function fieldsOf(error: unknown): Record<string, string> {
  if (!(error instanceof AppError) || !error.fields) return { all: messageOf(error) }
  const found = Object.fromEntries(Object.entries(error.fields).map(([path, text]) => [path.split('.').at(-1)!, text]))
  // The key is made from the name: whoever types sees the name.
  const { id: key, ...rest } = found
  return key && !rest.name ? { ...rest, name: 'A name needs letters or digits.' } : rest
}
async function save(test: OwnTest): Promise<void> {
  if (busy.value) return
  busy.value = true
  problems.value = {}
  problem.value = ''
  const { tests } = store.stored
  try {
    await store.save(editing.value === 'new' ? [...tests, test] : tests.map(t => (t.id === test.id ? test : t)))
    forget(`draft/own-test/${editing.value === 'new' ? 'new' : test.id}`)
    editing.value = null
  }
  catch (error) {
    problems.value = fieldsOf(error)
    if (!editing.value) problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}
const open = (test: OwnTest | 'new'): void => {
  problems.value = {}
  editing.value = test
}
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
      <h1>Tests of your own</h1>
      <p class="text-quiet mr-auto">
        On the desk, in files, sides and weak links like the standard ones. No norms: nobody else has measured them.
      </p>
      <button
        v-if="editable && !editing"
        type="button"
        class="btn btn-main"
        @click="open('new')"
      >
        Write a test
      </button>
      <NuxtLink
        to="/tests"
        class="btn"
      >
        Test desk
      </NuxtLink>
    </header>
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <OwnTestForm
        v-if="editing"
        :key="editing === 'new' ? 'new' : editing.id"
        :test="editing === 'new' ? null : editing"
        :problems="problems"
        :busy="busy"
        @save="save"
        @back="editing = null"
      />
      <StatePanel
        v-else-if="store.stored.tests.length === 0"
        state="empty"
        text="None yet. A test of your own is a name, a unit, how it is set up and what ends it."
      />
      <ul
        v-else
        class="panel max-w-4xl"
      >
        <li
          v-for="test in store.stored.tests"
          :key="test.id"
          class="flex flex-wrap items-baseline gap-x-3 border-b border-line/60 py-1.5"
          :class="test.retired ? 'text-quiet' : ''"
        >
          <span class="mr-auto">
            <b>{{ test.name }}</b>{{ test.retired ? ', retired' : '' }}
            <span class="text-quiet">{{ TEST_UNIT_WORDS[test.unit] }},
              {{ test.sides === 'each' ? 'each side' : 'both sides at once' }}{{ test.better === 'less'
                ? ', less is better' : '' }}{{ test.action ? `, to ${ACTION_FACTS[test.action].label}` : '' }}</span>
            <span class="block text-quiet text-[0.92em]">{{ test.setUp }} Ends:
              {{ test.stop.replace(/^./, c => c.toLowerCase()) }}</span>
          </span>
          <template v-if="editable">
            <button
              type="button"
              class="btn"
              :aria-label="`Change ${test.name}`"
              @click="open(test)"
            >
              Change
            </button>
            <button
              type="button"
              class="btn"
              :disabled="busy"
              :aria-label="`${test.retired ? 'Offer' : 'Retire'} ${test.name}`"
              @click="save({ ...test, retired: !test.retired })"
            >
              {{ test.retired ? 'Offer again' : 'Retire' }}
            </button>
          </template>
        </li>
      </ul>
    </RoomPage>
  </div>
</template>
