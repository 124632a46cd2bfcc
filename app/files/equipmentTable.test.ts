import { expect, it } from 'vitest'
import { equipmentFields } from './equipmentTable'
import { matchColumns, readRows } from './tableImport'
import { readTable } from './tableFile'

it('reads what stands in a gym, with ranges of weights, and says what cannot be read', async () => {
  const { headings, rows } = await readTable(
    'Implement;How many;Weights\nKettlebells;16;4-24 by 4\nband;8;60, 80\nsofa;1;\nDumbbells;x;many\n',
  )
  const read = readRows(rows, equipmentFields, matchColumns(headings, equipmentFields, {}))
  expect(read.map(({ row }) => row)).toEqual([
    { equipment: 'kettlebell', count: 16, weights: [4, 8, 12, 16, 20, 24] },
    { equipment: 'band', count: 8, weights: [60, 80] }, null, null,
  ])
  expect(Object.keys(read[3]!.problems)).toEqual(['count', 'weights'])
})
