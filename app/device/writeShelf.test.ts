import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { reactive } from 'vue'
import { answerOfToday, forgetAnswers, keepAnswer } from './answers'
import { database } from './database'
import { keep, keepFor, kept } from './kept'
import type { Write } from './write'
import { deviceShelf } from './writeShelf'

const aWrite = (id: string): Write => ({ id, key: id, label: 'A set', method: 'POST', path: '/api/logs', body: { id } })
const idsThere = async (): Promise<string[]> => (await deviceShelf.all()).map(write => write.id)

beforeEach(async () => {
  for (const person of ['bram', 'jorun']) {
    keepFor(person)
    for (const id of await idsThere()) await deviceShelf.drop(id)
  }
  keepFor('bram')
})

describe('the shelf of a device', () => {
  it('holds writes in the order they were put there, whatever their names, until they are dropped', async () => {
    for (const id of ['c', 'a', 'b']) await deviceShelf.put(aWrite(id))
    expect(await idsThere()).toEqual(['c', 'a', 'b'])
    await deviceShelf.drop('a')
    await deviceShelf.drop('never there')
    expect(await idsThere()).toEqual(['c', 'b'])
  })

  it('holds what a page watches as it will be sent', async () => {
    await deviceShelf.put({ ...aWrite('a'), body: reactive({ logs: [{ setting: { loadKg: 12 } }] }) })
    expect((await deviceShelf.all())[0]!.body).toEqual({ logs: [{ setting: { loadKg: 12 } }] })
  })

  it('changes a write in its place', async () => {
    await deviceShelf.put(aWrite('a'))
    await deviceShelf.put(aWrite('b'))
    await deviceShelf.put({ ...aWrite('a'), problem: 'No.' })
    expect(await deviceShelf.all()).toEqual([{ ...aWrite('a'), problem: 'No.' }, aWrite('b')])
  })

  it('holds the writes of each person apart', async () => {
    await deviceShelf.put(aWrite('a'))
    keepFor('jorun')
    await deviceShelf.put(aWrite('b'))
    expect(await idsThere()).toEqual(['b'])
    keepFor('bram')
    expect(await idsThere()).toEqual(['a'])
  })

  it('takes over what an earlier release kept by name, in its order', async () => {
    keep('write/1', aWrite('1'))
    keep('write/2', aWrite('2'))
    expect(await idsThere()).toEqual(['1', '2'])
    expect([kept('write/1'), kept('write/2')]).toEqual([null, null])
    expect(await idsThere()).toEqual(['1', '2'])
  })
})

describe('a write on its way to the disk', () => {
  const onTheWay = (id: string): unknown => kept(`write/${id}`)

  it('lies by name from the first moment, and no longer than that', async () => {
    const put = deviceShelf.put(aWrite('a'))
    expect(onTheWay('a')).toEqual(aWrite('a'))
    await put
    expect(onTheWay('a')).toBeNull()
  })

  it('leaves the name of whoever made it, whoever is there by then', async () => {
    const put = deviceShelf.put(aWrite('a'))
    keepFor('jorun')
    await put
    keepFor('bram')
    expect(onTheWay('a')).toBeNull()
  })

  it('does not come back when it was dropped meanwhile', async () => {
    const put = deviceShelf.put(aWrite('a'))
    const looked = deviceShelf.all()
    const dropped = deviceShelf.drop('a')
    expect(onTheWay('a')).toBeNull()
    await Promise.all([put, looked, dropped])
    expect(await idsThere()).toEqual([])
  })

  it('waits by name when the database has no room for it', async () => {
    const db = await database()
    const transaction = vi.spyOn(db, 'transaction').mockImplementation(() => { throw new Error('No room.') })
    await expect(deviceShelf.put(aWrite('a'))).rejects.toThrow('No room.')
    transaction.mockRestore()
    expect(onTheWay('a')).toEqual(aWrite('a'))
    await deviceShelf.drop('a')
    expect(onTheWay('a')).toBeNull()
  })
})

describe('answers of today', () => {
  it('are there for whoever read them, until somebody forgets them all', async () => {
    await keepAnswer('/api/day', { day: 1 })
    expect((await answerOfToday('/api/day'))!.answer).toEqual({ day: 1 })
    keepFor('jorun')
    expect(await answerOfToday('/api/day')).toBeNull()
    keepFor('bram')
    await forgetAnswers()
    expect(await answerOfToday('/api/day')).toBeNull()
  })

  it('are of no use tomorrow', async () => {
    await keepAnswer('/api/day', {})
    const now = Date.now
    Date.now = () => now() + 25 * 3600_000
    try {
      expect(await answerOfToday('/api/day')).toBeNull()
    }
    finally {
      Date.now = now
    }
  })
})
