<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { storedFirst } from '~~/shared/errors'
import type { Athlete, AthleteInput } from '~~/shared/types'
import type { Equipment } from '~~/core/catalogue'
import type { Choices } from '~~/core/merge'
import { forget } from '~/device/kept'
import AthleteForm from '~/components/athlete/AthleteForm.vue'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { athleteClash, inputOf } from '~/words/athleteWords'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAthleteStore } from '~/stores/athlete'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'

definePageMeta({ only: 'plan' })
useHead({ title: 'Edit athlete · Keen Anchor' })

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useAthleteStore()
const catalogue = useCatalogue()
const id = String(route.params.id)
const { busy, problem, fields, attempt } = useAttempt()

const facility = useFacilityStore()
const gym = computed(() => Object.keys(facility.counts) as Equipment[])
onMounted(() => Promise.all([store.load(id), roster.load(), facility.load()]))

const draftKey = `draft/athlete/${id}`
const clash = shallowRef<ReturnType<typeof athleteClash> & { who: string, version: number } | null>(null)

function done(): Promise<unknown> {
  forget(draftKey)
  return Promise.resolve(navigateTo(`/athletes/${id}`))
}

/** Stores over the version the form started from; another coach's changes meet it field by field. */
async function save(athlete: AthleteInput, base: { version: number, start: AthleteInput }): Promise<void> {
  const stored = await attempt(() =>
    roster.save(id, base.version, athlete).catch((error: unknown) => {
      const current = storedFirst<Athlete>(error)
      if (!current) throw error
      const found = athleteClash(
        base.start, athlete, inputOf(current), roster.groups, session.me!.units, catalogue.value,
      )
      if (found.rows.length === 0) return roster.save(id, current.version, found.chosen({}))
      clash.value = { ...found, who: current.changedBy ?? 'Somebody else', version: current.version }
      return null
    })
  )
  if (stored && !clash.value) await done()
}

async function choose(choices: Choices): Promise<void> {
  const { chosen, version } = clash.value!
  clash.value = null
  if (await attempt(() => roster.save(id, version, chosen(choices)))) await done()
}

/** The form as it is stored. */
const round = ref(0)
function startOver(): void {
  round.value += 1
}
</script>

<template>
  <div v-if="session.me">
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="store.athlete">
        <h1 class="mb-3">
          {{ store.athlete.name }}
        </h1>
        <p
          v-if="problem"
          class="caution mb-3"
          role="alert"
        >
          {{ problem }}
        </p>
        <AthleteForm
          :key="round"
          :start="inputOf(store.athlete)"
          :groups="roster.groups"
          :gym="gym"
          :units="session.me.units"
          :busy="busy"
          :server-fields="fields"
          submit-text="Save"
          :draft-key="draftKey"
          :version="store.athlete.version"
          @save="save"
          @start-over="startOver"
          @add-group="name => attempt(() => roster.addGroup({ id: newKey(), name }))"
          @cancel="done"
        />
        <ConflictChoice
          v-if="clash"
          :who="clash.who"
          :subject="store.athlete.name"
          :rows="clash.rows"
          :others="clash.others"
          @choose="choose"
        />
      </template>
    </RoomPage>
  </div>
</template>
