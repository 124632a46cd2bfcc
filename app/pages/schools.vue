<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { addDays, mondayOf } from '~~/core/calendar'
import type { SchoolId } from '~~/core/catalogue'
import type { PlanDifference } from '~~/core/programme'
import RoomPage from '~/components/common/RoomPage.vue'
import BlockList from '~/components/policy/BlockList.vue'
import LinesForm from '~/components/policy/LinesForm.vue'
import ScopeChoice from '~/components/policy/ScopeChoice.vue'
import SchoolsTable from '~/components/policy/SchoolsTable.vue'
import SettleBar from '~/components/policy/SettleBar.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { useRuleScopes } from '~/composables/useRuleScopes'
import { useRulesDraft } from '~/composables/useRulesDraft'
import { useRosterStore } from '~/stores/roster'
import { useRulesStore } from '~/stores/rules'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Schools and blocks · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useRulesStore()
const catalogue = useCatalogue()
const { rows } = storeToRefs(roster)

const { plan: editable } = useMay()
const nextMonday = computed(() => addDays(mondayOf(signedIn.me!.today), 7))

const { scopes, chosenKey, scope } = useRuleScopes()
const { now, draft, changed, inherited, lines, differenceFor } = useRulesDraft(
  computed(() => store.all), scope, nextMonday,
)

const difference = shallowRef<PlanDifference | null>(null)
const shownFor = ref('')
const { busy, problem, attempt } = useAttempt()
const told = ref('')
watch([draft, scope], () => { difference.value = null; told.value = '' })

onMounted(async () => { await Promise.all([roster.load(), store.load()]) })

/** The athlete whose week shows what a change does: the one it is for, or the first it reaches. */
const example = computed(() => {
  const { scope: kind, scopeId } = scope.value
  if (kind === 'athlete') return rows.value.find(r => r.athlete.id === scopeId)?.athlete ?? null
  return rows.value.find(r => kind !== 'group' || r.athlete.groupIds.includes(scopeId))?.athlete ?? null
})

const show = () => attempt(async () => {
  if (!example.value) return
  const sheet = await store.exampleOf(example.value.id, nextMonday.value)
  difference.value = differenceFor(sheet, catalogue.value)
  shownFor.value = example.value.name
})
const accept = () => attempt(async () => {
  const rules = draft.value
  await store.save(scope.value.scope, scope.value.scopeId, () => rules)
  told.value = `Settled for ${scope.value.name}. Weeks that are planned from now on follow it; assigned ones stay.`
})
const choose = (school: SchoolId | null): void => { draft.value = { ...draft.value, school, lines: {} } }
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-3">
      <h1>Schools and blocks</h1>
      <p class="text-quiet">
        Ways of dosing trunk work, side by side. Pick one for everybody, a phase, a group or an athlete; any line can
        differ.
      </p>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <ScopeChoice
        v-if="editable"
        class="mb-3"
        :scopes="scopes"
        :chosen="scope.key"
        :rules="now"
        @choose="chosenKey = $event"
      />
      <section
        class="panel mb-4"
        aria-label="Schools side by side"
      >
        <SchoolsTable
          :school="draft.school"
          @choose="choose"
        />
      </section>
      <template v-if="editable">
        <section class="panel mb-4">
          <h2>Blocks of weeks</h2>
          <p
            v-if="scope.scope !== 'group' && scope.scope !== 'athlete'"
            class="text-quiet"
          >
            Blocks belong to a group or an athlete.
          </p>
          <BlockList
            v-else
            :model-value="draft.blocks"
            :today="signedIn.me.today"
            @update:model-value="draft = { ...draft, blocks: $event }"
          />
        </section>
        <section class="panel mb-4">
          <h2>Lines for {{ scope.name }}</h2>
          <LinesForm
            v-model="draft"
            :inherited="inherited"
          />
        </section>
        <SettleBar
          v-if="changed || told"
          :scope="scope.name"
          :example="example?.name ?? null"
          :changed="changed"
          :told="told"
          :lines="lines"
          :difference="difference"
          :shown-for="shownFor"
          :busy="busy"
          :problem="problem"
          @show="show"
          @accept="accept"
          @leave="draft = now"
        />
      </template>
    </RoomPage>
  </div>
</template>
