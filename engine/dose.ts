import { findVariation, TRUNK_ACTIONS } from '../core/catalogue'
import {
  checkDose, DOSE_UNITS, doseSessionS, formatDose, momentTime, sameWork, setSeconds, timeUnderTensionS, workInWords,
  type Dose, type Side, type Sides,
} from '../core/dose'
import { DomainError } from '../core/errors'
import { number, object, oneOf, type Input } from './input'

function doseOf(input: Input): Dose {
  const dose: Dose = {
    sets: number(input, 'sets'), amount: number(input, 'amount'), unit: oneOf(input, 'unit', DOSE_UNITS),
    restS: input.restS === undefined ? 0 : number(input, 'restS'),
    ...(input.tempo === undefined ? {} : { tempo: String(input.tempo) }),
  }
  checkDose(dose)
  return dose
}

/** Time under tension, session time, equal work in another form, and a comparison in words. */
export function dose(input: Input): unknown {
  const given = doseOf(object(input, 'dose'))
  const variation = input.variation === undefined ? null : findVariation(String(input.variation))
  if (variation === undefined) throw new DomainError('variation', 'There is no such variation.')
  const sides: Sides = variation?.sides
    ?? (input.sides === undefined ? 'both' : oneOf<Sides>(input, 'sides', ['both', 'each']))
  const extra: Side | null = input.extraSetSide === undefined
    ? null
    : oneOf<Side>(input, 'extraSetSide', ['left', 'right'])
  const tensionS = timeUnderTensionS(given, sides, extra)
  const answer: Record<string, unknown> = {
    text: formatDose(given, sides), setS: setSeconds(given), timeUnderTensionS: tensionS,
    sessionS: doseSessionS(given, sides, extra),
  }
  if (variation) {
    answer.byActionS = Object.fromEntries(
      TRUNK_ACTIONS.filter(a => variation.shares[a]).map(
        a => [a, Number((tensionS * variation.shares[a]!).toFixed(3))]
      ),
    )
  }
  if (input.momentNm !== undefined) answer.momentTimeNms = momentTime(given, sides, number(input, 'momentNm'), extra)
  if (input.as !== undefined) {
    const { sets: _, ...as } = doseOf({ ...object(input, 'as'), sets: 1 })
    answer.sameWork = sameWork(given, as)
  }
  if (input.before !== undefined) {
    const before = doseOf(object(input, 'before'))
    answer.inWords = workInWords(tensionS, timeUnderTensionS(before, sides), String(input.when ?? 'before'))
  }
  return answer
}
