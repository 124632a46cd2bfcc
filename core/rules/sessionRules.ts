import { ladderOnce } from './ladderOnce'
import { onceASession } from './onceASession'
import { placeItems } from './placeItems'
import { restsOfLift } from './restsOfLift'
import { sessionItems } from './sessionItems'
import { sessionMinutes } from './sessionMinutes'
import { trunkMinutes } from './trunkMinutes'

/** Every rule about a session as a whole. */
export const SESSION_RULES = [
  onceASession, ladderOnce, placeItems, sessionItems, restsOfLift, trunkMinutes, sessionMinutes,
] as const
export type SessionRuleId = (typeof SESSION_RULES)[number]['id']
