<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { addDays, mondayOf } from '~~/core/calendar'
import type { SchoolId } from '~~/core/catalogue'
import { PHASE_IDS, PHASES, type RuleScope } from '~~/core/policy'
import type { PlanDifference } from '~~/core/programme'
import RoomPage from '~/components/common/RoomPage.vue'
import BlockList from '~/components/policy/BlockList.vue'
import LinesForm from '~/components/policy/LinesForm.vue'
import PlanChange from '~/components/policy/PlanChange.vue'
import ScopeChoice from '~/components/policy/ScopeChoice.vue'
import SchoolsTable from '~/components/policy/SchoolsTable.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import { useRulesDraft } from '~/composables/useRulesDraft'
import { useRosterStore } from '~/stores/roster'
import { useRulesStore } from '~/stores/rules'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Schools and blocks · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useRulesStore()
const catalogue = useCatalogue()
const { rows, groups } = storeToRefs(roster)
const route = useRoute()

const { plan: editable, govern: isHead } = useMay()
const nextMonday = computed(() => addDays(mondayOf(signedIn.me!.today), 7))

interface Scope { key: string, scope: RuleScope, scopeId: string, name: string }
const scopeOf = (kind: RuleScope, scopeId: string, name: string): Scope =>
  ({ key: `${kind}/${scopeId}`, scope: kind, scopeId, name })
const organisation = scopeOf('organisation', 'all', 'the organisation')
const scopes = computed((): { label: string, options: Scope[] }[] => [
  ...(isHead.value ? [{ label: 'Everybody', options: [organisation] }] : []),
  { label: 'Groups', options: groups.value.map(g => scopeOf('group', g.id, g.name)) },
  ...(isHead.value ? [{ label: 'Phases', options: PHASE_IDS.map(id => scopeOf('phase', id, PHASES[id].name)) }] : []),
  { label: 'Athletes', options: rows.value.map(r => scopeOf('athlete', r.athlete.id, r.athlete.name)) },
])
const chosenKey = ref(String(route.query.for ?? ''))
const scope = computed((): Scope =>
  scopes.value.flatMap(g => g.options).find(s => s.key === chosenKey.value) ?? scopes.value[0]?.options[0]
    ?? organisation
)
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
        <section
          v-if="changed || told"
          class="panel border-signal sticky bottom-0 z-10 max-h-[46vh] overflow-y-auto"
          aria-label="What changes"
        >
          <p
            v-if="told"
            role="status"
          >
            {{ told }}
          </p>
          <template v-if="changed">
            <PlanChange
              :name="shownFor"
              :lines="lines"
              :difference="difference"
            />
            <p
              v-if="problem"
              class="caution mt-2"
              role="alert"
            >
              {{ problem }}
            </p>
            <div class="flex flex-wrap gap-3 mt-2">
              <button
                type="button"
                class="btn"
                :disabled="busy || !example"
                @click="show"
              >
                What would change for {{ example?.name ?? 'nobody' }}?
              </button>
              <button
                type="button"
                class="btn btn-main"
                :disabled="busy"
                @click="accept"
              >
                Settle it for {{ scope.name }}
              </button>
              <button
                type="button"
                class="btn"
                :disabled="busy"
                @click="draft = now"
              >
                Leave it as it is
              </button>
            </div>
          </template>
        </section>
      </template>
    </RoomPage>
  </div>
</template>
