import { activationEasy } from './activationEasy'
import { competitionDay } from './competitionDay'
import { dayAfter } from './dayAfter'
import { dayBefore } from './dayBefore'
import { heavyLiftFirst } from './heavyLiftFirst'
import { lock } from './lock'
import { nothingNew } from './nothingNew'
import { pairing } from './pairing'
import { phaseNew } from './phaseNew'
import { placeSuits } from './placeSuits'
import { policy } from './policy'
import { seasonDay } from './seasonDay'
import { supervision } from './supervision'
import { within48h } from './within48h'
import { youngAlone } from './youngAlone'

/** Every rule about one drill at one place; none of them looks at the session's other trunk work. */
export const PLACE_RULES = [
  youngAlone, competitionDay, dayBefore, within48h, nothingNew, dayAfter, seasonDay, phaseNew, supervision, lock,
  policy, activationEasy, placeSuits, heavyLiftFirst, pairing,
] as const
export type PlaceRuleId = (typeof PLACE_RULES)[number]['id']
