<script setup lang="ts">
import type { Answers } from '~~/core/screening'
import { sendAnswers } from '~/api/assessment'
import ScreeningForm from '~/components/assessment/ScreeningForm.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAssessmentStore } from '~/stores/assessment'
import { useSessionStore } from '~/stores/session'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Screening · Keen Anchor' })

const session = useSessionStore()
const store = useAssessmentStore()
const catalogue = useCatalogue()
const load = (): Promise<void> => store.loadOwn(session.me!.athleteId!)
onMounted(() => { if (session.me?.athleteId) void load() })

const { busy, problem, attempt } = useAttempt()
const done = ref(false)
async function send(answers: Answers): Promise<void> {
  done.value = await attempt(() => sendAnswers(session.me!.athleteId!, answers))
}
</script>

<template>
  <div class="max-w-md mx-auto p-4 text-[1.05rem]">
    <p class="mb-2">
      <NuxtLink
        to="/today"
        class="btn min-h-[48px]"
      >
        Back to today
      </NuxtLink>
    </p>
    <h1 class="mb-2">
      Before you train
    </h1>
    <StatePanel
      v-if="store.state === 'failed'"
      state="failed"
      :text="store.problem"
      @retry="load"
    />
    <StatePanel
      v-else-if="store.state !== 'ready'"
      state="loading"
    />
    <p
      v-else-if="done"
      class="panel"
      role="status"
    >
      Thank you. Your coaches see what it means for your training; only they and you can read the answers.
    </p>
    <ScreeningForm
      v-else
      floor
      :start="store.found?.answers ?? null"
      :catalogue="catalogue"
      :busy="busy"
      :problem="problem"
      submit-text="Send my answers"
      @send="send"
    />
  </div>
</template>
