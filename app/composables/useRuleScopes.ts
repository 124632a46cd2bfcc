import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import { PHASE_IDS, PHASES, type RuleScope } from '~~/core/policy'
import { useRosterStore } from '~/stores/roster'
import { useMay } from './useMay'

interface Scope { key: string, scope: RuleScope, scopeId: string, name: string }
const scopeOf = (kind: RuleScope, scopeId: string, name: string): Scope =>
  ({ key: `${kind}/${scopeId}`, scope: kind, scopeId, name })
const organisation = scopeOf('organisation', 'all', 'the organisation')

/** Whom a rule may be settled for by whoever is signed in, and for whom it is now: the address may name one. */
export function useRuleScopes() {
  const { rows, groups } = storeToRefs(useRosterStore())
  const { govern: isHead } = useMay()
  const route = useRoute()
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

  return { scopes, chosenKey, scope }
}
