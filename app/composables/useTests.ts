import { computed, type ComputedRef } from 'vue'
import type { Tests } from '~~/core/assessment'
import { useTestsStore } from '~/stores/tests'

/** The tests this organisation chooses from: ours with its own. */
export function useTests(): ComputedRef<Tests> {
  const store = useTestsStore()
  return computed(() => store.tests)
}
