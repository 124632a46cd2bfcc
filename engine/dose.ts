import { findVariation } from '../core/catalogue'
import {
  checkDose, doseSessionS, formatDose, momentTime, sameWork, setSeconds, timeUnderTensionS, workInWords,
} from '../core/dose'
import { DomainError } from '../core/errors'
import { doseSchema } from './schemas/mechanics'
import { read, type Input } from './schemas/read'

/** Time under tension, session time, equal work in another form, and a comparison in words. */
export function dose(input: Input): unknown {
  const { dose: given, as, before, extraSetSide, momentNm, when, ...rest } = read(doseSchema, input)
  for (const one of [given, ...(before ? [before] : []), ...(as ? [{ ...as, sets: 1 }] : [])]) checkDose(one)
  const variation = rest.variation === undefined ? null : findVariation(rest.variation)
  if (variation === undefined) throw new DomainError('variation', 'There is no such variation.')
  const sides = variation?.sides ?? rest.sides
  const tensionS = timeUnderTensionS(given, sides, extraSetSide)
  const byActionS = variation && Object.fromEntries(
    Object.entries(variation.shares).map(([action, share]) => [action, Number((tensionS * share).toFixed(3))]),
  )
  return {
    text: formatDose(given, sides), setS: setSeconds(given), timeUnderTensionS: tensionS,
    sessionS: doseSessionS(given, sides, extraSetSide),
    ...(byActionS ? { byActionS } : {}),
    ...(momentNm === undefined ? {} : { momentTimeNms: momentTime(given, sides, momentNm, extraSetSide) }),
    ...(as ? { sameWork: sameWork(given, as) } : {}),
    ...(before ? { inWords: workInWords(tensionS, timeUnderTensionS(before, sides), when) } : {}),
  }
}
