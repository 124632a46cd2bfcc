import { expect, it, vi } from 'vitest'
import { useTakenIn } from './useTakenIn'

const two = (undo: (() => Promise<unknown>) | null) => () =>
  Promise.resolve({ text: 'Taken in: 2.', undo, undone: '2 count no more.' })

it('what a table brought in is said and can be taken back once', async () => {
  const [load, undone] = [vi.fn(() => Promise.resolve()), vi.fn(() => Promise.resolve())]
  const { said, last, take, undo } = useTakenIn(load)
  await take(two(undone))
  expect([said.value, last.value !== null]).toEqual(['Taken in: 2.', true])
  await undo()
  await undo()
  expect([said.value, last.value]).toEqual(['2 count no more.', null])
  expect([load.mock.calls.length, undone.mock.calls.length]).toEqual([2, 1])
})

it('where nothing came in there is nothing to take back, and a refusal says why', async () => {
  const { said, last, problem, take } = useTakenIn(() => Promise.resolve())
  await take(two(null))
  expect([said.value, last.value]).toEqual(['Taken in: 2.', null])
  await take(() => Promise.resolve(undefined))
  expect(said.value).toBe('')
  await take(() => Promise.reject(new Error('1500 rows at a time: split the file.')))
  expect([said.value, problem.value]).toEqual(['', '1500 rows at a time: split the file.'])
})
