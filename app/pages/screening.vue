<script setup lang="ts">
import type { Answers } from '~~/core/screening'
import ScreeningForm from '~/components/assessment/ScreeningForm.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import { clearedReds } from '~/words/clearedReds'
import { forget } from '~/device/kept'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAssessmentStore } from '~/stores/assessment'
import { useAthleteStore } from '~/stores/athlete'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Screening · Keen Anchor' })

const signedIn = useSignInStore()
const store = useAssessmentStore()
const catalogue = useCatalogue()
const load = (): Promise<void> => store.loadOwn(signedIn.me!.athleteId!)
onMounted(() => { if (signedIn.me?.athleteId) void load() })

const { busy, problem, attempt } = useAttempt()
const done = ref(false)
const draftKey = computed(() => `draft/screening/${signedIn.me!.athleteId!}/${store.found?.healthVersion ?? 0}`)
const alerts = useAlerts()
const today = useAthleteStore()
/** Sent over the version it began from; what it raises counts at once, and who was told is said at once. */
async function send(answers: Answers): Promise<void> {
  const id = signedIn.me!.athleteId!
  const key = draftKey.value
  done.value = await attempt(() => store.answerOwn(id, answers))
  if (!done.value) return
  forget(key)
  await Promise.all([alerts.look(), today.refreshToday(id)])
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
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <p
        v-if="done && !today.today?.stop"
        class="panel"
        role="status"
      >
        Thank you. Your coaches see what it means for your training; only they and you can read the answers.
      </p>
      <StopPanel
        v-else-if="done && today.today?.stop"
        :stop="today.today.stop"
      />
      <ScreeningForm
        v-else
        floor
        :start="store.found?.answers ?? null"
        :draft-key="draftKey"
        :cleared="store.found
          ? clearedReds(store.found.flags, store.found.clearances, store.found.raised, signedIn.me!.today) : []"
        :catalogue="catalogue"
        :busy="busy"
        :problem="problem"
        submit-text="Send my answers"
        @send="send"
      />
    </RoomPage>
  </div>
</template>
