import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { database } from './database'
import { keep, keepFor, kept, lockOpen } from './kept'
import { locked, lockWith, unlocked } from './lock'
import type { Write } from './write'
import { deviceShelf } from './writeShelf'

const keyOf = (seed: number): string => btoa(String.fromCharCode(...new Uint8Array(32).fill(seed)))
const BRAM = keyOf(7)
const JORUN = keyOf(9)
const aWrite: Write = { id: 'a', key: 'a', label: 'A set', method: 'POST', path: '/api/logs', body: { reps: 8 } }

beforeEach(() => {
  localStorage.clear()
  keepFor(null)
})

describe('what is locked', () => {
  it('opens with its key and with no other, and never twice looks the same', () => {
    fc.assert(fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (text) => {
      lockWith(BRAM)
      const [one, other] = [locked(text), locked(text)]
      expect(one).not.toBe(other)
      expect(unlocked(one)).toBe(text)
      lockWith(JORUN)
      expect(unlocked(one)).toBeNull()
      lockWith(null)
      expect(unlocked(one)).toBeNull()
    }))
  })

  it('was not changed by anybody', () => {
    lockWith(BRAM)
    const text = locked('{"a":1}')
    const at = text.length - 6
    const changed = text.slice(0, at) + (text[at] === 'A' ? 'B' : 'A') + text.slice(at + 1)
    expect(unlocked(changed)).toBeNull()
    expect(unlocked('locked:%%%')).toBeNull()
  })
})

describe('a shared tablet', () => {
  it('shows nobody what somebody else typed, and the owner all of it', () => {
    keepFor('bram', BRAM)
    keep('draft/athlete', { name: 'Ana Holm', flags: ['lowBack'] })
    expect(JSON.stringify({ ...localStorage })).not.toMatch(/Ana|lowBack/)
    // Even under the other's name: without the key it is nothing.
    keepFor('bram', JORUN)
    expect(kept('draft/athlete')).toBeNull()
    keepFor('bram', BRAM)
    expect(kept('draft/athlete')).toEqual({ name: 'Ana Holm', flags: ['lowBack'] })
  })

  it('keeps writes that wait locked, and offers them to their owner only', async () => {
    keepFor('bram', BRAM)
    await deviceShelf.put(aWrite)
    expect(JSON.stringify(await (await database()).getAll('writes'))).not.toContain('/api/logs')
    keepFor('bram', JORUN)
    expect(await deviceShelf.all()).toEqual([])
    keepFor('jorun', JORUN)
    expect(await deviceShelf.all()).toEqual([])
    keepFor('bram', BRAM)
    expect(await deviceShelf.all()).toEqual([aWrite])
    await deviceShelf.drop('a')
  })

  it('locks what an earlier release left in the open as soon as its owner is here', () => {
    keepFor('bram')
    keep('draft/note', 'Ana')
    keepFor('bram', BRAM)
    lockOpen()
    expect(JSON.stringify({ ...localStorage })).not.toContain('Ana')
    expect(kept('draft/note')).toBe('Ana')
  })
})
