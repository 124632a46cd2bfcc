import { computed } from 'vue'
import type { DecisionInput, DecisionsAnswer, DecisionTray } from '~~/shared/types'
import { call } from './call'
import { waitingWrites, write } from './writes'

const PATH = '/api/decisions'

/** Decisions on their way to the server. */
export const decisionsWaiting = computed(() => waitingWrites.value.filter(({ path }) => path === PATH)
  .flatMap(({ body }) => (body as { decisions: readonly DecisionInput[] }).decisions))

export const fetchDecisions = (squad: string | null): Promise<DecisionTray> =>
  call(squad ? `${PATH}?group=${squad}` : PATH)
export const sendDecisions = (decisions: readonly DecisionInput[]): Promise<DecisionsAnswer> =>
  write('Decisions', 'POST', PATH, { decisions })
export const undoDecision = (id: string): Promise<Pick<DecisionTray, 'taken'>> =>
  write('Taking a decision back', 'POST', '/api/decisions/undo', { id })
