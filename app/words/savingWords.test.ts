import { expect, it } from 'vitest'
import { savingText } from './savingWords'

it('says when it was stored, that it is new, or what keeps it from being stored', () => {
  expect(savingText('stored', new Date(2026, 2, 4, 9, 5), 3)).toMatch(/^Stored .*9.05/)
  expect([savingText('stored', null, 0), savingText('stored', null, 3)]).toEqual(['New week', 'Stored'])
  expect(savingText('noConnection', null, 3)).toBe('No connection: kept here')
  expect(savingText('choose', new Date(), 3)).toBe('Waiting for your choice')
})
