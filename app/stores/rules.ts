import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { NO_RULES, type PlanningRules, type RuleScope } from '~~/core/policy'
import { AppError } from '~~/shared/errors'
import type { StoredRules } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as api from '~/api/planning'

/** What is settled for planning, everywhere in sight. */
export const useRulesStore = defineStore('rules', () => {
  const all = shallowRef<readonly StoredRules[]>([])
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      all.value = await api.fetchRules()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  const find = (scope: RuleScope, scopeId: string): StoredRules | null =>
    all.value.find(r => r.scope === scope && r.scopeId === scopeId) ?? null

  /** Settles a scope anew. When somebody else settled it first, theirs is shown and nothing of it is overwritten. */
  async function save(
    scope: RuleScope, scopeId: string, change: (rules: PlanningRules) => PlanningRules,
  ): Promise<void> {
    const now = find(scope, scopeId)
    try {
      all.value = await api.saveRules({
        scope, scopeId, version: now?.version ?? 0, rules: change(now?.rules ?? NO_RULES),
      })
    }
    catch (error) {
      if (error instanceof AppError && error.code === 'changedElsewhere' && error.current)
        all.value = error.current as StoredRules[]
      throw error
    }
  }

  return { all, state, problem, load, find, save }
})
