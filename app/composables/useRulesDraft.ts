import { computed, shallowRef, watch, type Ref } from 'vue'
import { policyChanges, weekRules, NO_RULES, type PlanningRules, type RuleScope, type RulesLayer } from '~~/core/policy'
import { comparePlans, proposeWeek, weekLedger, weeklyTargets, type WeekPlan } from '~~/core/programme'
import type { Catalogue } from '~~/core/catalogue'
import { planningContext } from '~~/shared/planningContext'
import type { StoredRules, WeekSheet } from '~~/shared/types'

/** Rules of one scope while they are changed, with what the change would do; nothing is stored by it. */
export function useRulesDraft(
  stored: Ref<readonly StoredRules[]>, scope: Ref<{ scope: RuleScope, scopeId: string, name: string }>,
  startsOn: Ref<string>,
) {
  const now = computed(() =>
    stored.value.find(r => r.scope === scope.value.scope && r.scopeId === scope.value.scopeId)?.rules ?? NO_RULES
  )
  const draft = shallowRef<PlanningRules>(now.value)
  watch(now, (fresh) => { draft.value = fresh })
  const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(now.value))

  const others = computed(() =>
    stored.value.filter(r => r.scope !== scope.value.scope || r.scopeId !== scope.value.scopeId)
  )
  const drafted = computed((): RulesLayer => ({ ...scope.value, rules: draft.value }))
  /** Layers wider than the scope: what holds where nothing is settled here. A phase is looked at for itself. */
  const wider = computed(() =>
    others.value.filter(r => r.scope === 'organisation' && scope.value.scope !== 'organisation')
  )
  const inherited = computed(() => weekRules(wider.value, startsOn.value).policy)
  const asHolding = (layer: RulesLayer): RulesLayer => (layer.scope === 'phase' ? { ...layer, scope: 'group' } : layer)
  const lines = computed(() => policyChanges(
    weekRules([...wider.value, asHolding({ ...scope.value, rules: now.value })], startsOn.value).policy,
    weekRules([...wider.value, asHolding(drafted.value)], startsOn.value).policy,
  ))

  /** What a proposal of one athlete's week would become. */
  function differenceFor(sheet: WeekSheet, catalogue: Catalogue) {
    const { athlete, week, competitions, settled, previousPlan } = sheet
    const sessions = week.plan.sessions.map(session => ({ ...session, items: [] }))
    const asSettled = settled.layers.filter(l => l.scope !== scope.value.scope || l.scopeId !== scope.value.scopeId)
    const planFor = (rules: PlanningRules): { plan: WeekPlan, ledger: ReturnType<typeof weekLedger> } => {
      const context = planningContext(athlete, week.startsOn, competitions, catalogue, {
        ...settled, layers: [...asSettled, asHolding({ ...scope.value, rules })],
      })
      const { plan } = proposeWeek({ context, sessions }, { before: previousPlan })
      return { plan, ledger: weekLedger(plan, weeklyTargets({ ...context, sessions: sessions.length }), context) }
    }
    return comparePlans(planFor(now.value), planFor(draft.value), catalogue)
  }

  return { now, draft, changed, inherited, lines, differenceFor }
}
