import { describe, expect, it } from 'vitest'
import { threeWay, type Choices } from '~~/core/merge'
import { AppError } from '~~/shared/errors'
import { useVersionedEdit, type Clash } from './useVersionedEdit'

interface Counts { readonly band: number, readonly mat: number }
interface Stored { readonly version: number, readonly counts: Counts }

/** A server that keeps one thing; `meanwhile` are writes of others that come before ours. */
function server(first: Counts, meanwhile: readonly Counts[] = []) {
  let stored: Stored = { version: 1, counts: first }
  const others = [...meanwhile]
  const edit = useVersionedEdit<Counts, Stored>(
    (counts, version) => {
      const other = others.shift()
      if (other) stored = { version: stored.version + 1, counts: other }
      if (version !== stored.version)
        return Promise.reject(new AppError('changedElsewhere', 'Changed.', undefined, stored))
      stored = { version: version + 1, counts }
      return Promise.resolve()
    },
    (start, mine, { version, counts }): Clash<Counts> => {
      const fields = [{ ...start }, { ...mine }, { ...counts }] as const
      return {
        who: 'Tobin Kelp', version, theirs: counts, others: [],
        rows: threeWay(...fields).conflicts.map(key => ({ key, what: key, mine: '', theirs: '' })),
        chosen: (choices: Choices) => threeWay(...fields, choices).merged as unknown as Counts,
      }
    },
  )
  return { ...edit, stored: () => stored.counts }
}

describe('an edit of something that others edit too', () => {
  it('is stored', async () => {
    const { save, stored } = server({ band: 1, mat: 1 })
    expect(await save({ band: 2, mat: 1 }, { band: 1, mat: 1 }, 1)).toBe(true)
    expect(stored()).toEqual({ band: 2, mat: 1 })
  })

  it('takes in what does not clash, of a second and a third', async () => {
    const start = { band: 1, mat: 1 }
    const { save, stored, clash } = server(start, [{ band: 1, mat: 5 }, { band: 1, mat: 6 }])
    expect(await save({ band: 2, mat: 1 }, start, 1)).toBe(true)
    expect([stored(), clash.value]).toEqual([{ band: 2, mat: 6 }, null])
  })

  it.each([['mine', 2], ['theirs', 7]] as const)('asks where both changed one field: %s', async (side, band) => {
    const start = { band: 1, mat: 1 }
    const { save, choose, stored, clash } = server(start, [{ band: 7, mat: 3 }])
    expect(await save({ band: 2, mat: 1 }, start, 1)).toBe(false)
    expect(clash.value?.rows.map(row => row.key)).toEqual(['band'])
    expect(await choose({ band: side })).toBe(true)
    expect([stored(), clash.value]).toEqual([{ band, mat: 3 }, null])
  })

  it('asks again where somebody else came first once more', async () => {
    const start = { band: 1, mat: 1 }
    const { save, choose, stored, clash } = server(start, [{ band: 7, mat: 1 }, { band: 8, mat: 1 }])
    await save({ band: 2, mat: 1 }, start, 1)
    expect(await choose({ band: 'mine' })).toBe(false)
    expect(await choose({ band: 'mine' })).toBe(true)
    expect([stored().band, clash.value]).toEqual([2, null])
  })

  it('tells any other trouble', async () => {
    const { save } = useVersionedEdit<Counts, Stored>(() => Promise.reject(new Error('down')), () => {
      throw new Error('not asked')
    })
    await expect(save({ band: 2, mat: 1 }, { band: 1, mat: 1 }, 1)).rejects.toThrow('down')
  })

  it('has nothing to choose where nothing clashes', async () => {
    expect(await server({ band: 1, mat: 1 }).choose({})).toBe(false)
  })
})
