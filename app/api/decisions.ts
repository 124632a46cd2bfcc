import type { DecisionInput, DecisionsAnswer, DecisionTray } from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchDecisions = (): Promise<DecisionTray> => call('/api/decisions')
export const sendDecisions = (decisions: readonly DecisionInput[]): Promise<DecisionsAnswer> =>
  write('Decisions', 'POST', '/api/decisions', { decisions })
export const undoDecision = (id: string): Promise<DecisionTray> =>
  write('Taking a decision back', 'POST', '/api/decisions/undo', { id })
