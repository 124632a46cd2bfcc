<script setup lang="ts">
import type { Answers, Clearance, FlagId } from '~~/core/screening'
import { storedFirst } from '~~/shared/errors'
import AthleteRoom from '~/components/athlete/AthleteRoom.vue'
import FlagConsequences from '~/components/athlete/FlagConsequences.vue'
import ClearanceList from '~/components/assessment/ClearanceList.vue'
import ScreeningForm from '~/components/assessment/ScreeningForm.vue'
import ScreeningConflict from '~/components/safety/ScreeningConflict.vue'
import { clearedReds } from '~/words/clearedReds'
import { forget } from '~/device/kept'
import { useAlerts } from '~/composables/useAlerts'
import { useAthleteRoom } from '~/composables/useAthleteRoom'
import { useAttempt } from '~/composables/useAttempt'
import { longDay } from '~/words/inWords'

const { id, editable, load, reading, screen, signedIn, store, catalogue } = useAthleteRoom('Screening')
const { busy, problem, fields, attempt } = useAttempt()
const said = ref('')
async function tell(work: () => Promise<void>, done: string): Promise<void> {
  said.value = ''
  if (await attempt(work)) said.value = done
}
/** Two forms that met: what was sent here, and what is stored now. */
const met = shallowRef<
  {
    readonly mine: Answers
    readonly current: {
      readonly answers: Answers | null
      readonly flags: readonly FlagId[]
      readonly version: number
      readonly changedBy: string | null
    }
  } | null
>(null)
const draftKey = computed(() => `draft/screening/${id.value}/${store.found!.healthVersion}`)
const answer = (answers: Answers, version = store.found!.healthVersion) =>
  tell(async () => {
    const key = draftKey.value
    try {
      await store.answer(id.value, version, answers)
      forget(key)
      met.value = null
      typed.value = false
    }
    catch (error) {
      const current = storedFirst<NonNullable<typeof met.value>['current']>(error)
      if (current) met.value = { mine: answers, current }
      throw error
    }
  }, 'Answers stored.')
async function drop(): Promise<void> {
  met.value = null
  typed.value = false
  await load()
}
/** What a coach has begun to answer is not read over: it meets what is stored when it is sent. */
const typed = ref(false)
watch(id, () => { typed.value = false })
useAlerts(() => (met.value || typed.value ? undefined : load()))
const cleared = computed(() =>
  clearedReds(store.athlete!.flags, store.athlete!.clearances, store.athlete!.health.raised, signedIn.me!.today)
)
const clear = (clearance: Clearance) => tell(() => store.clear(id.value, clearance), 'Clearance written down.')
const withdraw = (key: string) => tell(() => store.withdrawClearance(id.value, key), 'Clearance withdrawn.')
</script>

<template>
  <AthleteRoom
    v-if="signedIn.me"
    :id="id"
    :name="store.athlete?.name ?? ''"
    :reading="reading"
    @retry="load"
  >
    <p
      v-if="said"
      class="mb-2"
      role="status"
    >
      <b>{{ said }}</b>
    </p>
    <ScreeningConflict
      v-if="met"
      class="mb-3"
      :who="met.current.changedBy ?? 'Somebody else'"
      :mine="met.mine"
      :theirs="met.current.answers"
      :flags="met.current.flags"
      :busy="busy"
      @choose="answers => answer(answers, met!.current.version)"
      @drop="drop"
    />
    <div class="grid lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-4 items-start">
      <section
        v-if="editable"
        class="panel"
      >
        <h2>Questions</h2>
        <p class="text-quiet mb-2">
          {{ store.athlete!.screenedOn ? `Last answered on ${longDay(store.athlete!.screenedOn)}.`
            : 'Not answered yet: the athlete can do it on the phone.' }}
          A coach’s answers are the last word on the flags, but for red ones: they leave by a clearance.
        </p>
        <p
          v-if="store.found!.answersClosed"
          class="caution"
        >
          Under 18: health questions are for head coaches and the coaches they have named on the athlete’s page. The
          athlete can answer them on the phone.
        </p>
        <ScreeningForm
          v-else
          :key="`${id}/${store.athlete!.version}`"
          :start="store.found!.answers ?? (store.athlete!.flags.length > 0
            ? Object.fromEntries(store.athlete!.flags.map(flag => [flag, true])) : null)"
          :draft-key="draftKey"
          :cleared="cleared"
          :catalogue="catalogue"
          :busy="busy"
          :problem="Object.keys(fields).length === 0 && !met ? problem : ''"
          submit-text="Store the answers"
          @send="answer"
          @typed="typed = true"
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
          :athlete-id="id"
          :flags="store.athlete!.flags"
          :clearances="store.athlete!.clearances"
          :today="signedIn.me.today"
          :editable="editable"
          :busy="busy"
          :fields="fields"
          @add="clear"
          @withdraw="withdraw"
        />
      </div>
    </div>
  </AthleteRoom>
</template>
