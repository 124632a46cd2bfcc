import { beforeEach, expect, it } from 'vitest'
import { keep, keepFor } from '~/device/kept'
import { blankAthlete, useAthleteForm } from './useAthleteForm'

beforeEach(() => {
  localStorage.clear()
  keepFor('coach')
})

it('goes on with what an earlier release kept, in which a field was missing', () => {
  const stored = { ...blankAthlete(), name: 'Ilse Tarn', stands: ['side-plank.feet'] }
  const { stands: _, ...earlier } = stored
  keep('draft/athlete', {
    version: 1, start: earlier, words: { ...earlier, name: 'Ilse Tarn-Holm' },
    typed: { height: '170', mass: '64', birthYear: '2000', trainingAge: '3', minutes: ['60', '', '', '', '', '', ''] },
  })
  const form = useAthleteForm(stored, { mass: 'kg', length: 'cm' }, 'draft/athlete', 1)
  expect([form.value.value.name, form.value.value.stands]).toEqual(['Ilse Tarn-Holm', ['side-plank.feet']])
})
