import type { BodySize } from '../anatomy'
import { evaluate, findModel, type Evaluation } from '../mechanics'

export const MAN: BodySize = { sex: 'male', heightM: 1.8, massKg: 80 }

/** A pose of a body, with some settings moved. */
export function posed(id: string, settings: Readonly<Record<string, number>> = {}, size: BodySize = MAN): Evaluation {
  const model = findModel(id)
  if (!model) throw new Error(`There is no pose ${id}.`)
  return evaluate(model, size, settings)
}

/** The largest moments of a pose as one setting goes through some values. */
export const along = (
  id: string, name: string, values: readonly number[], rest: Readonly<Record<string, number>> = {},
): number[] => values.map(value => Math.abs(posed(id, { ...rest, [name]: value }).dominantNm))
