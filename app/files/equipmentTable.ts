import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { readWeights } from '~/words/weightsText'
import { numberIn, oneOfWords, type ImportField } from './tableImport'

/** One line of what stands in a gym. */
export interface EquipmentRow {
  readonly equipment: Equipment
  readonly count: number
  readonly weights: readonly number[]
}

/** Columns of equipment: its name, how many there are, and what they weigh in kilograms or pull in newtons. */
export const equipmentFields: ImportField<EquipmentRow>[] = [
  {
    key: 'equipment', label: 'Equipment', also: ['name', 'implement'], required: true,
    read: oneOfWords(EQUIPMENT, 'The equipment'),
  },
  {
    key: 'count', label: 'Count', also: ['number', 'how many'], required: true,
    read: (text) => {
      const count = numberIn(text)
      return Number.isInteger(count) && count >= 0 && count <= 500
        ? { value: count }
        : { problem: 'A whole number from 0 to 500.' }
    },
  },
  { key: 'weights', label: 'Weights', also: ['kg', 'pulls', 'n'], required: false, read: readWeights },
]
