<script setup lang="ts">
import type { Answers, Clearance } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import { screenOf } from '~~/shared/planningContext'
import { messageOf } from '~/api/call'
import AthleteTabs from '~/components/athlete/AthleteTabs.vue'
import FlagConsequences from '~/components/athlete/FlagConsequences.vue'
import ClearanceList from '~/components/assessment/ClearanceList.vue'
import ScreeningForm from '~/components/assessment/ScreeningForm.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { longDay } from '~/composables/useWords'
import { useAssessmentStore } from '~/stores/assessment'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useAssessmentStore()
const catalogue = useCatalogue()
const id = computed(() => String(route.params.id))
const editable = computed(() => session.me?.role === 'headCoach' || session.me?.role === 'coach')
watch(id, () => {
  roster.lastAthleteId = id.value
  void store.load(id.value)
}, { immediate: import.meta.client })
useHead({ title: () => `Screening, ${store.athlete?.name ?? ''} · Keen Anchor` })
const screen = computed(() => screenOf(store.athlete!, session.me!.today, catalogue.value))

const busy = ref(false)
const problem = ref('')
const said = ref('')
const fields = ref<Readonly<Record<string, string>>>({})
async function attempt(work: () => Promise<void>, done: string): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = said.value = ''
  fields.value = {}
  try {
    await work()
    said.value = done
  }
  catch (error) {
    fields.value = error instanceof AppError ? error.fields ?? {} : {}
    if (Object.keys(fields.value).length === 0) problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}
const answer = (answers: Answers) => attempt(() => store.answer(id.value, answers), 'Answers stored.')
const clear = (clearance: Clearance) => attempt(() => store.clear(id.value, clearance), 'Clearance written down.')
const withdraw = (key: string) => attempt(() => store.withdrawClearance(id.value, key), 'Clearance withdrawn.')
</script>

<template>
  <div v-if="session.me">
    <StatePanel
      v-if="store.state === 'failed'"
      state="failed"
      :text="store.problem"
      @retry="store.load(id)"
    />
    <StatePanel
      v-else-if="store.state !== 'ready' || store.athlete?.id !== id || !store.found"
      state="loading"
    />
    <template v-else>
      <h1 class="mb-1">
        {{ store.athlete.name }}
      </h1>
      <AthleteTabs :id="id" />
      <p
        v-if="said"
        class="mb-2"
        role="status"
      >
        <b>{{ said }}</b>
      </p>
      <div class="grid lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-4 items-start">
        <section
          v-if="editable"
          class="panel"
        >
          <h2>Questions</h2>
          <p class="text-quiet mb-2">
            {{ store.athlete.screenedOn ? `Last answered on ${longDay(store.athlete.screenedOn)}.` : 'Not answered yet: the athlete can do it on the phone.' }}
            A coach’s answers are the last word on the flags.
          </p>
          <ScreeningForm
            :key="`${id}/${store.athlete.version}`"
            :start="store.found.answers ?? (store.athlete.flags.length > 0 ? Object.fromEntries(store.athlete.flags.map(flag => [flag, true])) : null)"
            :catalogue="catalogue"
            :busy="busy"
            :problem="problem"
            submit-text="Store the answers"
            @send="answer"
          />
        </section>
        <div class="flex flex-col gap-4">
          <FlagConsequences
            class="panel"
            :flags="screen.flags"
            :screen="screen"
          />
          <ClearanceList
            v-if="editable"
            class="panel"
            :flags="store.athlete.flags"
            :clearances="store.athlete.clearances"
            :today="session.me.today"
            :editable="editable"
            :busy="busy"
            :fields="fields"
            @add="clear"
            @withdraw="withdraw"
          />
        </div>
      </div>
    </template>
  </div>
</template>
