import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { EntryInput } from '~~/shared/types'
import {
  changedEntries, isChanged, NOTHING_CHANGED, said, titleOf, withEntry, withMoved, withoutEntry, withPinToggled,
} from './draftedChange'

const entry = (id: string, day: string, name = `Regatta ${id}`): EntryInput =>
  ({ id, day, lastDay: day, name, kind: 'competition' } as unknown as EntryInput)
const stored = [entry('a', '2026-05-02'), entry('b', '2026-06-06')]
const days = (entries: readonly EntryInput[]): string[] => entries.map(e => `${e.id} ${e.day}`)

describe('a change of a season', () => {
  it('is none at first, has no title, and leaves the calendar as it is', () => {
    expect([isChanged(NOTHING_CHANGED), titleOf(NOTHING_CHANGED), days(changedEntries(stored, NOTHING_CHANGED))])
      .toEqual([false, '', ['a 2026-05-02', 'b 2026-06-06']])
  })

  it('moves an entry, says from where to where, and is gone when it is moved back', () => {
    const moved = withMoved(NOTHING_CHANGED, stored, 'a', 7)
    expect(days(changedEntries(stored, moved))).toEqual(['a 2026-05-09', 'b 2026-06-06'])
    expect(titleOf(moved)).toBe('Regatta a moves from 2 May to 9 May')
    const twice = withMoved(moved, stored, 'a', 7)
    expect(titleOf(twice)).toBe('Regatta a moves from 2 May to 16 May')
    const back = withMoved(twice, stored, 'a', -14)
    expect([isChanged(back), titleOf(back)]).toEqual([false, ''])
  })

  it('puts a new one in the order of days; called off it is gone without a word', () => {
    const put = withEntry(NOTHING_CHANGED, entry('c', '2026-05-20'), 'A regatta more')
    expect(days(changedEntries(stored, put))).toEqual(['a 2026-05-02', 'c 2026-05-20', 'b 2026-06-06'])
    const off = withoutEntry(put, stored, 'c')
    expect([days(changedEntries(stored, off)), off.cancel]).toEqual([['a 2026-05-02', 'b 2026-06-06'], []])
  })

  it('calls a stored one off, and takes it back when it is put again', () => {
    const off = withoutEntry(NOTHING_CHANGED, stored, 'b')
    expect([days(changedEntries(stored, off)), titleOf(off)]).toEqual([['a 2026-05-02'], 'Regatta b is called off'])
    expect(days(changedEntries(stored, withEntry(off, entry('b', '2026-06-07'), 'Back'))))
      .toContain('b 2026-06-07')
  })

  it('moves and calls off nothing that is not there, nor by no days', () => {
    expect(withMoved(NOTHING_CHANGED, stored, 'x', 3)).toBe(NOTHING_CHANGED)
    expect(withMoved(NOTHING_CHANGED, stored, 'a', 0)).toBe(NOTHING_CHANGED)
    expect(isChanged(withoutEntry(NOTHING_CHANGED, stored, 'x'))).toBe(false)
  })

  it('is named by its last four words, each once', () => {
    const all = ['a', 'b', 'c', 'd', 'b', 'e'].reduce(said, NOTHING_CHANGED)
    expect(titleOf(all)).toBe('c; d; b; e')
  })

  it('with every pin toggled twice is no change', () => {
    const days = fc.uniqueArray(fc.nat(60), { maxLength: 8 })
    fc.assert(fc.property(days, days, (pins, toggled) => {
      const once = toggled.reduce((edits, day) => withPinToggled(edits, pins, day), NOTHING_CHANGED)
      const twice = toggled.reduce((edits, day) => withPinToggled(edits, pins, day), once)
      expect(isChanged(once)).toBe(toggled.length > 0)
      expect(isChanged(twice)).toBe(false)
    }))
  })
})
