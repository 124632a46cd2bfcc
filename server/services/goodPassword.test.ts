import { describe, expect, it } from 'vitest'
import { mustBeGood } from './goodPassword'

const person = { name: 'Runa Skerry', email: 'runa.skerry@skerry.example' }
const refused = (password: string): Promise<string | null> =>
  mustBeGood(password, person, 'next').then(() => null, (error: { fields: Record<string, string> }) =>
    error.fields.next ?? null)

describe('a new password', () => {
  it.each([
    'qwertyuiop', 'password12345', '!!Football2026!!', '1234567890', 'abcabcabcabc', 'aaaaaaaaaaaa', '---------9999',
    'dragondragon',
  ])('%s is among the first that are tried', async (password) => {
    expect(await refused(password)).toMatch(/first that are tried/)
  })

  it.each(['Runa Skerry', 'runaskerry', 'runa.skerry@skerry.example', 'Runa.Skerry1'])(
    '%s is the own name', async (password) => {
      expect(await refused(password)).toMatch(/own name/)
    })

  it.each(['strand and keel', 'long enough here', 'kelp over 9 rocks', 'ünter dem Steg!', '海の上の長い橋を渡る人'])(
    '%s is taken', async (password) => {
      expect(await refused(password)).toBeNull()
    })
})
