import { expect, it } from 'vitest'
import { ref } from 'vue'
import { useChosenTable } from './useChosenTable'

/** A person chooses a file in the field. */
function chosen(text: string, size = text.length) {
  const input = document.createElement('input')
  const file = Object.assign(new File([text], 'tests.csv'), { text: () => Promise.resolve(text) })
  Object.defineProperty(file, 'size', { value: size })
  Object.defineProperty(input, 'files', { value: [file] })
  return { target: input } as unknown as Event
}

it('a table is read; one that is too large is a problem, and what stood there before is gone', async () => {
  const problem = ref('')
  const { file, choose } = useChosenTable(problem)
  await choose(chosen('athlete,value\nIlse Tarn,62\n'))
  expect(file.value).toMatchObject({ name: 'tests.csv', table: { headings: ['athlete', 'value'] } })
  await choose(chosen('name\n', 900_001))
  expect([file.value, problem.value]).toEqual([null, 'This file is too large: 900 kB at most.'])
  await choose(chosen('name\nIlse Tarn\n'))
  expect([file.value?.table.headings, problem.value]).toEqual([['name'], ''])
})
