import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed } from 'vue'
import { AppError } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import * as athletes from '~/api/athletes'
import { useAthleteActs } from './useAthleteActs'

vi.mock('~/api/athletes', async original => ({
  ...await original<object>(), inviteAthlete: vi.fn(), archiveAthlete: vi.fn(),
}))
const api = vi.mocked(athletes)
const athlete = { id: 'a', name: 'Ilse Tarn' } as Athlete

describe('what is done to an athlete', () => {
  beforeEach(() => setActivePinia(createPinia()))
  const acts = () => useAthleteActs(computed(() => athlete))

  it('an address that is none is said beside it, and nobody is asked', async () => {
    const { giving, invite } = acts()
    await invite('ilse')
    expect([Object.keys(giving.fields), giving.busy]).toEqual([['email'], false])
    expect(api.inviteAthlete).not.toHaveBeenCalled()
  })

  it('what the server says of the address stands beside it; inviting twice is one account', async () => {
    api.inviteAthlete.mockRejectedValue(new AppError('badInput', 'Taken.', { email: 'Somebody signs in with it.' }))
    const { giving, invite } = acts()
    await invite('ilse@larkholm.example')
    expect([giving.fields, giving.problem]).toEqual([{ email: 'Somebody signs in with it.' }, ''])
    await invite('ilse@larkholm.example')
    const keys = api.inviteAthlete.mock.calls.map(([, invitation]) => invitation.id)
    expect([keys.length, new Set(keys).size]).toEqual([2, 1])
  })

  it('an archiving that fails is said', async () => {
    api.archiveAthlete.mockRejectedValue(new Error('No line.'))
    const { problem, archive } = acts()
    await archive(true)
    expect(problem.value).toBe('No line.')
  })
})
