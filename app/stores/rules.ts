import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { NO_RULES, type PlanningRules, type RuleScope } from '~~/core/policy'
import { storedFirst } from '~~/shared/errors'
import type { StoredRules, WeekSheet } from '~~/shared/types'
import * as api from '~/api/planning'
import { fetchWeek } from '~/api/weeks'
import { reading } from './parts/reading'

/** What is settled for planning, everywhere in sight. */
export const useRulesStore = defineStore('rules', () => {
  const all = shallowRef<readonly StoredRules[]>([])
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    all.value = await api.fetchRules()
  })

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
      all.value = storedFirst<StoredRules[]>(error) ?? all.value
      throw error
    }
  }

  /** A week to show a change on. */
  const exampleOf = (athleteId: string, monday: string): Promise<WeekSheet> => fetchWeek(athleteId, monday)

  return { all, exampleOf, state, problem, again, load, find, save }
})
