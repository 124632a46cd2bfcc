<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { addDays, mondayOf } from '~~/core/calendar'
import { SPORT_PROFILES } from '~~/core/programme'
import { AppError, messageOf } from '~~/shared/errors'
import { screenOf } from '~~/shared/planningContext'
import AthleteTabs from '~/components/athlete/AthleteTabs.vue'
import DataPanel from '~/components/athlete/DataPanel.vue'
import FlagConsequences from '~/components/athlete/FlagConsequences.vue'
import InviteForm from '~/components/athlete/InviteForm.vue'
import LadderStanding from '~/components/athlete/LadderStanding.vue'
import ProfilePanel from '~/components/athlete/ProfilePanel.vue'
import ReviewPanel from '~/components/athlete/ReviewPanel.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import PainPanel from '~/components/safety/PainPanel.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { saveAsFile } from '~/files/saveAsFile'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { useAthleteStore } from '~/stores/athlete'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'

const route = useRoute()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAthleteStore()
const catalogue = useCatalogue()
const problem = ref('')

const id = computed(() => String(route.params.id))
const athlete = computed(() => store.athlete)
const { plan: editable, govern } = useMay()
const screen = computed(() => (athlete.value ? screenOf(athlete.value, signedIn.me!.today, catalogue.value) : null))
useHead({ title: () => `${athlete.value?.name ?? 'Athlete'} · Keen Anchor` })

const load = (): Promise<void> => store.loadPage(id.value, addDays(mondayOf(signedIn.me!.today), -28))
watch(id, () => {
  roster.opened(id.value)
  void load()
}, { immediate: import.meta.client })

async function archive(archived: boolean): Promise<void> {
  problem.value = ''
  try {
    store.athlete = await roster.archive(athlete.value!, archived)
  }
  catch (error) {
    problem.value = messageOf(error)
  }
}

const giving = reactive({ busy: false, problem: '', fields: {} as Readonly<Record<string, string>> })
// One key for the account to be: inviting twice makes one account.
const accountId = newKey()

async function invite(email: string): Promise<void> {
  const { athleteInvitationSchema, fieldMessages } = await import('~~/shared/schemas')
  const invitation = { id: accountId, email }
  Object.assign(giving, { busy: true, problem: '', fields: fieldMessages(athleteInvitationSchema, invitation) ?? {} })
  try {
    if (Object.keys(giving.fields).length > 0) return
    store.athlete = await roster.invite(athlete.value!, invitation)
  }
  catch (error) {
    giving.fields = error instanceof AppError ? error.fields ?? {} : {}
    if (Object.keys(giving.fields).length === 0) giving.problem = messageOf(error)
  }
  finally {
    giving.busy = false
  }
}

const deciding = useAttempt()
useAlerts(() => store.refresh(id.value))

const erasing = reactive({ busy: false, problem: '' })

async function erase(typed: string): Promise<void> {
  Object.assign(erasing, { busy: true, problem: '' })
  try {
    await roster.erase(athlete.value!, typed)
    await navigateTo('/roster')
  }
  catch (error) {
    erasing.problem = messageOf(error)
  }
  finally {
    erasing.busy = false
  }
}

/** Saves everything about the athlete as a file. */
async function exportAll(): Promise<void> {
  problem.value = ''
  try {
    const text = JSON.stringify(await roster.exportOf(id.value), null, 2)
    saveAsFile(`${athlete.value!.name.replace(/\W+/g, '-').toLowerCase()}.json`, text, 'application/json')
  }
  catch (error) {
    problem.value = messageOf(error)
  }
}
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="athlete && screen">
        <header class="flex flex-wrap items-baseline gap-x-4 gap-y-2 mb-3">
          <h1>{{ athlete.name }}</h1>
          <p class="text-quiet mr-auto">
            {{ [SPORT_PROFILES[athlete.sport].name, athlete.position].filter(Boolean).join(', ') }}
            <b
              v-if="athlete.archived"
              class="text-signal-ink"
            > · archived</b>
          </p>
          <NuxtLink
            v-if="store.today?.session"
            class="btn"
            :to="`/run/${store.today.session.id}`"
          >Run today's session</NuxtLink>
          <NuxtLink
            class="btn btn-main"
            :to="`/week/${athlete.id}?start=${mondayOf(signedIn.me.today)}`"
          >Week sheet</NuxtLink>
          <template v-if="editable">
            <NuxtLink
              class="btn"
              :to="`/athletes/${athlete.id}/edit`"
            >Edit</NuxtLink>
            <button
              type="button"
              class="btn"
              @click="archive(!athlete.archived)"
            >
              {{ athlete.archived ? 'Bring back' : 'Archive' }}
            </button>
          </template>
        </header>
        <AthleteTabs :id="id" />
        <p
          v-if="problem"
          class="caution mb-3"
          role="alert"
        >
          {{ problem }}
        </p>
        <div class="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-4">
          <div class="flex flex-col gap-4">
            <ProfilePanel
              :athlete="athlete"
              :units="signedIn.me.units"
            />
            <PainPanel
              v-if="athlete.health.pain.length > 0"
              :key="athlete.id"
              :athlete-id="athlete.id"
              :pain="athlete.health.pain"
              :catalogue="catalogue"
              :editable="editable"
              :busy="deciding.busy.value"
              :fields="deciding.fields.value"
              @decide="input => deciding.attempt(() => store.decidePain(id, input))"
            />
            <FlagConsequences
              class="panel"
              :flags="screen.flags"
              :screen="screen"
            />
            <section
              v-if="editable"
              class="panel"
            >
              <h2>Sign-in for the athlete's phone</h2>
              <InviteForm
                :key="athlete.id"
                :athlete="athlete"
                :busy="giving.busy"
                :problem="giving.problem"
                :fields="giving.fields"
                @invite="invite"
              />
            </section>
            <LadderStanding
              class="panel"
              :screen="screen"
            />
            <DataPanel
              v-if="govern"
              :key="athlete.id"
              class="panel"
              :name="athlete.name"
              :athlete-id="athlete.id"
              :busy="erasing.busy"
              :problem="erasing.problem"
              @export="exportAll"
              @erase="erase"
            />
          </div>
          <ReviewPanel
            v-if="store.history"
            class="panel self-start"
            :history="store.history"
          />
        </div>
      </template>
    </RoomPage>
  </div>
</template>
